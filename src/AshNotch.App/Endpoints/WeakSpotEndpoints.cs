using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The ranking of what really costs.</summary>
internal static class WeakSpotEndpoints
{
    /// <summary>So many rolls of a spot are shown.</summary>
    private const int MostRolls = 12;

    private const int UsualSpots = 40;
    private const int MostSpots = 1000;

    public static IEndpointRouteBuilder MapWeakSpots(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/weak-spots", Rank).WithName("weakSpots").ProducesValidationProblem();
        routes.MapGet("/api/weak-spots/notes", Notes).WithName("weakSpotNotes").ProducesValidationProblem();
        routes.MapGet("/api/weak-spots/course", CourseOf).WithName("weakSpotCourse").ProducesValidationProblem();
        routes.MapGet("/api/weak-spots/reach", GetReach).WithName("reach").ProducesValidationProblem();
        return routes;
    }

    private static IReadOnlyList<string> Notes(string? from, string? by, string? move, LogCache cache) =>
        Named(from, by, move) is { } way ? ExchangeNotes.Of(cache.Experience(default), cache.Values(cache.Goal), way) : [];

    private static IReadOnlyList<CourseView> CourseOf(string? from, string? by, string? move, LogCache cache) =>
        Named(from, by, move) is { } way
            ? [.. cache.Courses(new Subject(way.By, way.From, way.Move)).All.Select(c => CourseView.Of(c, cache.Log))]
            : [];

    // Nothing where no move is named: what nobody named is not followed.
    private static Way? Named(string? from, string? by, string? move)
    {
        var check = new Checker();
        var place = check.Place(from, "", "from");
        var whose = check.Term<Who>(by, "by");
        var which = check.Move(move, "", "move");
        check.ThrowIfFaulty();
        return place is null || whose is null || which is null ? null : new Way(place.Value, whose.Value, which);
    }

    private static IReadOnlyList<Reach> GetReach(
        string? aim,
        string? against,
        string? attire,
        string? first,
        string? last,
        string? partner,
        LogCache cache
    )
    {
        var (window, goal, whom) = Asked(aim, against, attire, first, last, partner, cache);
        return Reach.Of(cache.Experience(window), goal, whom);
    }

    private static async Task<WeakSpots> Rank(
        string? aim,
        string? against,
        string? attire,
        string? first,
        string? last,
        string? partner,
        int? limit,
        LogCache cache
    )
    {
        var (window, goal, whom) = Asked(aim, against, attire, first, last, partner, cache);
        var ranking = await cache.RankingInTime(window, goal, whom);
        var shown = ranking.Spots.Take(Math.Clamp(limit ?? UsualSpots, 1, MostSpots));
        return ranking with
        {
            Spots = [.. shown.Select(s => s with { Rolls = [.. s.Rolls.Take(MostRolls)] })],
            InAll = ranking.Spots.Count,
        };
    }

    private static (LogWindow Window, Goal Goal, Against Against) Asked(
        string? aim,
        string? against,
        string? attire,
        string? first,
        string? last,
        string? partner,
        LogCache cache
    )
    {
        var check = new Checker();
        var set = cache.Goal;
        var goal = set with { Aim = check.Term<Aim>(aim, "aim") ?? set.Aim };
        var whom = check.Term<Against>(against, "against") ?? Against.Usual;
        var window = check.Window(attire, first, last, partner);
        check.ThrowIfFaulty();
        return (window, goal, whom);
    }
}
