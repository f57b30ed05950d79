using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>What rules let somebody do.</summary>
internal static class AllowedEndpoints
{
    public static IEndpointRouteBuilder MapAllowed(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/allowed", Permitted).WithName("allowed").ProducesValidationProblem();
        return routes;
    }

    private static AllowedView Permitted(string? rules, string? belt, string? age, string? attire, LogCache cache)
    {
        var check = new Checker();
        var me = cache.Log.Practitioner;
        var worn = check.Term<Attire>(attire, "attire");
        var who = Competitor.Of(check.Term<Belt>(belt, "belt") ?? me.Belt, check.Term<AgeDivision>(age, "age") ?? me.AgeDivision, worn);
        var book = cache.Rulebook;
        var chosen = string.IsNullOrEmpty(rules) ? book.Usual(worn) : book.Match(rules, worn);
        if (chosen is null)
            check.Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", book.All.Select(r => r.Id))}.");
        check.ThrowIfFaulty();
        return AllowedView.Of(chosen!, who with { Attire = worn ?? chosen!.Attire }, cache.Vocabulary);
    }
}
