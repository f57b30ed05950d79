using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The user's own names for moves and positions.</summary>
internal static class NameEndpoints
{
    public static IEndpointRouteBuilder MapNames(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/names", (LogCache cache) => cache.Log.OwnNames.Select(LogWriter.Document)).WithName("ownNames");
        routes
            .MapPost(
                "/api/names",
                Ok<OwnNameDocument> (OwnNameDocument written, LogCache cache, LogStore store) =>
                {
                    var check = new Checker();
                    var name = LogReader.Read(written, cache.Vocabulary, check, "");
                    check.ThrowIfFaulty();
                    store.SaveOwnName(name);
                    return TypedResults.Ok(LogWriter.Document(name));
                }
            )
            .WithName("keepOwnName")
            .ProducesValidationProblem();
        routes
            .MapDelete(
                "/api/names",
                Results<NoContent, ProblemHttpResult> (string name, LogStore store) =>
                    store.DropOwnName(name)
                        ? TypedResults.NoContent()
                        : TypedResults.Problem("There is no such name.", statusCode: StatusCodes.Status404NotFound, title: "No such name.")
            )
            .WithName("dropOwnName")
            .ProducesProblem(404);
        return routes;
    }
}
