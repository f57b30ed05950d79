using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What moves really do.</summary>
internal static class MovesEndpoints
{
    public static IEndpointRouteBuilder MapMoves(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/moves", All).WithName("moves").ProducesValidationProblem();
        routes.MapGet("/api/moves/{id}", One).WithName("moveSheet").ProducesProblem(404).ProducesValidationProblem();
        return routes;
    }

    private static MovesView All(string? by, LogCache cache)
    {
        var whose = Whose(by);
        var book = cache.Moves(whose);
        var last = cache.Log.Sessions.Max(s => s.Date);
        return new MovesView(
            Reward.Unit(cache.Goal.Aim).Split(' ')[0],
            [.. book.Sheets.Select(s => MoveRow.Of(s, last, cache.Vocabulary))],
            [.. book.Conceded.Select(o => PairView.Of(o, whose, cache.Vocabulary))]
        );
    }

    private static Who Whose(string? by)
    {
        var check = new Checker();
        var whose = check.Term<Who>(by, "by") ?? Who.Me;
        check.ThrowIfFaulty();
        return whose;
    }

    private static Results<Ok<MoveSheetView>, ProblemHttpResult> One(string id, string? by, LogCache cache)
    {
        if (cache.Moves(Whose(by)).Sheets.FirstOrDefault(s => s.Move.Value == id) is not { } sheet)
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
