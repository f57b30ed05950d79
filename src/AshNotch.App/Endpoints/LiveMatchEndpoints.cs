using AshNotch.App.Views;
using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>A match as it goes on, scored press by press and kept when it is over.</summary>
internal static class LiveMatchEndpoints
{
    public static IEndpointRouteBuilder MapLiveMatch(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/matches/{id}/live", Live).WithName("liveMatch").ProducesProblem(404).ProducesValidationProblem();
        return routes;
    }

    private static Results<Ok<LiveView>, ProblemHttpResult> Live(
        string id,
        LiveAsked asked,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        if (cache.Diary.Matches.Day(id) is not { } day)
            return MatchEndpoints.NoDay();
        var check = new Checker();
        check.Id(asked.Roll, "roll");
        if (asked.Events.Count > Limits.MostNotches)
            check.Fault("events", $"more than {Limits.MostNotches} in one match.");
        foreach (var (one, i) in asked.Events.Select((e, i) => (e, i)))
            check.Number(one.At, "", check.Item("events", i) + ".at", 0, 60 * Limits.LongestMinutes, "seconds");
        check.Number(asked.Minutes, "", "minutes", 1, Limits.LongestMinutes, "minutes");
        if (asked.Keep && day.Date > RollIntake.LatestDay(clock))
            check.Fault("keep", $"{day.Date:yyyy-MM-dd} is still to come; change the day, or keep the match when it was.");
        var name = check.Name(asked.Opponent, "opponent");
        check.ThrowIfFaulty();
        var rules = day.RulesIn(cache.Rulebook);
        var roll = LiveMatch.In(
            day.Match(new Roll { Id = asked.Roll, Minutes = asked.Minutes }, rules, MatchEndpoints.Division(day, cache)),
            asked.Events.Select(e => new LiveEvent(e.By, e.For, e.How, RollTime.Of(e.At))),
            cache.Vocabulary
        );
        var left = asked.Elapsed is { } gone && roll.Minutes is { } minutes ? Math.Max(0, 60 * minutes - gone) : (double?)null;
        var ledger = Ledger.Of(roll, rules, cache.Vocabulary, two: null, left);
        var kept = asked.Keep ? Kept(roll, name, day, store, clock) : null;
        return TypedResults.Ok(
            new LiveView(
                ledger.State.Me.Points,
                ledger.State.Partner.Points,
                ledger.State.Me.Advantages,
                ledger.State.Partner.Advantages,
                ledger.State.Me.Penalties,
                ledger.State.Partner.Penalties,
                // While it goes on no referee decides.
                LedgerWords.Standing(ledger.By == DecidedBy.Referee ? ledger with { By = DecidedBy.None } : ledger),
                ledger.IsOver,
                [.. ledger.Lines.Reverse().Select(LedgerView.Line.Of)],
                LedgerWords.Flips(ledger),
                LeadWords.Of(ledger, cache.Lead),
                kept
            )
        );
    }

    private static string Kept(Roll roll, string? name, MatchDay day, LogStore store, TimeProvider clock)
    {
        var known = day.Opponents.FirstOrDefault(o => o.Opponent == name);
        var partner = name is null
            ? null
            : new Partner
            {
                Id = known?.Partner ?? "p-" + Guid.CreateVersion7().ToString("N"),
                Name = name,
                Belt = known?.Belt ?? day.Belt,
            };
        var met = partner is not null && store.Around([]).Partner(partner.Id) is null ? partner : null;
        store.Keep(
            new RollsToKeep
            {
                Rolls = [roll with { Partner = partner?.Id }],
                Session = new Session
                {
                    Id = "",
                    Date = day.Date,
                    Kind = SessionKind.Competition,
                    Attire = day.Attire,
                },
                Met = met is null ? [] : [met],
                Once = true,
            },
            clock.GetUtcNow()
        );
        return roll.Id;
    }
}
