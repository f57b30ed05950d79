using AshNotch.App.Views;

namespace AshNotch.App.Endpoints;

/// <summary>What there is to choose from: places, moves, fixed terms; and invented rolls to learn from.</summary>
internal static class VocabularyEndpoints
{
    public static IEndpointRouteBuilder MapVocabulary(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/vocabulary", (LogCache cache) => VocabularyView.Of(cache.Vocabulary, m => BarredWords.Of(m, cache)))
            .WithName("vocabulary");
        routes.MapGet("/api/terms", () => TermsView.All).WithName("terms");
        routes.MapGet("/api/examples", (LogCache cache) => ExamplesView.Of(cache.Book)).WithName("examples");
        return routes;
    }
}
