using AshNotch.App.Views;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>How things went over the weeks.</summary>
internal static class WeeksEndpoints
{
    public static IEndpointRouteBuilder MapWeeks(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/weeks", Weeks).WithName("weeks");
        return routes;
    }

    private static WeeksView Weeks(LogCache cache, LogStore store)
    {
        var log = cache.Log;
        var courses = cache.Courses(SettingsEndpoints.GoalOf(store));
        return new WeeksView(courses.Changed, [.. courses.All.Select(c => CourseView.Of(c, log))]);
    }
}
