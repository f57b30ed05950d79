using AshNotch.App.Views;
using AshNotch.Storage;
using AshNotch.Storage.Backups;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The copies beside the log: made, looked into, downloaded, restored.</summary>
internal static class BackupEndpoints
{
    public static IEndpointRouteBuilder MapBackups(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/backups", (LogStore store) => store.Backups().Select(BackupView.Of)).WithName("backups");
        routes.MapGet("/api/copies", (LogStore store) => CopyStateView.Of(store.Copies())).WithName("copies");
        routes
            .MapPost("/api/backups", (LogStore store, TimeProvider clock) => BackupView.Of(store.MakeBackup(clock.GetUtcNow())))
            .WithName("makeBackup");
        routes
            .MapGet("/api/backups/{name}", BackupContents (string name, LogStore store) => store.LookInto(name))
            .WithName("backup")
            .ProducesProblem(409);
        routes.MapGet("/api/backups/{name}/file", Download).ExcludeFromDescription();
        routes
            .MapPost(
                "/api/backups/{name}/restore",
                (string name, LogStore store, TimeProvider clock) => BackupView.Of(store.RestoreBackup(name, clock.GetUtcNow()))
            )
            .WithName("restoreBackup")
            .ProducesProblem(409);
        return routes;
    }

    private static Results<PhysicalFileHttpResult, ProblemHttpResult> Download(string name, LogStore store) =>
        store.Backups().FirstOrDefault(b => b.Name == name) is { } backup
            ? TypedResults.PhysicalFile(backup.Path, "application/vnd.sqlite3", backup.Name)
            : TypedResults.Problem(
                "It may have been thinned out.",
                statusCode: StatusCodes.Status404NotFound,
                title: "There is no such backup."
            );
}
