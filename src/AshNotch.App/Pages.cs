using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace AshNotch.App;

/// <summary>The pages, their scripts and styles, from the folder beside the program.</summary>
internal static class Pages
{
    private static readonly string Folder = Path.Combine(AppContext.BaseDirectory, "wwwroot");

    /// <summary>
    /// Serves the files. A file whose name holds its hash never changes and is kept for good; the page itself is asked for each time.
    /// </summary>
    public static void UsePages(this IApplicationBuilder app)
    {
        if (!Directory.Exists(Folder))
            return;
        var files = new PhysicalFileProvider(Folder);
        app.UseDefaultFiles(new DefaultFilesOptions { FileProvider = files });
        app.UseStaticFiles(new StaticFileOptions { FileProvider = files, OnPrepareResponse = Keep });
        app.Use(Open);
    }

    /// <summary>
    /// Opens the page of an address that was typed or bookmarked, such as <c>/rack</c>: what is no file and no endpoint is a page of the
    /// application, which says itself when there is none of that name. Paths of the API stay not found.
    /// </summary>
    private static Task Open(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        var isPage =
            (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
            && context.GetEndpoint() is null
            && !request.Path.StartsWithSegments("/api")
            && !Path.HasExtension(request.Path);
        return isPage ? Results.LocalRedirect($"/#{request.Path}{request.QueryString}").ExecuteAsync(context) : next(context);
    }

    private static void Keep(StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets")
            ? "public, max-age=31536000, immutable"
            : "no-cache";
}
