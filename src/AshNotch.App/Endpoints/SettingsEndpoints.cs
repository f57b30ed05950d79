using AshNotch.App.Views;
using AshNotch.Formats.Json;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What the program is, and how the practitioner wants it.</summary>
internal static class SettingsEndpoints
{
    public static IEndpointRouteBuilder MapSettings(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/about", About).WithName("about");
        routes.MapGet("/api/settings", (Preferences preferences) => preferences.All).WithName("settings");
        routes.MapPut("/api/settings", Keep).WithName("keepSettings").ProducesValidationProblem().ProducesProblem(409);
        return routes;
    }

    private static AboutView About(ServeOptions options) =>
        new(
            typeof(SettingsEndpoints).Assembly.GetName().Version?.ToString(3) ?? "",
            Path.GetFullPath(options.DataDirectory),
            options.DemoLog is not null
        );

    private static Ok<SettingsView> Keep(SettingsAsked asked, Preferences preferences)
    {
        var check = new Checker();
        var known = preferences.Rulebook.Families.Select(f => f.Id).ToList();
        if (asked.Rules is { } rules && !known.Contains(rules))
            check.Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", known)}.");
        check.ThrowIfFaulty();
        preferences.Keep(asked);
        return TypedResults.Ok(preferences.All);
    }
}
