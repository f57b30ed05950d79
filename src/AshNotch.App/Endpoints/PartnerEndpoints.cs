using AshNotch.App.Views;
using AshNotch.Core.Drilling;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Partners: the list, one of them, one to keep, two to make one, and who is likely there.</summary>
internal static class PartnerEndpoints
{
    private const int NewestShown = 3;
    private const int UsualPage = 20;
    private const int MostOnPage = 100;
    private const int MostPeople = 8;
    private const int HeedsEach = 2;
    private const double WorthNaming = 0.25;
    private const int MostBeside = 4;
    private const int MostHeeds = 4;

    public static IEndpointRouteBuilder MapPartners(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/partners", (LogCache cache) => List(cache.Log)).WithName("partners");
        routes.MapGet("/api/partners/rows", Rows).WithName("partnerRows").ProducesValidationProblem();
        routes.MapGet("/api/partners/{id}", One).WithName("partner").ProducesProblem(404);
        routes
            .MapGet("/api/partners/{id}/side-by-side", SideBySide)
            .WithName("sideBySide")
            .ProducesProblem(404)
            .ProducesValidationProblem();
        routes.MapGet("/api/partner-ladder", Ladder).WithName("partnerLadder");
        routes.MapGet("/api/strangers", Stranger).WithName("stranger").ProducesProblem(404);
        routes.MapGet("/api/before-class", BeforeClass).WithName("beforeClass").ProducesValidationProblem();
        routes.MapPut("/api/partners/{id}", Keep).WithName("keepPartner").ProducesValidationProblem();
        routes
            .MapGet(
                "/api/partners/{id}/history",
                (string id, LogStore store) =>
                    store.PartnerHistory(id).Reverse().Select(f => new EarlierPartner(f.At, LogWriter.Document(f.Partner)))
            )
            .WithName("partnerHistory");
        routes.MapPost("/api/partners/{id}/merge", Merge).WithName("mergePartners").ProducesValidationProblem();
        routes.MapPost("/api/partners/{id}/forget", Forgotten).WithName("forgetPartner").ProducesProblem(404);
        routes.MapPost("/api/backups/{name}/forget", Clean).WithName("cleanBackup").ProducesProblem(409).ProducesValidationProblem();
        routes.MapPost("/api/partners/merges/{merge}/undo", UndoMerge).WithName("undoMerge").ProducesProblem(404);
        return routes;
    }

    private static IEnumerable<PartnerView> List(Log log)
    {
        var rolls = log.Rolls.Where(r => r.Roll.Partner is not null).ToLookup(r => r.Roll.Partner!);
        return log
            .Partners.Select(p => new PartnerView(LogWriter.Document(p), rolls[p.Id].Count(), rolls[p.Id].Max(r => r.Session.Date)))
            .OrderByDescending(p => p.Last)
            .ThenBy(p => p.Partner.Name, StringComparer.OrdinalIgnoreCase);
    }

    private static async Task<PartnerRows> Rows(string? find, string? belt, int? skip, int? limit, LogCache cache)
    {
        var check = new Checker();
        var worn = check.Term<Belt>(belt, "belt");
        check.ThrowIfFaulty();
        var log = cache.Log;
        var wanted = find?.Trim() ?? "";
        var rolls = log.Rolls.Where(r => r.Roll.Partner is not null).ToLookup(r => r.Roll.Partner!);
        var found = log
            .Partners.Where(p => worn is null || p.Belt == worn)
            .Where(p => p.AlsoCalled.Concat(p.Traits).Append(p.Name).Any(n => n.Contains(wanted, StringComparison.OrdinalIgnoreCase)))
            .Select(p => (Partner: p, Last: rolls[p.Id].Max(r => r.Session.Date)))
            .OrderByDescending(p => p.Last)
            .ThenBy(p => p.Partner.Name, StringComparer.OrdinalIgnoreCase)
            .ToList();
        var (dossiers, _) = await cache.DossiersInTime(wait: false);
        return new PartnerRows(
            [
                .. found
                    .Skip(Math.Max(0, skip ?? 0))
                    .Take(Math.Clamp(limit ?? UsualPage, 1, MostOnPage))
                    .Select(p => new PartnerRows.PartnerRow(
                        LogWriter.Document(p.Partner),
                        rolls[p.Partner.Id].Count(),
                        p.Last,
                        rolls[p.Partner.Id].Sum(r => r.Roll.Taps(Who.Me)),
                        rolls[p.Partner.Id].Sum(r => r.Roll.Taps(Who.Partner)),
                        [.. rolls[p.Partner.Id].Reverse().Take(NewestShown).Select(r => r.Roll.Id)],
                        LearnedWords.InAWord(dossiers.Learned(p.Partner.Id), cache.Vocabulary)
                    )),
            ],
            found.Count,
            log.Partners.Count
        );
    }

