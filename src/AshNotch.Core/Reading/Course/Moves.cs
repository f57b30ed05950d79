using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Courses after somebody did a move.</summary>
internal static class Moves
{
    private const int JustNow = 20;
    private const int MostCounted = 5;

    /// <summary>What is believed of who acts where nothing speaks for either.</summary>
    public static IReadOnlyList<May<Who>> Either => [new(Who.Me, Weights.Of("either-me")), new(Who.Partner, Weights.Of("either-them"))];

    /// <summary>The courses that may follow.</summary>
    public static IEnumerable<State> After(Decoder decoder, State state, MoveClaim claim)
    {
        var move = claim.Move;
        if (claim.IsRecap)
        {
            var known = state.HasLately(e => e.Move == move);
            yield return state.Plus(known ? 0 : 0.9);
            if (known)
                yield break;
        }
        if (state.Sum is { } sum)
        {
            if ((claim.Whos.Count == 0 || claim.Whos.Any(w => w.Is == sum.By)) && move.IsSubmission && sum.Left > 0)
            {
                var told = new Event(claim, sum.By, move, Outcome.Tap)
                {
                    IsTapSaid = true,
                    IsWhoSaid = sum.Claim.IsWhoSaid,
                    From =
                        claim.From.Count > 0 ? claim.From.MinBy(f => Fit(move, f.Is, sum.By)).Is : Landing.Start(move, sum.By, state.Now),
                };
                var listed = (state with { Events = state.Events.Add(told) }).Closed(ExchangeEnd.Tap);
                yield return listed with
                {
                    Sum = (sum.By, sum.Left - 1, sum.Claim, true),
                };
                yield break;
            }
            state = sum.Told || sum.Left == 0 ? state with { Sum = null } : Decoder.SumDone(state);
        }
        if (state.PutsRight(claim))
        {
            state = state with { Repairs = null };
            // "He gave me the back, or rather he turned away from the cross face": a grip puts no place right.
            if (state.TakenBack() is { } back && !(move.Stays && state.Events[^1].Move is null))
            {
                var taken = state.Events[^1];
                if (!claim.IsWhoSaid)
                    claim = claim with { Whos = [new(taken.By, 0)] };
                var same = taken.Move == move || taken.Move?.Kind == move.Kind;
                foreach (var next in New(decoder, back, claim))
                    yield return next.Plus((taken.Outcome == Outcome.Landed ? -Weights.Of("plain-landed") : 0) + (same ? 0 : 0.2));
                foreach (var next in New(decoder, state, claim))
                    yield return next.Plus(
                        state.RepairIsMild ? Weights.Of(same ? "kept-same" : "kept-other") : Weights.Of("kept-after-repair")
                    );
                yield break;
            }
        }
        foreach (var same in NoNewOnes(decoder, state, claim))
            yield return same;
        var again = 0.0;
        foreach (var merged in Merging.Ways(decoder, state, claim))
        {
            again = state.Last?.Move == move ? Weights.Of("same-twice") : again;
            yield return merged;
        }
        foreach (var next in New(decoder, state, claim))
            yield return next.Plus(again);
    }

