using AshNotch.App.Views;

namespace AshNotch.App.Endpoints;

/// <summary>How things went over the weeks.</summary>
internal static class WeeksEndpoints
{
    public static IEndpointRouteBuilder MapWeeks(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/weeks", Weeks).WithName("weeks");
        return routes;
    }

    private static WeeksView Weeks(int? limit, string? partner, LogCache cache)
    {
        var log = cache.Log;
        var courses = string.IsNullOrEmpty(partner) ? cache.Courses(cache.Goal) : cache.Courses(partner);
        var shown = Math.Max(1, limit ?? CourseView.Year);
        return new WeeksView(
            courses.Changed,
            [.. courses.All.Select(c => CourseView.Of(c, log, shown))],
            courses.All.Count == 0 ? 0 : Math.Max(0, courses.All[0].Fortnights.Count - shown)
        );
    }
}
