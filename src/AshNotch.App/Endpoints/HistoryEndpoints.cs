using System.Text.Json;
using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The earlier forms of a roll, and putting one back.</summary>
internal static class HistoryEndpoints
{
    public static IEndpointRouteBuilder MapHistory(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/rolls/{id}/history",
                Results<Ok<IReadOnlyList<EarlierForm>>, ProblemHttpResult> (string id, LogCache cache, LogStore store) =>
                {
                    var log = cache.Log;
                    if (log.Roll(id) is not { } now)
                        return RollEndpoints.NoRoll();
                    var values = cache.ValuesAtHand(cache.Goal);
                    return TypedResults.Ok<IReadOnlyList<EarlierForm>>([
                        .. store
                            .RollHistory(id)
                            .Select(
                                (change, n) =>
                                    new EarlierForm(
                                        n,
                                        change.At,
                                        change.Change,
                                        RollRow.Of(now with { Roll = Read(change, id) }, log, values)
                                    )
                            )
                            .Reverse(),
                    ]);
                }
            )
            .WithName("rollHistory")
            .ProducesProblem(404);
        routes
            .MapPost(
                "/api/rolls/{id}/history/{number}/restore",
                Results<Ok<RollView>, ProblemHttpResult> (string id, int number, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    return store.RestoreForm(id, number, clock.GetUtcNow()) ? RollEndpoints.Find(id, cache, store) : RollEndpoints.NoRoll();
                }
            )
            .WithName("restoreForm")
            .ProducesProblem(404);
        return routes;
    }

    private static Roll Read(RollChange change, string id) =>
        RollReading.Read(JsonSerializer.Deserialize(change.Document, LogJson.Default.RollDocument)!, id, new Checker(), "");
}
