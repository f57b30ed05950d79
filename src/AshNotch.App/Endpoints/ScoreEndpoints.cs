using AshNotch.App.Views;
using AshNotch.Formats;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The score of a roll, as it would stand.</summary>
internal static class ScoreEndpoints
{
    public static IEndpointRouteBuilder MapScore(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/rolls/{id}/ledger", Of).WithName("ledger").ProducesProblem(404).ProducesValidationProblem();
        return routes;
    }

    private static Results<Ok<LedgerView>, ProblemHttpResult> Of(string id, string? rules, LogCache cache, LogStore store)
    {
        var log = store.Around([id]);
        if (log.Roll(id) is not { } found)
            return RollEndpoints.NoRoll();
        var book = cache.Rulebook;
        var chosen = string.IsNullOrEmpty(rules)
            ? book.Of(found)
            : book.Match(rules, found.Session.Attire)
                ?? throw new FaultyInputException([
                    new Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", book.All.Select(r => r.Id))}."),
                ]);
        return TypedResults.Ok(LedgerView.Of(found, chosen, book, cache));
    }
}
