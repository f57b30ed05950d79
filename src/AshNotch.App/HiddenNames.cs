using System.Text;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>
/// While names are hidden, every answer says Partner 1, Partner 2 and so on, so that a screen can be shown and photographed. Nothing can be
/// changed meanwhile: what a form shows would be kept as it stands there.
/// </summary>
internal static class HiddenNames
{
    private const string Cookie = "names";
    private const string Hidden = "hidden";

    // What is asked with a body and changes nothing.
    private static readonly string[] Asking = ["/api/what-if", "/api/fears/read", "/api/import/look"];

    /// <summary>Whether a request asks without names: by what is set in the browser, or for this once.</summary>
    public static bool Are(HttpRequest request) => request.Cookies[Cookie] == Hidden || request.Query["nameless"] == "true";

    /// <summary>What puts something else in the place of the partners' names; changes nothing where they may be seen.</summary>
    public static Func<string, string> Out(HttpRequest request, LogCache cache) => Are(request) ? Swap(cache).In : text => text;

    /// <summary>Takes the names out of answers while they are hidden, and lets nothing be changed.</summary>
    public static async Task Keep(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        if (request.Cookies[Cookie] != Hidden || !request.Path.StartsWithSegments("/api"))
        {
            await next(context);
            return;
        }
        if (!HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method) && !Asking.Contains(request.Path.Value))
        {
            await Results
                .Problem(
                    "Show the names again at the top of the page; then log and change what you like.",
                    statusCode: StatusCodes.Status409Conflict,
                    title: "Names are hidden, so nothing is changed."
                )
                .ExecuteAsync(context);
            return;
        }
        var answer = context.Response.Body;
        using var held = new MemoryStream();
        context.Response.Body = held;
        try
        {
            await next(context);
        }
        finally
        {
            context.Response.Body = answer;
        }
        var body = held.ToArray();
        if (context.Response.ContentType?.Contains("json", StringComparison.Ordinal) == true)
        {
            var cache = context.RequestServices.GetRequiredService<LogCache>();
            var without = NamesOut.Standing(Swap(cache), cache.Vocabulary);
            var text = Encoding.UTF8.GetString(body);
            body = Encoding.UTF8.GetBytes(without.In(text) ?? text);
            context.Response.ContentLength = null;
        }
        await answer.WriteAsync(body, context.RequestAborted);
    }

    private static NameSwap Swap(LogCache cache) => NameSwap.Numbering(cache.Log.Partners, cache.Vocabulary.IsTerm);
}
