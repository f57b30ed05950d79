using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The whole log as a file of the open form.</summary>
internal static class ExportEndpoints
{
    public static IEndpointRouteBuilder MapExport(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/export",
                (HttpRequest request, LogCache cache) =>
                {
                    using var text = new MemoryStream();
                    if (HiddenNames.Are(request))
                        NamesOut.Write(cache.Diary, cache.Vocabulary, text);
                    else
                        LogWriter.Write(cache.Diary, text);
                    return TypedResults.File(text.ToArray(), "application/json", "ash-notch-log.json");
                }
            )
            .ExcludeFromDescription();
        return routes;
    }
}
