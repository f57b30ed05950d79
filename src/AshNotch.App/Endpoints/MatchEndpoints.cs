using System.Security.Cryptography;
using System.Text.Json;
using AshNotch.App.Views;
using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Days of matches: before, while and after.</summary>
internal static class MatchEndpoints
{
    private const int MostLoose = 50;
    private const int MostNamed = 6;

    public static IEndpointRouteBuilder MapMatches(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/matches", All).WithName("matches");
        routes.MapGet("/api/matches/{id}", One).WithName("matchDay").ProducesProblem(404);
        routes.MapPut("/api/matches/{id}", Keep).WithName("keepMatchDay").ProducesValidationProblem().ProducesProblem(409);
        routes.MapDelete("/api/matches/{id}", Drop).WithName("dropMatchDay").ProducesProblem(404);
        return routes;
    }

    /// <summary>What is said of a match day in a list.</summary>
    public static MatchDayRow Row(MatchDay day, LogCache cache, DateOnly today)
    {
        List<LoggedRoll> matches = [.. cache.Log.Rolls.Where(r => day.Has(r.Roll))];
        return new MatchDayRow(
            day.Id,
            day.Name,
            day.Date,
            DaysTo.Say(day.Date, today),
            Division(day, cache),
            matches.Count,
            Came(matches, cache),
            Barred(day, cache)
        );
    }

    private static string? Barred(MatchDay day, LogCache cache)
    {
        var rules = day.RulesIn(cache.Rulebook);
        var who = Who(day, cache);
        List<string> barred =
        [
            .. cache.Vocabulary.Moves.Where(m => Allowed.Of(m, rules, who).Standing == AllowedStanding.Barred).Select(m => m.Name),
        ];
        return barred.Count == 0
            ? null
            : $"Barred for you there: {string.Join(", ", barred.Take(MostNamed))}{(barred.Count > MostNamed ? ", and others" : "")}.";
    }

    private static Competitor Who(MatchDay day, LogCache cache)
    {
        var me = cache.Log.Practitioner.On(day.Date);
        return Competitor.Of(day.Belt ?? me.Belt, day.Age ?? me.AgeDivision, day.Attire);
    }

    private static MatchesView All(LogCache cache, TimeProvider clock)
    {
        var today = clock.Today();
        var days = cache.Diary.Matches.Days;
        var me = cache.Log.Practitioner;
        return new MatchesView(
            [.. days.Where(d => d.Date >= today).Select(d => Row(d, cache, today))],
            [.. days.Where(d => d.Date < today).Reverse().Select(d => Row(d, cache, today))],
            [
                .. cache
                    .Log.Rolls.Reverse()
                    .Where(r => r.Roll.Kind == RollKind.Match && !days.Any(d => d.Has(r.Roll)))
                    .Take(MostLoose)
                    .Select(r => MatchRow.Of(r, cache)),
            ],
            new MatchDayDocument
            {
                Belt = me.Belt is { } belt ? Term.Of(belt) : null,
                AgeDivision = me.AgeDivision is { } age ? Term.Of(age) : null,
                Category = me.Category is { } category ? Term.Of(category) : null,
                Attire = Term.Of(Attire.Gi),
            },
            [
                .. from who in (MatchCategory[])[MatchCategory.Men, MatchCategory.Women]
                from attire in Enum.GetValues<Attire>()
                select new WeightClassView(
                    who,
                    attire,
                    [.. WeightClasses.Of(who, attire).Select(l => new WeightClassView.Limit(l, WeightWords.Say(l, me.Units)))]
                ),
            ],
            [.. cache.Rulebook.All.Select(r => new LedgerView.Choice(r.Id, r.Name))]
        );
    }

    private static Results<Ok<MatchDayView>, ProblemHttpResult> One(string id, LogCache cache, TimeProvider clock)
    {
        if (cache.Diary.Matches.Day(id) is not { } day)
            return NoDay();
        List<LoggedRoll> matches = [.. cache.Log.Rolls.Where(r => day.Has(r.Roll))];
        var me = cache.Log.Practitioner;
        var rules = day.RulesIn(cache.Rulebook);
        var mine = me.On(day.Date);
        var who = Who(day, cache);
        return TypedResults.Ok(
            new MatchDayView(
                MatchWriting.Document(day),
                Version(day),
                DaysTo.Say(day.Date, clock.Today()),
                Division(day, cache),
                rules.Id,
                rules.Name,
                rules.Source,
                day.MinutesBy(rules),
                WeightClasses.Fit(day, mine.WeightKg, kg => WeightWords.Say(kg, me.Units)),
                [.. rules.Barred.Where(b => b.Bars(who)).Select(b => $"{char.ToUpperInvariant(b.Why[0])}{b.Why[1..]}.")],
                [.. matches.Select(r => MatchRow.Of(r, cache))],
                Came(matches, cache)
            )
        );
    }

    private static Results<Ok<MatchDayView>, ProblemHttpResult> Keep(
        string id,
        string? version,
        MatchDayDocument asked,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        var check = new Checker();
        check.Id(id, "id");
        var day = MatchReading.Read(asked with { Id = id }, check, "");
        if (day.Rules is { } rules && cache.Rulebook.Match(rules, day.Attire) is null)
            check.Fault("rules", $"'{rules}' is not known here; choose others or make them under Rules.");
        check.ThrowIfFaulty();
        store.SaveMatchDay(day, version is null ? null : stands => Version(stands) == version);
        return One(id, cache, clock);
    }

    private static Results<NoContent, ProblemHttpResult> Drop(string id, LogStore store) =>
        store.DropMatchDay(id) ? TypedResults.NoContent() : NoDay();

    /// <summary>The division of a day, in words.</summary>
    public static string Division(MatchDay day, LogCache cache) => day.Division(kg => WeightWords.Say(kg, cache.Log.Practitioner.Units));

    private static string Came(List<LoggedRoll> matches, LogCache cache) =>
        MatchResult.Sum(matches.Select(m => MatchResult.Of(m.Roll, Ledger.Of(m.Roll, cache.Rulebook.Of(m), cache.Vocabulary))));

    // What it says, in short: another form of it has another.
    private static string Version(MatchDay day) =>
        Convert.ToHexStringLower(
            SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(MatchWriting.Document(day), LogJson.Default.MatchDayDocument))
        )[..16];

    /// <summary>The answer where a day is not there.</summary>
    public static ProblemHttpResult NoDay() =>
        TypedResults.Problem("There is no such match day; it may have been deleted.", statusCode: 404, title: "No such match day.");
}
