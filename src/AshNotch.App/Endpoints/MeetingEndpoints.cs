using AshNotch.App.Views;
using AshNotch.Core.Drilling;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Whom one is about to meet, and met: before class, the ladder for the focus, strangers of a match day, rolls side by side.</summary>
internal static class MeetingEndpoints
{
    private const int MostPeople = 8;
    private const int HeedsEach = 2;
    private const double WorthNaming = 0.25;
    private const int MostBeside = 4;
    private const int MostHeeds = 4;

    public static IEndpointRouteBuilder MapMeetings(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/partners/{id}/side-by-side", SideBySide)
            .WithName("sideBySide")
            .ProducesProblem(404)
            .ProducesValidationProblem();
        routes.MapGet("/api/partner-ladder", Ladder).WithName("partnerLadder");
        routes.MapGet("/api/strangers", Stranger).WithName("stranger").ProducesProblem(404);
        routes.MapGet("/api/before-class", BeforeClass).WithName("beforeClass").ProducesValidationProblem();
        return routes;
    }

    private static async Task<BeforeClassView> BeforeClass(string? on, LogCache cache, TimeProvider clock)
    {
        var check = new Checker();
        var asked = check.Day(on, "", "on");
        check.ThrowIfFaulty();
        var log = cache.Log;
        var (dossiers, _) = await cache.DossiersInTime(wait: false);
        if ((asked ?? dossiers.Attendance.NextClass(clock.Today().AddDays(-1))) is not { } day)
            return new BeforeClassView(null, []);
        return new BeforeClassView(
            day,
            [
                .. dossiers
                    .Attendance.On(day)
                    .Where(c => c.Chance >= WorthNaming && log.Partner(c.Partner) is not null)
                    .Take(MostPeople)
                    .Select(c => new BeforeClassView.Person(
                        c.Partner,
                        log.Partner(c.Partner)!.Name,
                        BetweenWords.Likely(c.Chance),
                        [.. dossiers.Heed(log.Partner(c.Partner)!, HeedsEach).Select(h => HeedView.Of(h, cache.Vocabulary))],
                        [.. log.Partner(c.Partner)!.Owed.Where(o => o.IsOpen).Select(o => o.Text)]
                    )),
            ]
        );
    }

    // For the focus in force; for the first weak spot where there is none.
    private static async Task<LadderView?> Ladder(LogCache cache, TimeProvider clock)
    {
        var (ranking, _, _) = await cache.Gist(cache.Goal, wait: false);
        var focus = FocusInForce.Of(cache.Diary.Drills, clock.Today(), ranking, cache.Vocabulary)?.Focus.Way;
        if ((focus ?? (ranking.Spots is [var first, ..] ? first.Way : null)) is not { } way)
            return null;
        var ladder = PartnerLadder.Of(cache.Experience(default), way);
        return new LadderView(WayWords.AsWork(way, cache.Vocabulary), [.. ladder.Rungs.Select(LadderView.LadderRung.Of)], ladder.Missing);
    }

    private static async Task<Results<Ok<StrangerView>, ProblemHttpResult>> Stranger(string day, string opponent, LogCache cache)
    {
        var log = cache.Log;
        if (
            cache.Diary.Matches.Day(day) is not { } found
            || found.Opponents.FirstOrDefault(o => string.Equals(o.Opponent, opponent, StringComparison.OrdinalIgnoreCase))
                is not { } scouting
        )
            return TypedResults.Problem(
                "Nobody of that name is scouted for that day.",
                statusCode: StatusCodes.Status404NotFound,
                title: "No such opponent."
            );
        var (dossiers, _) = await cache.DossiersInTime(wait: false);
        var known =
            log.Partner(scouting.Partner)
            ?? new Partner
            {
                Id = $"stranger {opponent}",
                Name = scouting.Opponent,
                Belt = scouting.Belt,
            };
        var fought = log.Rolls.Where(r => r.Roll.Partner == known.Id).ToList();
        return TypedResults.Ok(
            new StrangerView(
                found.Id,
                found.Name,
                MatchWriting.Document(scouting),
                [.. dossiers.Heed(known, MostHeeds).Select(h => HeedView.Of(h, cache.Vocabulary))],
                [.. fought.AsEnumerable().Reverse().Take(MostBeside).Select(r => RollRow.Of(r, log, cache.ValuesAtHand(cache.Goal)))],
                [
                    .. dossiers
                        .Of(known, found.Date)
                        .They.Where(b => b.Came.Landed > 0)
                        .Take(MostHeeds)
                        .Select(b => $"{BetweenWords.What(b, cache.Vocabulary)}: {BetweenWords.Often(b, fought.Count)}."),
                ]
            )
        );
    }

    private static Results<Ok<RematchView>, ProblemHttpResult> SideBySide(string id, string[]? roll, LogCache cache)
    {
        var log = cache.Log;
        if (log.Partner(id) is not { } partner)
            return PartnerEndpoints.NoPartner();
        var ours = log.LiveRolls.Where(r => r.Roll.Partner == id).ToList();
        var check = new Checker();
        foreach (var (i, asked) in (roll ?? []).Index())
        {
            if (ours.All(r => r.Roll.Id != asked))
                check.Fault($"roll[{i}]", $"'{asked}' is no live roll with {partner.Name}; choose among theirs.");
        }
        if (roll?.Length is 1 or > MostBeside)
            check.Fault("roll", $"Two to {MostBeside} rolls can lie side by side.");
        check.ThrowIfFaulty();
        var chosen = roll is { Length: > 0 } ? ours.Where(r => roll.Contains(r.Roll.Id)).ToList() : [.. ours.TakeLast(2)];
        if (chosen.Count < 2)
            return TypedResults.Problem(
                ours.Count == 1
                    ? $"There is one live roll with {partner.Name}; a second one can be laid beside it."
                    : $"There is no live roll with {partner.Name} yet; two can be laid side by side.",
                statusCode: StatusCodes.Status404NotFound,
                title: "Nothing to lay beside it."
            );
        return TypedResults.Ok(
            RematchView.Of(
                Rematch.Of(chosen, log.Practitioner, cache.Vocabulary),
                partner.Name,
                log,
                cache.ValuesAtHand(cache.Goal),
                cache.Rulebook.Of
            )
        );
    }
}
