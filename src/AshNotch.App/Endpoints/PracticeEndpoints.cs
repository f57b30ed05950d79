using AshNotch.Core.Drilling;

namespace AshNotch.App.Endpoints;

/// <summary>What was drilled, apart from what was rolled.</summary>
internal static class PracticeEndpoints
{
    public static IEndpointRouteBuilder MapPractice(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/practice", Tally).WithName("practice");
        return routes;
    }

    private static IReadOnlyList<PracticeTally> Tally(LogCache cache) => PracticeTally.Of(cache.Log, cache.Vocabulary);
}
