using AshNotch.Core.Finishes;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>Who made whom tap.</summary>
internal static class FinishEndpoints
{
    public static IEndpointRouteBuilder MapFinishes(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/finishes", Sheet).WithName("finishes").ProducesValidationProblem();
        return routes;
    }

    private static FinishSheet Sheet(string? attire, string? first, string? last, string? partner, LogCache cache)
    {
        var check = new Checker();
        var window = check.Window(attire, first, last, partner);
        check.ThrowIfFaulty();
        return FinishSheet.Of(window.Of(cache.Log), cache.Vocabulary);
    }
}
