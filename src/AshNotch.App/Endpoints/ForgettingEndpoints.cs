using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>A partner forgotten, in the log and in its copies.</summary>
internal static class ForgettingEndpoints
{
    public static IEndpointRouteBuilder MapForgetting(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/partners/{id}/forget", Forgotten).WithName("forgetPartner").ProducesProblem(404);
        routes.MapPost("/api/backups/{name}/forget", Clean).WithName("cleanBackup").ProducesProblem(409).ProducesValidationProblem();
        routes.MapPost("/api/forgotten/without", Without).WithName("withoutForgotten").ProducesValidationProblem();
        return routes;
    }

    private static Results<Ok<ForgottenView>, ProblemHttpResult> Forgotten(string id, LogCache cache, LogStore store)
    {
        var rolls = cache.Log.Rolls.Count(r => r.Roll.Partner == id);
        if (store.ForgetPartner(id, cache.Vocabulary) is not { } gone)
            return PartnerEndpoints.NoPartner();
        return TypedResults.Ok(new ForgottenView(rolls, [.. store.CopiesHolding(gone, cache.Vocabulary).Select(BackupView.Of)]));
    }

    // What waits in a browser is taken through the same as what waits here; nothing of it is kept.
    private static Ok<IReadOnlyList<string>> Without(Waiting waiting, LogCache cache)
    {
        var partner = Named(waiting.Partner);
        var without = NamesOut.Forgetting(partner, cache.Vocabulary);
        return TypedResults.Ok<IReadOnlyList<string>>([.. waiting.Documents.Select(d => without.In(d) ?? d)]);
    }

    private static Partner Named(PartnerDocument? written)
    {
        var check = new Checker();
        var partner = LogReader.Read(written ?? new PartnerDocument(), check, "partner.");
        check.ThrowIfFaulty();
        return partner;
    }

    private static NoContent Clean(string name, CopyToClean asked, LogCache cache, LogStore store)
    {
        if (asked.Delete)
        {
            store.DeleteBackup(name);
            return TypedResults.NoContent();
        }
        store.ForgetInCopy(name, Named(asked.Partner), cache.Vocabulary);
        return TypedResults.NoContent();
    }
}
