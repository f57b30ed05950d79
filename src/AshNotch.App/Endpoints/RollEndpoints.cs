using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The rack, and rolls one by one.</summary>
internal static class RollEndpoints
{
    private static readonly Lock Editing = new();

    public static IEndpointRouteBuilder MapRolls(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/rack",
                (string? partner, string? attire, string? move, int? limit, LogCache cache) => Rack(cache.Log, partner, attire, move, limit)
            )
            .WithName("rack");
        routes
            .MapGet(
                "/api/rolls",
                (string[] id, LogCache cache) =>
                {
                    var wanted = id.Take(100).ToHashSet();
                    return cache.Log.Rolls.Where(r => wanted.Contains(r.Roll.Id)).Reverse().Select(r => RollRow.Of(r, cache.Log));
                }
            )
            .WithName("rolls");
        routes
            .MapGet(
                "/api/rolls/{id}",
                Results<Ok<RollView>, ProblemHttpResult> (string id, LogCache cache, LogStore store) => Find(cache, store, id)
            )
            .WithName("roll")
            .ProducesProblem(404);
        routes
            .MapPut(
                "/api/rolls/{id}",
                Results<Ok<RollView>, ProblemHttpResult> (string id, RollToKeep kept, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    if (kept.Roll is null)
                        check.Fault("roll", "is missing.");
                    var roll = RollReading.Read(kept.Roll ?? new RollDocument(), id, check, "roll");
                    lock (Editing)
                    {
                        if (kept.Version is { } seen && seen != store.RollHistory(id).Count)
                        {
                            return TypedResults.Problem(
                                "It was changed in another tab or by another device since you opened it. Nothing was overwritten: look at it as it is now, then change it again.",
                                statusCode: StatusCodes.Status409Conflict,
                                title: "The roll has changed."
                            );
                        }
                        var log = cache.Log;
                        var before = log.Rolls.FirstOrDefault(r => r.Roll.Id == id);
                        var session = RollIntake.SessionOf(kept.Session, before?.Session, log, check);
                        roll = RollIntake.Checked(roll, id, before?.Roll, log, check);
                        check.ThrowIfFaulty();
                        store.SaveRoll(session, roll, clock.GetUtcNow());
                        return Find(cache, store, id);
                    }
                }
            )
            .WithName("keepRoll")
            .ProducesValidationProblem()
            .ProducesProblem(409);
        routes
            .MapDelete(
                "/api/rolls/{id}",
                Results<NoContent, ProblemHttpResult> (string id, LogStore store, TimeProvider clock) =>
                    store.DeleteRoll(id, clock.GetUtcNow()) ? TypedResults.NoContent() : NoRoll()
            )
            .WithName("deleteRoll")
            .ProducesProblem(404);
        routes
            .MapPost(
                "/api/rolls/{id}/restore",
                Results<NoContent, ProblemHttpResult> (string id, LogStore store, TimeProvider clock) =>
                    store.RestoreRoll(id, clock.GetUtcNow()) ? TypedResults.NoContent() : NoRoll()
            )
            .WithName("restoreRoll")
            .ProducesProblem(404);
        return routes;
    }

    /// <summary>The rack of a log, filtered.</summary>
    public static Rack Rack(Log log, string? partner = null, string? attire = null, string? move = null, int? limit = null)
    {
        var check = new Checker();
        var dressed = check.Term<Attire>(attire, "attire");
        check.ThrowIfFaulty();
        var sessions = log
            .Sessions.Reverse()
            .Where(s => dressed is null || s.Attire == dressed)
            .Select(s => new RackSession(
                s.Id,
                s.Date,
                s.Kind,
                s.Attire,
                s.Notes,
                [.. s.Rolls.Select((r, i) => new LoggedRoll(s, r, i)).Where(Wanted).Select(r => RollRow.Of(r, log))]
            ))
            .Where(s => s.Rolls.Count > 0)
            .ToList();
        var shown = Math.Clamp(limit ?? 20, 1, 1000);
        return new Rack([.. sessions.Take(shown)], sessions.Sum(s => s.Rolls.Count), Math.Max(0, sessions.Count - shown));

        bool Wanted(LoggedRoll logged) =>
            (partner is null or "" || logged.Roll.Partner == partner)
            && (move is null or "" || logged.Roll.Notches.Any(n => n.Move == move || n.From == move || n.To == move));
    }

    internal static Results<Ok<RollView>, ProblemHttpResult> Find(LogCache cache, LogStore store, string id)
    {
        var log = cache.Log;
        return log.Rolls.FirstOrDefault(r => r.Roll.Id == id) is { } found
            ? TypedResults.Ok(RollView.Of(found, log, store.RollHistory(id).Count))
            : NoRoll();
    }

    /// <summary>The answer where a roll is not there.</summary>
    public static ProblemHttpResult NoRoll() =>
        TypedResults.Problem(
            "There is no such roll; it may have been deleted.",
            statusCode: StatusCodes.Status404NotFound,
            title: "No such roll."
        );
}
