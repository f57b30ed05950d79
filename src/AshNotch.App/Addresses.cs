using Microsoft.AspNetCore.Http.Features;

namespace AshNotch.App;

/// <summary>
/// Ids in addresses, whatever they hold. The server leaves a slash written as <c>%2F</c> alone when it decodes a path, so that an id with a
/// slash and one with those three letters would be one; here every part is decoded by itself, and its slashes come back after routing.
/// </summary>
internal static class Addresses
{
    private const string WrittenSlash = "%2F";

    // A noncharacter of Unicode: no text of the log holds it.
    private const char Slash = '\uFDD0';

    /// <summary>Before routing: parts that hold a slash are kept together.</summary>
    public static Task KeepTogether(HttpContext context, RequestDelegate next)
    {
        var path = (context.Features.Get<IHttpRequestFeature>()?.RawTarget ?? "").Split('?')[0];
        if (path.StartsWith('/') && path.Contains(WrittenSlash, StringComparison.OrdinalIgnoreCase))
            context.Request.Path = new PathString(
                string.Join('/', path.Split('/').Select(part => Uri.UnescapeDataString(part).Replace('/', Slash)))
            );
        return next(context);
    }

    /// <summary>After routing: what was found in the address is as it was meant.</summary>
    public static Task GiveBack(HttpContext context, RequestDelegate next)
    {
        foreach (var (name, value) in context.Request.RouteValues.ToList())
            if (value is string text && text.Contains(Slash, StringComparison.Ordinal))
                context.Request.RouteValues[name] = text.Replace(Slash, '/');
        return next(context);
    }
}
