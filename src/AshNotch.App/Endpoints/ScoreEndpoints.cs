using AshNotch.App.Views;
using AshNotch.Core.Scoring;
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
        if (store.Around([id]).Roll(id) is not { } found)
            return RollEndpoints.NoRoll();
        var chosen = string.IsNullOrEmpty(rules)
            ? Rulesets.Of(found)
            : Rulesets.Match(rules, found.Session.Attire)
                ?? throw new FaultyInputException([
                    new Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", Rulesets.Matches.Select(r => r.Id))}."),
                ]);
        return TypedResults.Ok(LedgerView.Of(found, chosen, cache.Vocabulary));
    }
}
