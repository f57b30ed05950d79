using AshNotch.App.Views;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The vocabulary, and reading while somebody writes.</summary>
internal static class ReadingEndpoints
{
    public static IEndpointRouteBuilder MapVocabulary(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/vocabulary", () => VocabularyView.BuiltIn).WithName("vocabulary");
        return routes;
    }

    public static IEndpointRouteBuilder MapReading(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/read",
                (ToRead toRead, LogCache cache) =>
                {
                    var check = new Checker();
                    return ReadingView.Of(Told.Of(toRead, cache.Log, check));
                }
            )
            .WithName("read")
            .ProducesValidationProblem();
        return routes;
    }
}
