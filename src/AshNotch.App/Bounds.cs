using System.Net.Http.Headers;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Http.Metadata;

namespace AshNotch.App;

/// <summary>How much a request may bring, and in what writing. What is too much is read to its end, so that the answer is not cut off.</summary>
internal static class Bounds
{
    /// <summary>Most bytes of a request; a retelling is a few kilobytes.</summary>
    public const long Largest = 2 * 1024 * 1024;

    /// <summary>More than this is not even read.</summary>
    public const long MostRead = 256L * 1024 * 1024;

    public static async Task Keep(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        if (MediaTypeHeaderValue.TryParse(request.ContentType, out var type) && type.CharSet is { } charset && !IsUtf8(charset))
        {
            await Results
                .Problem(
                    "Send it as UTF-8.",
                    statusCode: StatusCodes.Status415UnsupportedMediaType,
                    title: "That writing is not known here."
                )
                .ExecuteAsync(context);
            return;
        }
        var most = Of(context);
        var size = context.Features.Get<IHttpMaxRequestBodySizeFeature>();
        if (request.ContentLength > most)
        {
            // Routing has set the limit of the endpoint already; past it the connection would be cut before the answer is there.
            if (size is { IsReadOnly: false })
                size.MaxRequestBodySize = MostRead;
            if (request.ContentLength <= MostRead)
                await request.Body.CopyToAsync(Stream.Null, context.RequestAborted);
            await Results.Problem(TooMuch(most)).ExecuteAsync(context);
            return;
        }
        if (size is { IsReadOnly: false })
            size.MaxRequestBodySize = most;
        await next(context);
    }

    /// <summary>Most bytes of this request.</summary>
    public static long Of(HttpContext context) =>
        context.GetEndpoint()?.Metadata.GetMetadata<IRequestSizeLimitMetadata>()?.MaxRequestBodySize ?? Largest;

    /// <summary>What is said of it.</summary>
    public static Microsoft.AspNetCore.Mvc.ProblemDetails TooMuch(long most) =>
        new()
        {
            Status = StatusCodes.Status413PayloadTooLarge,
            Title = "That is too much at once.",
            Detail = $"At most {most / 1024 / 1024} megabytes fit; split it, or take a whole log in with ./notch import.",
        };

    private static bool IsUtf8(string charset) => charset.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase);
}
