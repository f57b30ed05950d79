using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Grain;
using AshNotch.Core.Skill;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The map of places, and thinking changes through on it.</summary>
internal static class GrainEndpoints
{
    private const int MostChanges = 20;
    private const double LeastOdds = 0.01;
    private const double MostOdds = 100;

    public static IEndpointRouteBuilder MapGrain(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/grain", Grain).WithName("grain").ProducesValidationProblem();
        routes.MapPost("/api/what-if", WhatIf).WithName("whatIf").ProducesValidationProblem();
        return routes;
    }

    private static GrainMap Grain(string? against, string? attire, string? first, string? last, string? partner, LogCache cache)
    {
        var check = new Checker();
        var whom = check.Term<Against>(against, "against") ?? Against.Usual;
        var window = check.Window(attire, first, last, partner);
        check.ThrowIfFaulty();
        return GrainMap.Of(cache.Experience(window), cache.Goal, whom, []);
    }

    private static Ok<WhatIfView> WhatIf(WhatIfAsked asked, LogCache cache)
    {
        var check = new Checker();
        var whom = check.Term<Against>(asked.Against, "against") ?? Against.Usual;
        if (asked.Changes?.Count > MostChanges)
            check.Fault("changes", $"at most {MostChanges} changes can be thought through at once; take some out.");
        var changes = RollReading.Each(asked.Changes, "changes", check, static (c, check, path) => Read(c, check, path + "."));
        check.ThrowIfFaulty();
        var aim = cache.Goal;
        var experience = cache.Experience(default);
        return TypedResults.Ok(
            new WhatIfView(WhatIfAnswer.Of(experience, aim, whom, changes), GrainMap.Of(experience, aim, whom, changes).Flows)
        );
    }

    private static WhatIf Read(WhatIfChange change, Checker check, string at) =>
        new(DrillReading.Way(change, check, at), check.Number(change.Odds, at, "odds", LeastOdds, MostOdds, "a factor") ?? 1);
}
