using AshNotch.App.Views;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using AshNotch.Storage.Importing;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace AshNotch.App.Endpoints;

/// <summary>Taking a file in: what would change, the change, and its undoing.</summary>
internal static class ImportEndpoints
{
    /// <summary>Most bytes of a file taken in over the page; years of training are a few megabytes.</summary>
    public const long LargestFile = 64 * 1024 * 1024;

    private const int MostListed = 200;

    public static IEndpointRouteBuilder MapImport(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost("/api/import/look", Look)
            .WithName("lookAtImport")
            .Accepts<string>("application/json")
            .WithMetadata(new RequestSizeLimitAttribute(LargestFile))
            .ProducesValidationProblem()
            .ProducesProblem(413);
        routes.MapPost("/api/import", Import).WithName("import").ProducesProblem(404).ProducesProblem(409);
        routes.MapGet("/api/imports", (LogStore store) => store.Imports()).WithName("imports");
        routes.MapGet("/api/imports/{import}/stays", Stays).WithName("staysOfImport").ProducesProblem(404);
        routes.MapPost("/api/imports/{import}/undo", Undo).WithName("undoImport").ProducesProblem(404);
        return routes;
    }

    private static async Task<Ok<ImportView>> Look(
        HttpRequest request,
        LogStore store,
        MatVocabulary vocabulary,
        ImportDesk desk,
        CancellationToken stop
    )
    {
        using var content = new MemoryStream();
        await request.Body.CopyToAsync(content, stop);
        content.Position = 0;
        stop.ThrowIfCancellationRequested();
        var read = LogReader.Read(content, vocabulary);
        // Who asked may have left; nothing is made of it then.
        stop.ThrowIfCancellationRequested();
        var file = desk.Lay(content.GetBuffer().AsSpan(0, (int)content.Length), read);
        var (plan, version) = store.PlanImport(read.Diary);
        return TypedResults.Ok(ImportView.Of(plan, read, file, version, MostListed, vocabulary));
    }

    private static Results<Ok<ImportDone>, ProblemHttpResult> Import(ImportAsked asked, LogStore store, ImportDesk desk, TimeProvider clock)
    {
        if (desk.Find(asked.File) is not { } read)
            return TypedResults.Problem(
                "Another file was looked at since, or Ash Notch was started anew; choose the file again. Nothing was taken in.",
                statusCode: StatusCodes.Status404NotFound,
                title: "That file is not here any more."
            );
        var plan = store.PlanImport(read.Diary).Plan;
        var choice = new ImportChoice(asked.Theirs, (asked.Take ?? []).ToHashSet(), (asked.Leave ?? []).ToHashSet());
        var done = store.Import(plan, asked.Version, choice, clock.GetUtcNow());
        desk.Clear();
        return TypedResults.Ok(new ImportDone(done));
    }

    private static Results<Ok<ImportUndone>, ProblemHttpResult> Undo(long import, LogStore store, TimeProvider clock) =>
        store.UndoImport(import, clock.GetUtcNow()) is { } stays ? TypedResults.Ok(ImportUndone.Of(stays)) : NoImport();

    private static Results<Ok<ImportUndone>, ProblemHttpResult> Stays(long import, LogStore store, TimeProvider clock) =>
        store.TryUndoImport(import, clock.GetUtcNow()) is { } stays ? TypedResults.Ok(ImportUndone.Of(stays)) : NoImport();

    private static ProblemHttpResult NoImport() =>
        TypedResults.Problem(
            "It was taken back already.",
            statusCode: StatusCodes.Status404NotFound,
            title: "There is no such import to take back."
        );
}
