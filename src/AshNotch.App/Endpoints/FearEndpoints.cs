using AshNotch.App.Views;
using AshNotch.Core.Partners;
using AshNotch.Core.Reading;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>What the practitioner is afraid of, held against the record.</summary>
internal static class FearEndpoints
{
    private const int MostRolls = 12;

    public static IEndpointRouteBuilder MapFears(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/fears", All).WithName("fears");
        routes.MapPost("/api/fears/read", Read).WithName("readFear").ProducesValidationProblem();
        routes.MapPut("/api/fears/{id}", Keep).WithName("keepFear").ProducesValidationProblem();
        routes.MapDelete("/api/fears/{id}", Drop).WithName("dropFear").ProducesProblem(404);
        return routes;
    }

    private static FearsView All(LogCache cache)
    {
        var diary = cache.Diary;
        var goal = cache.Goal;
        var records = FearRecord.Of(diary.Fears, diary.Log, cache.ValuesAtHand(goal), goal);
        return new FearsView(
            [
                .. records.Select(r => new FearView(
                    FearForm.Document(r.Fear),
                    diary.Log.Partner(r.Fear.Partner)?.Name,
                    FearWords.Of(r, goal.Aim),
                    r.Caution,
                    r.Verdict,
                    [.. r.In.Take(MostRolls)]
                )),
            ],
            TunnelWords.Of(cache.Moves(Who.Partner), diary.Log, cache.Vocabulary)
        );
    }

    // What was said already stands.
    private static Ok<FearDocument> Read(FearDocument written, LogCache cache)
    {
        var check = new Checker();
        var text = check.Text(written.Text, "", "text") ?? "";
        check.ThrowIfFaulty();
        var told = ToldFear.Of(text, cache.Book, cache.Named.Partners);
        return TypedResults.Ok(
            written with
            {
                Move = written.Move ?? told.Move?.Value,
                Place = written.Place ?? told.Place?.Value,
                Mine = written.Mine ?? told.Mine?.Value,
                Partner = written.Partner ?? told.Partner,
            }
        );
    }

    private static Ok<FearDocument> Keep(string id, FearDocument written, LogCache cache, LogStore store)
    {
        var check = new Checker();
        check.Id(id, "id");
        var fear = FearForm.Read(written with { Id = id }, check, "");
        if (fear.Partner is { } partner && cache.Log.Partner(partner) is null)
            check.Fault("partner", "is not among the partners; choose another, or anyone.");
        check.ThrowIfFaulty();
        store.SaveFear(fear);
        return TypedResults.Ok(FearForm.Document(fear));
    }

    private static Results<NoContent, ProblemHttpResult> Drop(string id, LogStore store) =>
        store.DropFear(id)
            ? TypedResults.NoContent()
            : TypedResults.Problem("It is gone already; reload to see those there are.", statusCode: 404, title: "No such fear.");
}