    // Courses on which the move is no event of its own, but what another came to.
    private static IEnumerable<State> NoNewOnes(Decoder decoder, State state, MoveClaim claim)
    {
        var move = claim.Move;
        var last = state.Events.Count - 1;
        // "She tapped to that, a pressure tap": the name of what was tapped to.
        if (
            state is { IsFresh: true, Events: [.., { Move: null, Outcome: Outcome.Tap } tap] }
            && move.IsSubmission
            && claim is { IsWhoSaid: false, IsTried: false } and ({ IsJoined: true } or { IsBare: true })
        )
            yield return state.With(last, tap with { Move = move, Span = new Span(tap.Span.Start, claim.Span.End) }).Plus(-0.5);
        if (claim.IsWeak && move.Id.Value is "sit-to-guard" or "stand-up-escape")
            yield return state.Plus(state.Now is null || state.Now.Id == PlaceId.Standing ? 0.9 : 0.4);
        // "I have closed guard and I open it": whose guard it is opens nobody's.
        if (
            move.Id.Value == "open-the-guard"
            && state.Now is { Position.Id: "closed-guard" } closed
            && claim.Whos is [{ } opener]
            && closed.SeenBy(opener.Is).IsBottom
            && decoder.OpenGuard is { } open
        )
            yield return (state with { Now = open.SeenBy(opener.Is) }).Plus(opener.Cost + Weights.Of("plain-landed") - 0.1);
        // "She goes for the sweep and I sit down": that is how it came off.
        if (
            move.Id.Value == "sit-to-guard"
            && state.Last is { Move.Kind: MoveKind.Sweep, IsOpen: true, Outcome: Outcome.Stopped } swept
            && claim.Whos.Any(w => w.Is != swept.By && w.Cost <= 0)
        )
        {
            var end = Landing.End(swept.Move, swept.By, swept.From ?? swept.Before);
            var down = state.With(last, swept with { Outcome = Outcome.Landed, IsOpen = false, To = end });
            yield return (down with { Now = end ?? state.Now }).Plus(Weights.Of("plain-landed"));
        }
        // "He had the triangle, I stacked him": that is what stopped it.
        if (move.Id.Value == "stack-pass" && claim.To.Count == 0 && state.Last is { Move.IsSubmission: true, IsOpen: true } hold)
        {
            var why = hold.Why.Add(new Because(claim.Span, "says how it came out"));
            var stacked = (state with { Stacked = claim.Span.End }).With(
                last,
                hold with
                {
                    Outcome = Outcome.Stopped,
                    IsOpen = false,
                    Why = why,
                }
            );
            foreach (var (_, cost) in claim.Whos.Where(w => w.Is != hold.By))
                yield return stacked.Plus(cost + Weights.Of("plain-landed") - 0.3);
        }
    }

    private static IEnumerable<State> New(Decoder decoder, State state, MoveClaim claim)
    {
        // "Knocked him over": who stood took down, who played the guard swept.
        if (
            claim is { Found.IsBodily: true, Move: { Word: MoveWord.General, Kind: MoveKind.Sweep or MoveKind.Takedown } }
            && decoder.Felling(state.Now, claim.Whos.Count > 0 ? claim.Whos[0].Is : Who.Me) is { Word: MoveWord.General } felling
        )
            claim = claim with { Move = felling };
        var move = claim.Move;
        foreach (var (by, whoCost) in claim.Whos.Count > 0 ? claim.Whos : Either)
        foreach (var from in Maybe(claim.FromOf?.Invoke(by) ?? claim.From))
        {
            var open = state;
            // A tap that nobody spoke of is doubtful when the telling goes on.
            var cost = whoCost + from.Cost;
            if (state.Last is { Outcome: Outcome.Tap } tapped)
            {
                open = state.Closed(ExchangeEnd.Tap);
                // Nobody escapes what they have tapped to.
                // "I guillotined him and pulled guard with it": it went on.
                if (
                    by == tapped.By
                    && claim.IsJoined
                    && !move.IsSubmission
                    && tapped.IsOpen
                    && tapped.Claim is NamedClaim { Outcomes.Count: > 1 }
                )
                    cost += 1.2;
                var escapes =
                    move.Kind == MoveKind.Escape && by != tapped.By && tapped.Claim is NamedClaim { Outcomes.Count: > 1 } && tapped.IsOpen;
                cost += (tapped.IsTapSaid || IsListed(claim, tapped, by) ? 0 : Weights.Of("tap-goes-on")) + (escapes ? 2 : 0);
            }
            // "Same collar drag again": by whom it was before.
            if (claim.IsAgain && !claim.IsWhoSaid && open.HasLately(e => e.Move == move && e.By != by))
                cost += Weights.Of("again-by-other");
            // "An armbar, tap, and then a triangle, tap": one list, one doer.
            if (claim is { IsListed: true, IsWhoSaid: false } && open.Events is [.., { Move.IsSubmission: true } listed] && listed.By != by)
                cost += Weights.Of("listed-other");
            // "I stacked him and passed" is one pass.
            if (move is { Kind: MoveKind.Pass, Word: MoveWord.General } && claim.IsJoined && claim.Span.Start - state.Stacked < JustNow)
                cost -= Weights.Of("plain-landed") - 1;
            // Nobody escapes from their own hold.
            if (move.Kind == MoveKind.Escape && open.Last is { Move.IsSubmission: true } own && own.By == by)
                cost += Weights.Of("own-escape");
            // "He had the choke. I escaped": it was close.
            if (
                move.Kind == MoveKind.Escape
                && open.Last is { Move.IsSubmission: true, Outcome: Outcome.Stopped or Outcome.Near } held
                && held.By != by
                && claim is { IsWhoSaid: true, IsMeanwhile: false }
            )
            {
                open = open.With(
                    open.Events.Count - 1,
                    held with
                    {
                        Outcome =
                            held.Outcome == Outcome.Stopped && held is { IsOpen: true, Claim: MoveClaim { IsGot: true } }
                                ? Outcome.Near
                                : held.Outcome,
                        IsOpen = false,
                    }
                );
                if (move.Word == MoveWord.General && claim.To.Count == 0 && claim.From.Count == 0)
                {
                    yield return open.Plus(cost);
                    continue;
                }
            }
            foreach (var course in Stopping.Ways(open, claim, by))
            foreach (var next in Made(decoder, course, claim, by, from, cost))
                yield return next;
        }
    }

