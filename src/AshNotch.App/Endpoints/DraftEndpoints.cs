using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What is being told and is not yet kept.</summary>
internal static class DraftEndpoints
{
    public static IEndpointRouteBuilder MapDrafts(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/drafts", (LogStore store) => store.Drafts().Select(d => new DraftView(d.Id, d.Body, d.At))).WithName("drafts");
        routes.MapPut("/api/drafts/{id}", Keep).WithName("keepDraft").ProducesValidationProblem();
        return routes;
    }

    private static NoContent Keep(string id, DraftToKeep draft, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        check.Id(id, "id");
        if (draft.Body?.Length > 4 * Limits.LongestText)
            check.Fault("body", "is too long for a draft; save the roll, then go on.");
        check.ThrowIfFaulty();
        store.KeepDraft(id, draft.Body, clock.GetUtcNow());
        return TypedResults.NoContent();
    }
}
