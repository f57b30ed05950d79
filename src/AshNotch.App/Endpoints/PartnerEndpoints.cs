using AshNotch.App.Views;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Partners: the list, one to keep, two to make one.</summary>
internal static class PartnerEndpoints
{
    private const int NewestShown = 3;

    public static IEndpointRouteBuilder MapPartners(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/partners", (LogCache cache) => List(cache.Log, cache.ValuesAtHand(cache.Goal))).WithName("partners");
        routes.MapPut("/api/partners/{id}", Keep).WithName("keepPartner").ProducesValidationProblem();
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

    private static IEnumerable<PartnerView> List(Log log, PlaceValues values)
    {
        var rolls = log.Rolls.Where(r => r.Roll.Partner is not null).ToLookup(r => r.Roll.Partner!);
        return log
            .Partners.Select(p => new PartnerView(
                LogWriter.Document(p),
                rolls[p.Id].Count(),
                rolls[p.Id].Max(r => r.Session.Date),
                [.. rolls[p.Id].Reverse().Take(NewestShown).Select(r => RollRow.Of(r, log, values))]
            ))
            .OrderByDescending(p => p.Last)
            .ThenBy(p => p.Partner.Name, StringComparer.OrdinalIgnoreCase);
    }

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

    private static Results<NoContent, ProblemHttpResult> UndoMerge(long merge, LogStore store, TimeProvider clock) =>
        store.UndoMerge(merge, clock.GetUtcNow())
            ? TypedResults.NoContent()
            : TypedResults.Problem(
                "It is undone already, or the partner it went into was merged since; undo that first.",
                statusCode: StatusCodes.Status404NotFound,
                title: "No such merge."
            );
}
