using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>The ranking of what really costs.</summary>
internal static class WeakSpotEndpoints
{
    public static IEndpointRouteBuilder MapWeakSpots(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/weak-spots", Rank).WithName("weakSpots").ProducesValidationProblem();
        return routes;
    }

    private static WeakSpots Rank(string? aim, LogCache cache, LogStore store)
    {
        var check = new Checker();
        var wanted = check.Term<Aim>(aim, "aim") ?? SettingsEndpoints.AimOf(store);
        check.ThrowIfFaulty();
        return WeakSpotRanking.Of(cache.Log, cache.Vocabulary, wanted);
    }
}
