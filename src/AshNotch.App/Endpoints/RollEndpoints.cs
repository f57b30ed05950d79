using AshNotch.App.Views;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>The rack, and rolls one by one.</summary>
internal static class RollEndpoints
{
    private const int MostRows = 100;
    private const int UsualSessions = 20;
    private const int MostSessions = 100;

    public static IEndpointRouteBuilder MapRolls(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/rack", Rack).WithName("rack").ProducesValidationProblem();
        routes.MapGet("/api/rolls", Rows).WithName("rolls").ProducesValidationProblem();
        routes.MapGet("/api/rolls/{id}", Find).WithName("roll").ProducesProblem(404);
        routes.MapPut("/api/rolls/{id}", Keep).WithName("keepRoll").ProducesValidationProblem().ProducesProblem(409);
        routes.MapDelete("/api/rolls/{id}", Delete).WithName("deleteRoll").ProducesProblem(404);
        routes.MapPost("/api/rolls/{id}/restore", Restore).WithName("restoreRoll").ProducesProblem(404);
        return routes;
    }

    /// <summary>The answer where a roll is not there.</summary>
    public static ProblemHttpResult NoRoll() =>
        TypedResults.Problem(
            "There is no such roll; it may have been deleted.",
            statusCode: StatusCodes.Status404NotFound,
            title: "No such roll."
        );

    /// <summary>One roll whole.</summary>
    public static Results<Ok<RollView>, ProblemHttpResult> Find(string id, LogCache cache, LogStore store)
    {
        var log = store.Around([id]);
        return log.Roll(id) is { } found
            ? TypedResults.Ok(RollView.Of(found, log, cache.ValuesAtHand(cache.Goal), cache.Book, cache.Rulebook, store.RollStanding(id)))
            : NoRoll();
    }

    private static Rack Rack(string? partner, string? attire, string? move, int? skip, int? limit, LogCache cache)
    {
        var check = new Checker();
        var filter = new RackFilter(
            string.IsNullOrEmpty(partner) ? null : partner,
            check.Term<Attire>(attire, "attire"),
            string.IsNullOrEmpty(move) ? null : move
        );
        check.ThrowIfFaulty();
        return Views.Rack.Of(
            cache.Log,
            cache.ValuesAtHand(cache.Goal),
            filter,
            Math.Max(0, skip ?? 0),
            Math.Clamp(limit ?? UsualSessions, 1, MostSessions)
        );
    }

    // With a place, the notches of the exchange that starts there are marked.
    private static IEnumerable<RollRow> Rows(string[] id, string? from, string? by, string? move, string? to, LogCache cache)
    {
        var check = new Checker();
        var place = check.Place(from, "", "from");
        var whose = check.Term<Who>(by, "by");
        var which = check.Move(move, "", "move");
        var led = check.Place(to, "", "to");
        check.ThrowIfFaulty();
        bool IsIt(Notch n) => n.From == place && n.By == whose && (which is null ? n.Move is null && n.To == led : n.Move == which);
        var log = cache.Log;
        var values = cache.ValuesAtHand(cache.Goal);
        var wanted = id.Take(MostRows).ToHashSet();
        return log.Rolls.Where(r => wanted.Contains(r.Roll.Id)).Reverse().Select(Row);

        RollRow Row(LoggedRoll logged)
        {
            var row = RollRow.Of(logged, log, values);
            return place is null ? row : row with { Stick = row.Stick.Marked(logged.Roll.Exchanges, IsIt) };
        }
    }

    private static Results<Ok<RollView>, ProblemHttpResult> Keep(
        string id,
        RollToKeep kept,
        LogCache cache,
        LogStore store,
        TimeProvider clock
    )
    {
        var check = new Checker();
        if (kept.Roll is null)
            check.Fault("roll", "is missing.");
        var roll = RollReading.Read(kept.Roll ?? new RollDocument(), id, check, "roll");
        RollIntake.Check(roll, id, check);
        var session = RollIntake.Head(kept.Session, check, clock);
        check.ThrowIfFaulty();
        if (kept.PutRight is { } at && store.Around([id]).Roll(id) is { } stands)
            roll = CarriedOn(stands.Roll, roll, at, cache.Vocabulary);
        store.Keep(
            new RollsToKeep
            {
                Rolls = [roll],
                Session = session,
                Version = kept.Version,
            },
            clock.GetUtcNow()
        );
        return Find(id, cache, store);
    }

    // Only where nothing but that notch was changed in its exchange.
    private static Roll CarriedOn(Roll before, Roll after, NotchAt at, MatVocabulary vocabulary)
    {
        if (
            before.Exchanges.ElementAtOrDefault(at.Exchange) is not { } was
            || after.Exchanges.ElementAtOrDefault(at.Exchange) is not { } now
        )
            return after;
        if (was.Notches.Count != now.Notches.Count || at.Notch < 0 || was.Notches.Count <= at.Notch)
            return after;
        Notch?[] notches = [.. was.Notches.Select((n, i) => i == at.Notch ? now.Notches[i] : n)];
        return after with
        {
            Exchanges =
            [
                .. after.Exchanges.Select((e, i) => i == at.Exchange ? CarryOn.In(was with { End = now.End }, notches, vocabulary) : e),
            ],
        };
    }

    private static Results<NoContent, ProblemHttpResult> Delete(string id, LogStore store, TimeProvider clock) =>
        store.DeleteRoll(id, clock.GetUtcNow()) ? TypedResults.NoContent() : NoRoll();

    private static Results<NoContent, ProblemHttpResult> Restore(string id, LogStore store, TimeProvider clock) =>
        store.RestoreRoll(id, clock.GetUtcNow()) ? TypedResults.NoContent() : NoRoll();
}
