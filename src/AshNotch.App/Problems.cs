using System.Text.Json;
using AshNotch.Formats;
using AshNotch.Storage;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;

namespace AshNotch.App;

/// <summary>Turns what went wrong into problem details (RFC 9457), with the fields at fault.</summary>
internal sealed class Problems : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken stop)
    {
        var problem = Of(exception, Bounds.Of(context));
        if (problem is null)
            return false;
        await Results.Problem(problem).ExecuteAsync(context);
        return true;
    }

    private static ProblemDetails? Of(Exception exception, long most) =>
        exception switch
        {
            FaultyInputException faulty => Faulty(faulty.Faults),
            StorageException storage => new ProblemDetails
            {
                Status = StatusOf(storage.Trouble),
                Title = storage.Trouble == StorageTrouble.Changed ? "It has changed." : "That could not be kept.",
                Detail = storage.Message,
            },
            BadHttpRequestException { InnerException: JsonException json } => Faulty([
                new Fault(Path(json), "has a value of the wrong type, or is not valid JSON."),
            ]),
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Bounds.TooMuch(most),
            // Its own words name types and parameters of the program.
            BadHttpRequestException bad => new ProblemDetails
            {
                Status = bad.StatusCode,
                Title = "The request could not be read.",
                Detail =
                    bad.StatusCode == StatusCodes.Status415UnsupportedMediaType
                        ? "Send it as application/json."
                        : "Something in its address or its body is missing, or of another kind than it should be.",
            },
            _ => null,
        };

    private static int StatusOf(StorageTrouble trouble) =>
        trouble switch
        {
            StorageTrouble.Full => StatusCodes.Status507InsufficientStorage,
            StorageTrouble.Busy or StorageTrouble.Unusable or StorageTrouble.Damaged => StatusCodes.Status503ServiceUnavailable,
            _ => StatusCodes.Status409Conflict,
        };

    private static HttpValidationProblemDetails Faulty(IReadOnlyList<Fault> faults) =>
        new(FaultyInputException.Said(faults).GroupBy(f => f.Where).ToDictionary(g => g.Key, g => g.Select(f => f.What).ToArray()))
        {
            Status = StatusCodes.Status400BadRequest,
            Title = "Something needs another look; nothing was stored.",
            Detail = string.Join(' ', faults.Take(3)),
        };

    private static string Path(JsonException json) => (json.Path ?? "").TrimStart('$').TrimStart('.');
}
