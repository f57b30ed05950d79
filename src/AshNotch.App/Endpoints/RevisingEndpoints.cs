using AshNotch.App.Views;
using AshNotch.Core.Revising;
using AshNotch.Formats;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Putting a kept roll right as a whole: read anew, made two, made one with another.</summary>
internal static class RevisingEndpoints
{
    public static IEndpointRouteBuilder MapRevising(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/rolls/{id}/reread", ReadAnew).WithName("rereadRoll").ProducesValidationProblem().ProducesProblem(404);
        routes
            .MapPost("/api/rolls/{id}/split", Split)
            .WithName("splitRoll")
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409);
        routes
            .MapPost("/api/rolls/{id}/join", Join)
            .WithName("joinRolls")
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409);
        return routes;
    }

    private static Results<Ok<RereadView>, ProblemHttpResult> ReadAnew(string id, RereadAsked asked, LogCache cache, LogStore store)
    {
        var check = new Checker();
        var text = check.Text(asked.Text, "text") ?? "";
        if (string.IsNullOrWhiteSpace(text))
            check.Fault("text", "is empty; to be rid of the roll, delete it.");
        check.ThrowIfFaulty();
        var log = store.Around([id]);
        if (log.Roll(id) is not { } found)
            return RollEndpoints.NoRoll();
        var reread = Reread.Of(found.Roll, text, cache.Book, log.Partners);
        return TypedResults.Ok(RereadView.Of(reread, cache.ValuesAtHand(cache.Goal)));
    }

    private static Results<Ok<SplitDone>, ProblemHttpResult> Split(
        string id,
        SplitAsked asked,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        if (store.Around([id]).Roll(id) is not { } found)
            return RollEndpoints.NoRoll();
        var second = "r-" + Guid.CreateVersion7().ToString("N");
        if (RollSplit.Before(found.Roll, asked.Exchange, asked.Notch, second) is not { } split)
            throw new FaultyInputException([
                new Fault("notch", "leaves one of the two rolls without anything in it; split it at a later notch."),
            ]);
        store.SplitRoll(split.First, split.Second with { Partner = asked.Partner }, asked.Version, clock.GetUtcNow());
        return RollEndpoints.Find(id, cache, store).Result is Ok<RollView> { Value: { } first }
            ? TypedResults.Ok(new SplitDone(first, second))
            : RollEndpoints.NoRoll();
    }

    private static Results<Ok<RollView>, ProblemHttpResult> Join(
        string id,
        JoinAsked asked,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        var other = asked.Other ?? "";
        var log = store.Around([id, other]);
        if (id == other || log.Roll(id) is not { } first || log.Roll(other) is not { } second)
            return RollEndpoints.NoRoll();
        store.JoinRolls(RollJoin.Of(first.Roll, second.Roll), other, asked.Version, clock.GetUtcNow());
        return RollEndpoints.Find(id, cache, store);
    }
}
