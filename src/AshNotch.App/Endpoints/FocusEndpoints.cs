using System.Globalization;
using AshNotch.App.Views;
using AshNotch.Core.Drilling;
using AshNotch.Core.Skill;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Choosing what to drill.</summary>
internal static class FocusEndpoints
{
    public static IEndpointRouteBuilder MapFocus(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/focus", Choose).WithName("chooseFocus").ProducesValidationProblem();
        return routes;
    }

    private static Ok<FocusView> Choose(FocusDocument written, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        var today = DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
        var focus = LogReader.Read(written with { Chosen = today.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture) }, check, "");
        check.ThrowIfFaulty();
        store.ChooseFocus(focus);
        var ranking = cache.Ranking(default, cache.Goal, Against.Usual);
        return TypedResults.Ok(FocusView.Of(FocusInForce.Of(cache.Diary.Drills, ranking, cache.Vocabulary))!);
    }
}
