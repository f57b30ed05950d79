using AshNotch.App.Views;
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
        return routes;
    }

    private static Results<Ok<ForgottenView>, ProblemHttpResult> Forgotten(string id, LogCache cache, LogStore store)
    {
        var rolls = cache.Log.Rolls.Count(r => r.Roll.Partner == id);
        if (store.ForgetPartner(id, cache.Vocabulary.IsTerm) is not { } gone)
            return PartnerEndpoints.NoPartner();
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
}
