using AshNotch.App.Views;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The one who keeps the log.</summary>
internal static class PractitionerEndpoints
{
    public static IEndpointRouteBuilder MapPractitioner(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/practitioner", View).WithName("practitioner");
        routes.MapPut("/api/practitioner", Keep).WithName("keepPractitioner").ProducesValidationProblem().ProducesProblem(409);
        return routes;
    }

    private static PractitionerView View(LogCache cache, LogStore store)
    {
        // Asked first: who changes it in between is seen, not overwritten.
        var version = store.PractitionerVersion();
        return new PractitionerView(LogWriter.Document(cache.Log.Practitioner), version);
    }

    private static Ok<PractitionerView> Keep(int? version, PractitionerDocument written, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var now = LogReader.Read(written with { History = null }, check, "");
        check.ThrowIfFaulty();
        var kept = cache.Log.Practitioner.Become(now, clock.Today());
        store.SavePractitioner(kept, version);
        return TypedResults.Ok(View(cache, store));
    }
}
