using System.Diagnostics;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>
/// The most plausible course of a roll: a beam of courses is folded over the claims, each charged for what the words leave open and for what
/// the sport makes unlikely.
/// </summary>
/// <remarks>Viterbi, <i>IEEE Trans. Inf. Theory</i> 13 (1967), over states too many to keep, hence a beam.</remarks>
internal sealed class Decoder(MatVocabulary vocabulary)
{
    private const int Width = 10;

    /// <summary>Standing up in somebody's guard.</summary>
    public Move? StandInGuard { get; } = vocabulary.Move(new MoveId("stand-in-guard"));

    /// <summary>Opening the legs that are around one.</summary>
    public Move? OpenTheGuard { get; } = vocabulary.Move(new MoveId("open-the-guard"));

    /// <summary>Rolling somebody off the mount.</summary>
    public Move? BridgeAndRoll { get; } = vocabulary.Move(new MoveId("bridge-and-roll"));

    /// <summary>Standing up with the leg one holds, and what that is from each guard.</summary>
    public IReadOnlyDictionary<string, Move?> StandUpSweeps { get; } =
        new Dictionary<string, Move?>
        {
            ["x-guard"] = vocabulary.Move(new MoveId("x-guard-sweep")),
            ["single-leg-x-guard"] = vocabulary.Move(new MoveId("single-leg-x-sweep")),
        };

    private Move? Sweep { get; } = vocabulary.Move(new MoveId("sweep"));

    private Move? Takedown { get; } = vocabulary.Move(new MoveId("takedown"));

    /// <summary>Both on their feet.</summary>
    public Place? Standing { get; } = vocabulary.Position("standing")?.As(Role.Neutral);

    /// <summary>The open guard, of whoever plays it.</summary>
    public Place? OpenGuard { get; } = vocabulary.Position("open-guard")?.As(Role.Bottom);

    /// <summary>What makes the other one fall where they are; null when nothing does.</summary>
    public Move? Felling(Place? now, Who by) =>
        now?.Id == PlaceId.Standing ? Takedown
        : now is null || now.Role == Role.Neutral || now.SeenBy(by).IsTop ? null
        : now.IsGuard ? Sweep
        : now.Position.Id is "mount" or "three-quarter-mount" or "side-control" or "kesa-gatame" ? BridgeAndRoll
        : null;

    /// <summary>What a tap that names nothing was to, as far as the part of the body says; null when it does not.</summary>
    public Move? Hurting(TapClaim tap, Who by) =>
        tap.Hurt is { } move && (tap.IsWhoSaid || by == Who.Partner) ? vocabulary.Move(move) : null;

    /// <summary>The move that is named for a place; null when none is.</summary>
    public Move? Entry(Place place, Who by) => Course.Entry.To(place, by, vocabulary);

    /// <summary>The best courses, best first.</summary>
    public IReadOnlyList<State> Best(IReadOnlyList<Claim> claims, CancellationToken stop)
    {
        List<State> beam = [new State()];
        foreach (var claim in claims)
        {
            stop.ThrowIfCancellationRequested();
            var next = new List<State>();
            foreach (var state in beam)
                next.AddRange(After(state, claim));
            beam = Kept(next);
        }
        return [.. beam.Select(Finished).OrderBy(s => s.Cost)];
    }

    private static List<State> Kept(List<State> states)
    {
        var kept = new List<State>();
        var seen = new HashSet<(PlaceId?, int, int, (Who?, Outcome?, MoveId?), (Who?, Outcome?, MoveId?))>();
        foreach (var state in states.OrderBy(s => s.Cost))
        {
            if (kept.Count >= Width)
                break;
            if (seen.Add((state.Now?.Id, state.Events.Count, state.Cuts.Count, Shape(state, 1), Shape(state, 2))))
                kept.Add(state);
        }
        return kept;
    }

    // Courses that end alike go on alike: the cheapest of them is enough.
    private static (Who?, Outcome?, MoveId?) Shape(State state, int back) =>
        state.Events.Count >= back && state.Events[^back] is var e ? (e.By, e.Outcome, e.Move?.Id) : default;

