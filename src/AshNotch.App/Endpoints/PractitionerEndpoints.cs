using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The one who keeps the log.</summary>
internal static class PractitionerEndpoints
{
    public static IEndpointRouteBuilder MapPractitioner(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/practitioner", (LogCache cache) => LogWriter.Document(cache.Log.Practitioner)).WithName("practitioner");
        routes.MapPut("/api/practitioner", Keep).WithName("keepPractitioner").ProducesValidationProblem();
        return routes;
    }

    private static Ok<PractitionerDocument> Keep(PractitionerDocument written, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var now = LogReader.Read(written with { History = null }, check, "");
        check.ThrowIfFaulty();
        var kept = cache.Log.Practitioner.Become(now, clock.Today());
        store.SavePractitioner(kept);
        return TypedResults.Ok(LogWriter.Document(kept));
    }
}
