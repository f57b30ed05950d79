using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What the program is, and how the practitioner wants it.</summary>
internal static class SettingsEndpoints
{
    public static IEndpointRouteBuilder MapSettings(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/about", About).WithName("about");
        routes.MapGet("/api/settings", (LogStore store) => new SettingsView(AimOf(store))).WithName("settings");
        routes.MapPut("/api/settings", Keep).WithName("keepSettings").ProducesValidationProblem();
        return routes;
    }

    /// <summary>The aim the practitioner has set.</summary>
    public static Aim AimOf(LogStore store) => Term.TryRead<Aim>(store.Setting("aim"), out var aim) ? aim : Aim.Points;

    private static AboutView About(ServeOptions options) =>
        new(
            typeof(SettingsEndpoints).Assembly.GetName().Version?.ToString(3) ?? "",
            Path.GetFullPath(options.DataDirectory),
            options.DemoLog is not null
        );

    private static Ok<SettingsView> Keep(SettingsView settings, LogStore store)
    {
        store.KeepSetting("aim", Term.Of(settings.Aim));
        return TypedResults.Ok(settings);
    }
}
