using System.Text.Json;
using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What the program is, and how the practitioner wants it.</summary>
internal static class SettingsEndpoints
{
    public static IEndpointRouteBuilder MapSettings(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/about", About).WithName("about");
        routes.MapGet("/api/settings", SettingsOf).WithName("settings");
        routes.MapPut("/api/settings", Keep).WithName("keepSettings").ProducesValidationProblem();
        return routes;
    }

    /// <summary>The aim the practitioner has set, and the rules that points are counted by.</summary>
    public static Goal GoalOf(LogStore store)
    {
        var settings = SettingsOf(store);
        return new Goal(settings.Aim, settings.Rulesets.First(r => r.Id == settings.Rules));
    }

    private static SettingsView SettingsOf(LogStore store)
    {
        var house = store.Setting(Ruleset.HouseId) is { } kept ? JsonSerializer.Deserialize<Ruleset>(kept) : null;
        IReadOnlyList<Ruleset> rulesets = [.. Rulesets.All.Select(r => r.Id == Ruleset.HouseId && house is not null ? house : r)];
        return new SettingsView(
            Term.TryRead<Aim>(store.Setting("aim"), out var aim) ? aim : Aim.Points,
            rulesets.FirstOrDefault(r => r.Id == store.Setting("rules"))?.Id ?? Ruleset.Federation.Id,
            rulesets
        );
    }

    private static AboutView About(ServeOptions options) =>
        new(
            typeof(SettingsEndpoints).Assembly.GetName().Version?.ToString(3) ?? "",
            Path.GetFullPath(options.DataDirectory),
            options.DemoLog is not null
        );

    private static Ok<SettingsView> Keep(SettingsAsked asked, LogStore store)
    {
        var check = new Checker();
        if (asked.Rules is { } rules && Rulesets.All.All(r => r.Id != rules))
            check.Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", Rulesets.All.Select(r => r.Id))}.");
        foreach (var (field, value) in asked.House?.Table() ?? [])
            check.Number(value, "house.", field, 0, Ruleset.Most, "points");
        check.ThrowIfFaulty();
        if (asked.Aim is { } aim)
            store.KeepSetting("aim", Term.Of(aim));
        if (asked.Rules is not null)
            store.KeepSetting("rules", asked.Rules);
        if (asked.House is { } house)
        {
            var ours = Rulesets.All.First(r => r.Id == Ruleset.HouseId);
            store.KeepSetting(
                Ruleset.HouseId,
                JsonSerializer.Serialize(house with { Id = ours.Id, Name = ours.Name, Source = ours.Source })
            );
        }
        return TypedResults.Ok(SettingsOf(store));
    }
}
