using AshNotch.App.Views;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>Reading while somebody writes.</summary>
internal static class ReadingEndpoints
{
    public static IEndpointRouteBuilder MapReading(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/read",
                (ToRead toRead, LogCache cache, TimeProvider clock, CancellationToken stop) =>
                    ReadingView.Of(toRead.Read(cache, new Checker(), stop), cache.ValuesAtHand(cache.Goal), clock.Today())
            )
            .WithName("read")
            .ProducesValidationProblem();
        return routes;
    }
}
