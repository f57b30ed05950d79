using AshNotch.App.Verbs;
using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Drafts, settings, the export, and starting the demo over.</summary>
internal static class KeepingEndpoints
{
    public static IEndpointRouteBuilder MapDrafts(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/drafts/{id}", (string id, LogStore store) => new DraftView(store.Draft(id))).WithName("draft");
        routes
            .MapPut(
                "/api/drafts/{id}",
                NoContent (string id, DraftView draft, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    check.Name(id, "id");
                    if (draft.Body?.Length > 4 * Limits.LongestText)
                        check.Fault("body", "is too long for a draft; save the roll, then go on.");
                    check.ThrowIfFaulty();
                    store.KeepDraft(id, draft.Body, clock.GetUtcNow());
                    return TypedResults.NoContent();
                }
            )
            .WithName("keepDraft")
            .ProducesValidationProblem();
        return routes;
    }

    public static IEndpointRouteBuilder MapKeeping(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/about",
                (ServeOptions options) =>
                    new AboutView(
                        typeof(KeepingEndpoints).Assembly.GetName().Version?.ToString(3) ?? "",
                        Path.GetFullPath(options.DataDirectory),
                        options.DemoLog is not null,
                        Limits.Causes
                    )
            )
            .WithName("about");
        routes.MapGet("/api/settings", (LogStore store) => new SettingsView(WeakSpotEndpoints.AimOf(store))).WithName("settings");
        routes
            .MapPut(
                "/api/settings",
                Ok<SettingsView> (SettingsView settings, LogStore store) =>
                {
                    store.KeepSetting("aim", Term.Of(settings.Aim));
                    return TypedResults.Ok(settings);
                }
            )
            .WithName("keepSettings")
            .ProducesValidationProblem();
        routes
            .MapGet(
                "/api/export",
                (LogCache cache) =>
                {
                    using var text = new MemoryStream();
                    LogWriter.Write(cache.Log, text);
                    return TypedResults.File(text.ToArray(), "application/json", "ash-notch-log.json");
                }
            )
            .ExcludeFromDescription();
        routes
            .MapPost(
                "/api/demo/reset",
                Results<NoContent, ProblemHttpResult> (ServeOptions options, LogStore store, TimeProvider clock) =>
                {
                    if (options.DemoLog is null)
                        return TypedResults.Problem(
                            "This is your own data; only the demo can be started over.",
                            statusCode: StatusCodes.Status409Conflict
                        );
                    DemoData.Reset(store, options.DemoLog, clock.GetUtcNow());
                    return TypedResults.NoContent();
                }
            )
            .WithName("resetDemo")
            .ProducesProblem(409);
        return routes;
    }
}
