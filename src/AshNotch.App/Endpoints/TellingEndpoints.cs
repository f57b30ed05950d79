using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Keeping what was told: one roll or several, with the partners that were met in passing.</summary>
internal static class TellingEndpoints
{
    public static IEndpointRouteBuilder MapTellings(this IEndpointRouteBuilder routes)
    {
        routes.MapPut("/api/rolls/{id}/telling", Keep).WithName("tellRoll").ProducesValidationProblem().ProducesProblem(409);
        return routes;
    }

    private static Ok<ToldAndKept> Keep(
        string id,
        RollTold told,
        LogCache cache,
        LogStore store,
        TimeProvider clock,
        CancellationToken stop
    )
    {
        var check = new Checker();
        if (string.IsNullOrWhiteSpace(told.Text))
            check.Fault("text", "is empty; tell what happened, even in one line.");
        var head = RollReading.Read(told.Roll ?? new RollDocument(), id, check, "roll");
        RollIntake.Check(head, id, check);
        if (cache.Diary.Matches.Day(head.Event) is { } day)
            head = day.Match(head, day.RulesIn(cache.Rulebook), MatchEndpoints.Division(day, cache));
        var telling = told.ToRead(head.Partner).Read(cache, check, stop);
        var session = RollIntake.Head(told.Session, check, clock);
        check.ThrowIfFaulty();

        var taken = ToldClass.Of(telling, head);
        var (ids, met) = store.Keep(
            new RollsToKeep
            {
                Rolls = taken.Rolls,
                Met = taken.Met,
                Session = session is null ? null : session with { Taught = [.. session.Taught.UnionBy(taken.Taught, t => t.Text)] },
                Draft = told.Draft,
                Once = true,
            },
            clock.GetUtcNow()
        );
        var known = cache.Named.OwnNames;
        IReadOnlyList<OwnName> learned = [.. Learned.Of(telling, cache.Vocabulary).Except(known)];
        try
        {
            foreach (var name in learned)
                store.SaveOwnName(name);
        }
        catch (FaultyInputException)
        {
            // There are as many names as can be had; the rolls are kept all the same.
            learned = [];
        }
        var kept = store.Around(ids);
        return TypedResults.Ok(
            new ToldAndKept(
                [
                    .. ids.Select(kept.Roll)
                        .OfType<LoggedRoll>()
                        .Select(r =>
                            RollView.Of(r, kept, cache.ValuesAtHand(cache.Goal), cache.Book, cache.Rulebook, store.RollStanding(r.Roll.Id))
                        ),
                ],
                [.. met.Select(LogWriter.Document)],
                [.. learned.Select(LogWriter.Document)]
            )
        );
    }
}
