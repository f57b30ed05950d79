using AshNotch.App.Views;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>Reading while somebody writes.</summary>
internal static class ReadingEndpoints
{
    public static IEndpointRouteBuilder MapReading(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/read", (ToRead toRead, LogCache cache) => ReadingView.Of(toRead.Read(cache, new Checker()), cache.Vocabulary))
            .WithName("read")
            .ProducesValidationProblem();
        return routes;
    }
}
