namespace AshNotch.App;

/// <summary>What every answer carries, and who may change anything: pages of this application only.</summary>
internal static class Guard
{
    private const string ContentPolicy =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; media-src 'self' "
        + "blob:; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    public static Task Run(HttpContext context, RequestDelegate next)
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

        if (!HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method) && IsForeign(context.Request))
        {
            return Results
                .Problem("This request comes from another site; open Ash Notch itself.", statusCode: StatusCodes.Status403Forbidden)
                .ExecuteAsync(context);
        }
        return next(context);
    }

    private static bool IsForeign(HttpRequest request)
    {
        if (request.Headers["Sec-Fetch-Site"].ToString() is { Length: > 0 } site and not ("same-origin" or "none"))
            return true;
        var origin = request.Headers.Origin.ToString();
        return origin.Length > 0 && origin != $"{request.Scheme}://{request.Host}";
    }
}
