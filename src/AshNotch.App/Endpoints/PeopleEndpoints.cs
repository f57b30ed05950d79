using AshNotch.App.Views;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Partners, and the practitioner.</summary>
internal static class PeopleEndpoints
{
    public static IEndpointRouteBuilder MapPartners(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/partners",
                (LogCache cache) =>
                {
                    var log = cache.Log;
                    var rolls = log.Rolls.Where(r => r.Roll.Partner is not null).ToLookup(r => r.Roll.Partner!);
                    return log
                        .Partners.Select(p => new PartnerView(
                            LogWriter.Document(p),
                            rolls[p.Id].Count(),
                            rolls[p.Id].Max(r => r.Session.Date),
                            [.. rolls[p.Id].Reverse().Take(3).Select(r => RollRow.Of(r, log))]
                        ))
                        .OrderByDescending(p => p.Last)
                        .ThenBy(p => p.Partner.Name, StringComparer.OrdinalIgnoreCase);
                }
            )
            .WithName("partners");
        routes
            .MapPut(
                "/api/partners/{id}",
                Ok<PartnerDocument> (string id, PartnerDocument written, LogCache cache, LogStore store) =>
                {
                    var check = new Checker();
                    var partner = LogReader.Read(written with { Id = id }, check, "");
                    if (
                        cache.Log.Partners.FirstOrDefault(p =>
                            p.Id != id && string.Equals(p.Name, partner.Name, StringComparison.OrdinalIgnoreCase)
                        ) is
                        { } other
                    )
                    {
                        check.Fault("name", $"there is a {other.Name} already; choose another nickname.");
                    }
                    check.ThrowIfFaulty();
                    store.SavePartner(partner);
                    return TypedResults.Ok(LogWriter.Document(partner));
                }
            )
            .WithName("keepPartner")
            .ProducesValidationProblem();
        routes
            .MapPost(
                "/api/partners/{id}/merge",
                Ok<PartnerMerge> (string id, PartnerToMerge merge, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    if (cache.Log.Partners.All(p => p.Id != id))
                        check.Fault("id", "is not among the partners; they may have been merged already.");
                    if (merge.Into == id)
                        check.Fault("into", "is the same partner; choose another.");
                    else if (cache.Log.Partners.All(p => p.Id != merge.Into))
                        check.Fault("into", "is not among the partners; choose another.");
                    check.ThrowIfFaulty();
                    return TypedResults.Ok(new PartnerMerge(store.MergePartners(id, merge.Into!, clock.GetUtcNow())));
                }
            )
            .WithName("mergePartners")
            .ProducesValidationProblem();
        routes
            .MapPost(
                "/api/partners/merges/{merge}/undo",
                Results<NoContent, ProblemHttpResult> (long merge, LogStore store, TimeProvider clock) =>
                    store.UndoMerge(merge, clock.GetUtcNow())
                        ? TypedResults.NoContent()
                        : TypedResults.Problem(
                            "It is undone already, or the partner it went into was merged since; undo that first.",
                            statusCode: StatusCodes.Status404NotFound,
                            title: "No such merge."
                        )
            )
            .WithName("undoMerge")
            .ProducesProblem(404);
        return routes;
    }

    public static IEndpointRouteBuilder MapPractitioner(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/practitioner", (LogCache cache) => LogWriter.Document(cache.Log.Practitioner)).WithName("practitioner");
        routes
            .MapPut(
                "/api/practitioner",
                Ok<PractitionerDocument> (PractitionerDocument written, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    var now = LogReader.Read(written with { History = null }, check, "");
                    check.ThrowIfFaulty();
                    var kept = cache.Log.Practitioner.Become(now, DateOnly.FromDateTime(clock.GetLocalNow().DateTime));
                    store.SavePractitioner(kept);
                    return TypedResults.Ok(LogWriter.Document(kept));
                }
            )
            .WithName("keepPractitioner")
            .ProducesValidationProblem();
        return routes;
    }
}
