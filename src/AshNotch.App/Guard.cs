namespace AshNotch.App;

/// <summary>What every answer carries, and who may change anything: pages of this application only.</summary>
internal static class Guard
{
    private const string ContentPolicy =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; media-src 'self' "
        + "blob:; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /// <summary>What every answer carries: set as it begins, so that one of trouble has it, too.</summary>
    public static Task Headers(HttpContext context, RequestDelegate next)
    {
        context.Response.OnStarting(() =>
        {
            Set(context);
            return Task.CompletedTask;
        });
        return next(context);
    }

    /// <summary>It is asked for by its own address, so that no page elsewhere reaches it by another name; changes come from its pages only.</summary>
    public static Task KeepOut(HttpContext context, RequestDelegate next) =>
        context.Request.Host.Host is not ("127.0.0.1" or "localhost")
            ? Results
                .Problem("Open Ash Notch by the address it says when it starts.", statusCode: StatusCodes.Status400BadRequest)
                .ExecuteAsync(context)
        : !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method) && IsForeign(context.Request)
            ? Results
                .Problem("This request comes from another site; open Ash Notch itself.", statusCode: StatusCodes.Status403Forbidden)
                .ExecuteAsync(context)
        : next(context);

    private static void Set(HttpContext context)
    {
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = ContentPolicy;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        headers["Permissions-Policy"] = "camera=(), microphone=(), geolocation=()";
        if (context.Request.Path.StartsWithSegments("/api"))
            headers.CacheControl = "no-store";
    }

    private static bool IsForeign(HttpRequest request)
    {
        if (request.Headers["Sec-Fetch-Site"].ToString() is { Length: > 0 } site and not ("same-origin" or "none"))
            return true;
        var origin = request.Headers.Origin.ToString();
        return origin.Length > 0 && origin != $"{request.Scheme}://{request.Host}";
    }
}
