using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>The ranking of what really costs.</summary>
internal static class WeakSpotEndpoints
{
    public static IEndpointRouteBuilder MapWeakSpots(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/weak-spots", Rank).WithName("weakSpots").ProducesValidationProblem();
        routes.MapGet("/api/weak-spots/notes", Notes).WithName("weakSpotNotes").ProducesValidationProblem();
        return routes;
    }

    private static IReadOnlyList<string> Notes(string? from, string? by, string? move, LogCache cache, LogStore store)
    {
        var check = new Checker();
        var place = check.Place(from, "", "from");
        var whose = check.Term<Who>(by, "by");
        var which = check.Move(move, "", "move");
        check.ThrowIfFaulty();
        return place is null || whose is null || which is null
            ? []
            : ExchangeNotes.Of(
                cache.Experience(default),
                cache.Values(SettingsEndpoints.AimOf(store)),
                place.Value,
                whose.Value,
                which.Value
            );
    }

    private static WeakSpots Rank(string? aim, string? against, string? attire, string? first, string? last, LogCache cache, LogStore store)
    {
        var check = new Checker();
        var wanted = check.Term<Aim>(aim, "aim") ?? SettingsEndpoints.AimOf(store);
        var whom = check.Term<Against>(against, "against") ?? Against.Usual;
        var window = new LogWindow(check.Term<Attire>(attire, "attire"), check.Day(first, "", "first"), check.Day(last, "", "last"));
        check.ThrowIfFaulty();
        return cache.Ranking(window, wanted, whom);
    }
}
