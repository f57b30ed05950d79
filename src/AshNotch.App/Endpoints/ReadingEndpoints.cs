using AshNotch.App.Views;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>Reading while somebody writes.</summary>
internal static class ReadingEndpoints
{
    public static IEndpointRouteBuilder MapReading(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/read",
                (ToRead toRead, LogCache cache, LogStore store, TimeProvider clock, CancellationToken stop) =>
                    ReadingView.Of(
                        toRead.Read(cache, new Checker(), stop),
                        cache.ValuesAtHand(SettingsEndpoints.GoalOf(store)),
                        DateOnly.FromDateTime(clock.GetLocalNow().DateTime)
                    )
            )
            .WithName("read")
            .ProducesValidationProblem();
        return routes;
    }
}