    // "He caught me with a toe hold and then one more": what held for the first holds for the next.
    // "I got a straight ankle, he got a straight ankle": so does the same in turn.
    private static bool IsListed(MoveClaim claim, Event before, Who by) =>
        claim.IsGot
            && before.Claim is MoveClaim { IsGot: true }
            && before.Move == claim.Move
            && before.By != by
            && before.Outcome == Outcome.Tap
        || (claim.IsListed || claim.IsAgain && before.Move == claim.Move)
            && before is { Move.IsSubmission: true }
            && before.By == by
            && (
                before.IsTapSaid
                || before.Claim is MoveClaim { IsListed: true }
                || before.Claim is NamedClaim named && named.Outcomes.MinBy(o => o.Cost).Is == Outcome.Tap
            );

    private static IEnumerable<State> Made(Decoder decoder, State open, MoveClaim claim, Who by, May<Place?> from, double cost)
    {
        var move = claim.Move;
        var at = from.Is ?? open.Now;
        var done = Meant(decoder, claim, at?.SeenBy(by));
        cost += Fit(done, at, by);
        if (claim.Level is { } level && at is { } here && here.Role != Role.Neutral && here.SeenBy(by).Role != level)
            cost += Weights.Of("fit-wrong");
        var start = from.Is ?? Landing.Start(done, by, open.Now);
        var isAsBefore =
            open.IsFresh && open.Events is [.., { Outcome: Outcome.Tap } tapped] && IsListed(claim, tapped, by) && claim.Outcomes.Count > 1;
        foreach (var (outcome, told) in claim.Outcomes)
        foreach (var to in Maybe(outcome == Outcome.Landed ? claim.ToOf?.Invoke(by) ?? claim.To : []))
        {
            var reached =
                outcome == Outcome.Landed
                    ? to.Is ?? Landing.End(done, by, start ?? (done.To?.SeenBy(by) == open.Now ? null : open.Now))
                    : null;
            var made = new Event(claim, by, done, outcome)
            {
                From = start,
                To = reached,
                IsToSaid = to.Is is not null,
                IsFromSaid = from.Is is not null,
                IsOpen = claim.IsOpen,
                IsTapSaid = claim.IsTapSaid,
                Before = open.Now,
            };
            var outcomeCost = !isAsBefore ? told : Weights.Of(outcome == Outcome.Tap ? "listed-tap" : "listed-stopped");
            var sum = cost + outcomeCost + to.Cost + (outcome == Outcome.Tap && open.NoTaps ? 2.5 : 0);
            // "Shot a double to half guard": it led there, so it landed.
            if (claim.To.Count > 0 && outcome == Outcome.Stopped && claim.IsOpen)
                sum += Weights.Of("stopped-but-led");
            var next = Add(open, made, claim.Times, sum);
            foreach (var (name, place) in claim.Places)
            {
                var meant =
                    place.Any(p => p.Is == from.Is) ? from.Is
                    : place.Any(p => p.Is == to.Is) ? to.Is
                    : place[0].Is;
                next = next with { Understood = next.Understood.Add((name, meant, by)) };
            }
            yield return next;
        }
    }

