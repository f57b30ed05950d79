using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What moves really do.</summary>
internal static class MovesEndpoints
{
    public static IEndpointRouteBuilder MapMoves(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/moves", All).WithName("moves");
        routes.MapGet("/api/moves/{id}", One).WithName("moveSheet").ProducesProblem(404);
        return routes;
    }

    private static MovesView All(Who? by, LogCache cache)
    {
        var whose = by ?? Who.Me;
        var book = cache.Moves(whose);
        var last = cache.Log.Sessions.Max(s => s.Date);
        return new MovesView(
            Reward.Unit(cache.Goal.Aim).Split(' ')[0],
            [.. book.Sheets.Select(s => MoveRow.Of(s, last, cache.Vocabulary))],
            [.. book.Conceded.Select(o => PairView.Of(o, whose, cache.Vocabulary))]
        );
    }

    private static Results<Ok<MoveSheetView>, ProblemHttpResult> One(string id, Who? by, LogCache cache)
    {
        if (cache.Moves(by ?? Who.Me).Sheets.FirstOrDefault(s => s.Move.Value == id) is not { } sheet)
            return TypedResults.Problem("Nobody has tried this move in a roll that is kept.", statusCode: 404, title: "Not tried yet.");
        return TypedResults.Ok(
            MoveSheetView.Of(
                sheet,
                cache.Log,
                cache.Goal.Aim,
                cache.Vocabulary.Move(new MoveId(id)) is { } move ? BarredWords.Of(move, cache) : null,
                cache.Vocabulary
            )
        );
    }
}
