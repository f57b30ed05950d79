using AshNotch.App.Verbs;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Starting the demo over.</summary>
internal static class DemoEndpoints
{
    public static IEndpointRouteBuilder MapDemo(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/demo/reset", Reset).WithName("resetDemo").ProducesProblem(409);
        return routes;
    }

    private static Results<NoContent, ProblemHttpResult> Reset(
        ServeOptions options,
        LogStore store,
        MatVocabulary vocabulary,
        TimeProvider clock
    )
    {
        if (options.DemoLog is null)
            return TypedResults.Problem(
                "This is your own data; only the demo can be started over.",
                statusCode: StatusCodes.Status409Conflict
            );
        DemoData.Reset(store, options.DemoLog, vocabulary, clock.GetLocalNow());
        return TypedResults.NoContent();
    }
}