    private static async Task<Results<Ok<DossierView>, ProblemHttpResult>> One(string id, bool? wait, LogCache cache, TimeProvider clock)
    {
        var log = cache.Log;
        if (log.Partner(id) is not { } partner)
            return NoPartner();
        var (dossiers, behind) = await cache.DossiersInTime(wait ?? false);
        var next = dossiers.Attendance.NextClass(Today(clock).AddDays(-1));
        var dossier = dossiers.Of(partner, next ?? Today(clock));
        return TypedResults.Ok(DossierView.Of(dossier, next, log, cache.Vocabulary) with { Behind = behind });
    }

    private static Results<Ok<RematchView>, ProblemHttpResult> SideBySide(string id, string[]? roll, LogCache cache)
    {
        var log = cache.Log;
        if (log.Partner(id) is not { } partner)
            return NoPartner();
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

    // For the focus in force; for the first weak spot where there is none.
    private static async Task<LadderView?> Ladder(LogCache cache, TimeProvider clock)
    {
        var (ranking, _, _) = await cache.Gist(cache.Goal, wait: false);
        var focus = FocusInForce.Of(cache.Diary.Drills, Today(clock), ranking, cache.Vocabulary)?.Focus.Way;
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
                MatchWriting.Document(found).Opponents!.First(o => o.Opponent == scouting.Opponent),
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

    private static ProblemHttpResult NoPartner() =>
        TypedResults.Problem(
            "They may have been merged with another, or forgotten.",
            statusCode: StatusCodes.Status404NotFound,
            title: "No such partner."
        );

    private static async Task<BeforeClassView> BeforeClass(string? on, LogCache cache, TimeProvider clock)
    {
        var check = new Checker();
        var asked = check.Day(on, "", "on");
        check.ThrowIfFaulty();
        var log = cache.Log;
        var (dossiers, _) = await cache.DossiersInTime(wait: false);
        if ((asked ?? dossiers.Attendance.NextClass(Today(clock).AddDays(-1))) is not { } day)
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
                        [.. dossiers.Heed(log.Partner(c.Partner)!, HeedsEach).Select(h => HeedView.Of(h, cache.Vocabulary))]
                    )),
            ]
        );
    }

    private static DateOnly Today(TimeProvider clock) => DateOnly.FromDateTime(clock.GetLocalNow().DateTime);

    private static Ok<PartnerDocument> Keep(string id, PartnerDocument written, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var partner = LogReader.Read(written with { Id = id }, check, "");
        check.Id(id, "id");
        check.ThrowIfFaulty();
        store.SavePartner(partner, clock.GetUtcNow());
        return TypedResults.Ok(LogWriter.Document(partner));
    }

    private static Ok<PartnerMerge> Merge(string id, PartnerToMerge merge, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        if (cache.Log.Partner(id) is null)
            check.Fault("id", "is not among the partners; they may have been merged already.");
        if (merge.Into == id)
            check.Fault("into", "is the same partner; choose another.");
        else if (cache.Log.Partner(merge.Into) is null)
            check.Fault("into", "is not among the partners; choose another.");
        check.ThrowIfFaulty();
        return TypedResults.Ok(new PartnerMerge(store.MergePartners(id, merge.Into!, clock.GetUtcNow())));
    }

    private static Results<Ok<ForgottenView>, ProblemHttpResult> Forgotten(string id, LogCache cache, LogStore store)
    {
        var rolls = cache.Log.Rolls.Count(r => r.Roll.Partner == id);
        if (store.ForgetPartner(id, cache.Vocabulary.IsTerm) is not { } gone)
            return NoPartner();
        return TypedResults.Ok(
            new ForgottenView(
                [.. gone.AlsoCalled.Prepend(gone.Name)],
                rolls,
                [.. store.CopiesHolding(gone, cache.Vocabulary.IsTerm).Select(BackupView.Of)]
            )
        );
    }

    private static NoContent Clean(string name, CopyToClean asked, LogCache cache, LogStore store)
    {
        if (asked.Delete)
        {
            store.DeleteBackup(name);
            return TypedResults.NoContent();
        }
        var check = new Checker();
        var partner = LogReader.Read(asked.Partner ?? new PartnerDocument(), check, "partner.");
        check.ThrowIfFaulty();
        store.ForgetInCopy(name, partner, cache.Vocabulary.IsTerm);
        return TypedResults.NoContent();
    }

    private static Results<NoContent, ProblemHttpResult> UndoMerge(long merge, LogStore store, TimeProvider clock) =>
        store.UndoMerge(merge, clock.GetUtcNow())
            ? TypedResults.NoContent()
            : TypedResults.Problem(
                "It is undone already, or the partner it went into was merged since; undo that first.",
                statusCode: StatusCodes.Status404NotFound,
                title: "No such merge."
            );
}