    private IEnumerable<State> After(State state, Claim claim)
    {
        if (state.Sum is not null && claim is not (NamedClaim or TapClaim or ReplyClaim))
            state = SumDone(state);
        return claim switch
        {
            MoveClaim move => Moves.After(this, state, move),
            PlaceClaim place => Placings.After(state, place, vocabulary),
            TapClaim tap => Ledger.Tap(this, state, tap),
            NoTapClaim => Ledger.NoTap(state, claim),
            SumClaim sum => [state with { Sum = (claim.Whos[0].Is, sum.Times, sum, false) }],
            ReplyClaim reply => Answers.After(this, state, reply),
            WishClaim wish => [state with { Wished = (wish, state.Events.Count) }],
            EndClaim { End: ExchangeEnd.Time } => [AtTheBell(state)],
            EndClaim { End: var end } => [Ended(state, end)],
            AnewClaim => [new State { Cost = state.Cost }],
            DiscountClaim => [state.TakenBack() ?? state],
            RepairClaim { Whos.Count: > 0 } => [state.TurnedOver(claim)],
            // "He tapped? No, he just yelled."
            RepairClaim { IsDenial: true } when AfterAll.Undone(state) is { } undone => [undone],
            RepairClaim repair => [state with { Repairs = claim.Span.End, RepairIsMild = repair.IsMild }],
            _ => throw new UnreachableException($"No course goes on after {claim.GetType().Name}."),
        };
    }

    private static State Ended(State state, ExchangeEnd? end)
    {
        // "Bottom mount. 1st: ... 2nd: ...": each of them starts there.
        if (end is null && state is { Events.Count: 0, Cuts.Count: 0, Start: { } drilled })
            return state with { Drilled = drilled };
        var closed = state.Closed(state.Last is { Outcome: Outcome.Tap } ? ExchangeEnd.Tap : end).Plus(Hanging(state, end));
        return state.Drilled is { } each ? closed with { Start = each, Now = each } : closed;
    }

    /// <summary>A number that nothing was told of stands for one tap at least.</summary>
    public static State SumDone(State state)
    {
        if (state.Sum is not { } sum)
            return state;
        state = state with { Sum = null };
        if (sum.Told || state.HasLately(e => e.Outcome == Outcome.Tap && e.By == sum.By))
            return state;
        // "Choked me twice": no name was told for either.
        var done = new Event(sum.Claim, sum.By, sum.Claim.Move, Outcome.Tap) { From = state.Now, IsTapSaid = sum.Claim.Move is not null };
        for (var i = 0; i < (sum.Claim.Move is null ? 1 : sum.Left); i++)
            state = (state with { Events = state.Events.Add(done) }).Closed(ExchangeEnd.Tap);
        return state;
    }

    private static State Finished(State state)
    {
        state = Ledger.ToldInItsPlace(SumDone(state));
        return state
            .Closed(state.Last is { Outcome: Outcome.Tap } ? ExchangeEnd.Tap : null)
            .Plus(
                (state.Last is { Claim: MoveClaim { IsGot: true } } ? 1 : Weights.Of("hanging-end")) * Hanging(state, null) + LeftOff(state)
            );
    }

    // "Collar drag to the back and choke": nobody ends there with a hold that came to nothing.
    private static double LeftOff(State state) =>
        state.Last is { Move.IsSubmission: true, Outcome: Outcome.Stopped, IsOpen: true, Claim: not MoveClaim { IsTried: true } } last
        && last.Claim is MoveClaim { IsListed: true } or NamedClaim { IsBare: true }
        && state.Events.Count - 2 >= state.First
        && state.Events[^2] is { Outcome: Outcome.Landed } led
        && led.By == last.By
            ? Weights.Of("left-off")
            : 0;

    // What was still on when the bell went was close, and no tap that nobody spoke of.
    private static State AtTheBell(State state)
    {
        if (state.Last is not { Move.IsSubmission: true, IsOpen: true } last || last.Outcome is not (Outcome.Stopped or Outcome.Tap))
            return state.Closed(state.Last is { Outcome: Outcome.Tap } ? ExchangeEnd.Tap : ExchangeEnd.Time);
        if (last is { Outcome: Outcome.Tap })
            return state.Closed(ExchangeEnd.Tap).Plus(last.IsTapSaid ? 0.5 : 1.5);
        var near = last.Claim is MoveClaim { IsTried: true } ? last : last with { Outcome = Outcome.Near };
        return state.With(state.Events.Count - 1, near with { IsOpen = false }).Closed(ExchangeEnd.Time);
    }

    // Who starts again after a submission of which nothing more is said has likely tapped to it.
    private static double Hanging(State state, ExchangeEnd? end) =>
        end != ExchangeEnd.Time && state.Last is { Move.IsSubmission: true, Outcome: Outcome.Stopped, IsOpen: true }
            ? Weights.Of("hanging-restart")
            : 0;
}
