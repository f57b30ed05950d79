using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Keeping what was told: one roll or several, with the partners that were met in passing.</summary>
internal static class TellingEndpoints
{
    public static IEndpointRouteBuilder MapTellings(this IEndpointRouteBuilder routes)
    {
        routes.MapPut("/api/rolls/{id}/telling", Keep).WithName("tellRoll").ProducesValidationProblem();
        return routes;
    }

    private static Ok<ToldAndKept> Keep(string id, RollTold told, LogCache cache, LogStore store, TimeProvider clock)
    {
        var check = new Checker();
        if (string.IsNullOrWhiteSpace(told.Text))
            check.Fault("text", "is empty; tell what happened, even in one line.");
        var log = cache.Log;
        var head = RollReading.Read(told.Roll ?? new RollDocument(), id, check, "roll");
        var telling = new ToRead(told.Text, head.Partner, told.Corrections, told.Partners).Read(cache, check);
        var before = log.Roll(id);
        var session = RollIntake.SessionOf(told.Session, before?.Session, log, check);
        head = RollIntake.Checked(head, id, before?.Roll, log, check);
        check.ThrowIfFaulty();

        var taken = ToldClass.Of(telling, head);
        store.SaveRolls(session, taken.Met, taken.Rolls, clock.GetUtcNow(), told.Draft);
        var kept = cache.Log;
        return TypedResults.Ok(
            new ToldAndKept(
                [
                    .. taken.Rolls.Select(r =>
                        RollView.Of(
                            kept.Roll(r.Id)!,
                            kept,
                            cache.ValuesAtHand(SettingsEndpoints.GoalOf(store)),
                            store.RollHistory(r.Id).Count
                        )
                    ),
                ],
                [.. taken.Met.Select(LogWriter.Document)]
            )
        );
    }
}
