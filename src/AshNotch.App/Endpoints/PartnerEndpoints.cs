using AshNotch.App.Views;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Partners: the list, one of them, one to keep, two to make one.</summary>
internal static class PartnerEndpoints
{
    private const int NewestShown = 3;
    private const int UsualPage = 20;
    private const int MostOnPage = 100;

    public static IEndpointRouteBuilder MapPartners(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/partners", (LogCache cache) => List(cache.Log)).WithName("partners");
        routes.MapGet("/api/partners/rows", Rows).WithName("partnerRows").ProducesValidationProblem();
        routes.MapGet("/api/partners/{id}", One).WithName("partner").ProducesProblem(404);
        routes
            .MapPut("/api/partners/{id}", Keep)
            .WithName("keepPartner")
            .ProducesProblem(404)
            .ProducesProblem(409)
            .ProducesValidationProblem();
        routes.MapPut("/api/partners/{id}/owed", Owe).WithName("owePartner").ProducesProblem(404).ProducesValidationProblem();
        routes
            .MapGet(
                "/api/partners/{id}/history",
                (string id, LogStore store) =>
                    store.PartnerHistory(id).Reverse().Select(f => new EarlierPartner(f.At, LogWriter.Document(f.Partner)))
            )
            .WithName("partnerHistory");
        routes.MapPost("/api/partners/{id}/merge", Merge).WithName("mergePartners").ProducesValidationProblem();
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

    private static async Task<Results<Ok<DossierView>, ProblemHttpResult>> One(
        string id,
        bool? wait,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        var log = cache.Log;
        if (log.Partner(id) is not { } partner)
            return NoPartner();
        var (dossiers, behind) = await cache.DossiersInTime(wait ?? false);
        var next = dossiers.Attendance.NextClass(clock.Today().AddDays(-1));
        var dossier = dossiers.Of(partner, next ?? clock.Today());
        return TypedResults.Ok(
            DossierView.Of(dossier, next, log, cache.Vocabulary) with
            {
                Behind = behind,
                Version = store.PartnerVersion(id),
            }
        );
    }

    /// <summary>The answer where a partner is not there.</summary>
    public static ProblemHttpResult NoPartner() =>
        TypedResults.Problem(
            "They may have been merged with another, or forgotten.",
            statusCode: StatusCodes.Status404NotFound,
            title: "No such partner."
        );

    private static Results<Ok<PartnerDocument>, ProblemHttpResult> Keep(
        string id,
        bool? known,
        int? version,
        PartnerDocument written,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        // A page left open must not bring back somebody who was forgotten since, or is another's other name by now.
        if (known == true && cache.Log.Partner(id) is null)
            return NoPartner();
        var check = new Checker();
        var partner = LogReader.Read(written with { Id = id }, check, "");
        check.Id(id, "id");
        check.ThrowIfFaulty();
        // Whoever does not say what they are owed does not say that it is nothing.
        if (written.Owed is null && cache.Log.Partner(id) is { } before)
            partner = partner with { Owed = before.Owed };
        store.SavePartner(partner, clock.GetUtcNow(), version);
        return TypedResults.Ok(LogWriter.Document(partner));
    }

    private static Results<Ok<PartnerDocument>, ProblemHttpResult> Owe(
        string id,
        OwedChange change,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        if (cache.Log.Partner(id) is not { } partner)
            return NoPartner();
        var check = new Checker();
        var text = check.Text(change.Text, "", "text")?.Trim();
        if (string.IsNullOrEmpty(text))
            check.Fault("text", "is missing; write in a few words what you promised to tell or show them.");
        var since = check.Day(change.Since, "", "since");
        check.ThrowIfFaulty();
        var owing = change.IsGone ? partner.NotOwing(text!) : partner.Owing(text!, since, clock.Today(), change.IsGiven);
        store.SavePartner(owing, clock.GetUtcNow());
        return TypedResults.Ok(LogWriter.Document(owing));
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

    private static Results<NoContent, ProblemHttpResult> UndoMerge(long merge, LogStore store, TimeProvider clock) =>
        store.UndoMerge(merge, clock.GetUtcNow())
            ? TypedResults.NoContent()
            : TypedResults.Problem(
                "It is undone already, or the partner it went into was merged since; undo that first.",
                statusCode: StatusCodes.Status404NotFound,
                title: "No such merge."
            );
}
