using AshNotch.App.Views;
using AshNotch.Core.Scoring;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The rules that matches are scored by; the user's own can be changed.</summary>
internal static class RulesetEndpoints
{
    public static IEndpointRouteBuilder MapRulesets(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/rulesets", All).WithName("rulesets");
        routes.MapPut("/api/rulesets/{id}", Keep).WithName("keepRuleset").ProducesValidationProblem();
        routes.MapDelete("/api/rulesets/{id}", Drop).WithName("dropRuleset").ProducesProblem(404);
        return routes;
    }

    private static IReadOnlyList<RulesetView> All(Preferences preferences)
    {
        var book = preferences.Rulebook;
        return [.. book.All.Select(r => new RulesetView(book.Own.Contains(r), r.Id == Ruleset.HouseId, MatchWriting.Document(r)))];
    }

    private static Ok<IReadOnlyList<RulesetView>> Keep(string id, RulesetDocument asked, Preferences preferences, LogStore store)
    {
        var check = new Checker();
        check.Id(id, "id");
        var rules = RulesReading.Read(asked with { Id = id }, check, "");
        check.ThrowIfFaulty();
        store.SaveRules(rules);
        return TypedResults.Ok(All(preferences));
    }

    private static Results<Ok<IReadOnlyList<RulesetView>>, ProblemHttpResult> Drop(string id, Preferences preferences, LogStore store) =>
        store.DropRules(id)
            ? TypedResults.Ok(All(preferences))
            : TypedResults.Problem("These are no rules of your own; reload to see those there are.", statusCode: 404, title: "Not there");
}
