using AshNotch.App.Views;

namespace AshNotch.App.Endpoints;

/// <summary>The tap board: what usually comes next where the roll stands, as keys that write their line.</summary>
internal static class BoardEndpoints
{
    public static IEndpointRouteBuilder MapBoard(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/board", (string? place, LogCache cache) => Board.At(place, cache.Log)).WithName("board");
        routes.MapGet("/api/board/find", (string q) => Board.Find(q)).WithName("findOnBoard");
        return routes;
    }
}