    // Who stands up between somebody's legs stands in the guard; who rolls the other over from under the mount escapes it.
    private static Move Meant(Decoder decoder, MoveClaim claim, Place? at) =>
        claim.Move switch
        {
            { Id.Value: "stand-up-escape" } up when at is { IsTop: true, IsGuard: true } => decoder.StandInGuard ?? up,
            // "I stand up with the leg" out of the X.
            { Id.Value: "stand-up-escape" or "come-up-on-top" } with
                when at is { IsBottom: true } && decoder.StandUpSweeps.GetValueOrDefault(at.Position.Id) is { } swept => swept,
            // "Shook me off": out of the legs that were around them.
            { Id.Value: "back-escape" or "escape" } open when at is { IsTop: true, Position.Id: "closed-guard" } => decoder.OpenTheGuard
                ?? open,
            { Id.Value: "sweep" } over when claim.IsWeak && at is { IsBottom: true, Position.Id: "mount" } => decoder.BridgeAndRoll ?? over,
            var move => move,
        };

    private static State Add(State state, Event made, int times, double cost)
    {
        var start = state.Events.Count == state.First ? state.Start ?? made.From : state.Start;
        var events = state.Events.Add(made);
        if (times > 1 && made.Move is { IsSubmission: false, Stays: false })
            for (var i = 1; i < Math.Min(times, MostCounted); i++)
                events = events.Add(made);
        var told = state with
        {
            Cost = state.Cost + cost,
            Events = events,
            Start = start,
            Now =
                made.Claim is MoveClaim { IsCounted: true } && state.Start is { } each ? each
                : made.Outcome == Outcome.Landed ? made.To ?? made.From ?? state.Now
                : made.From ?? state.Now,
        };
        // "Armbarred me twice": each ended an exchange.
        for (var i = 1; i < times && made is { Outcome: Outcome.Tap, IsTapSaid: true }; i++)
        {
            told = told.Closed(ExchangeEnd.Tap);
            told = told with { Events = told.Events.Add(made), Start = made.From };
        }
        return told;
    }

    /// <summary>What a place may be; nothing where none was said.</summary>
    public static IEnumerable<May<Place?>> Maybe(IReadOnlyList<May<Place>> places) =>
        places.Count == 0 ? [new May<Place?>(null, 0)] : places.Select(p => new May<Place?>(p.Is, p.Cost));

    /// <summary>What it costs that somebody does this from there.</summary>
    public static double Fit(Move move, Place? at, Who by)
    {
        // Who is underneath holds nobody from behind.
        if (at is { } held && move.Stays)
            return move.From.Count > 0 && !move.From.Any(f => f.IsBottom) && held.SeenBy(by).IsBottom ? Weights.Of("fit-odd") : 0;
        if (at is null)
            return 0;
        if (Landing.CanStart(move, at, by) && move.From.Count > 0)
            return 0;
        if (Landing.Suits(move, at, by))
            return Weights.Of("fit-suits");
        // With the legs entangled either may attack.
        if (move.IsSubmission && at.Position.Family == Family.Legs)
            return Weights.Of("fit-suits");
        var seen = at.SeenBy(by);
        var wrong = move.Kind switch
        {
            MoveKind.Sweep or MoveKind.GuardRecovery or MoveKind.Escape or MoveKind.GuardPull => seen.IsTop,
            MoveKind.Pass => seen.IsBottom || !seen.IsGuard,
            MoveKind.Submission => seen is { IsBottom: true, IsGuard: false },
            MoveKind.Takedown => seen.Role != Role.Neutral,
            MoveKind.BackTake => false,
            _ => move.From.Count > 0 && move.From.All(f => f.IsTop) && seen.IsBottom
                || move.From.Count > 0 && move.From.All(f => f.IsBottom) && seen.IsTop,
        };
        return wrong ? Weights.Of("fit-wrong") : Weights.Of("fit-odd");
    }
}
