using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>A match entered press by press, as the roll it makes.</summary>
public static class LiveMatch
{
    private static readonly PlaceId UnderGuard = new("open-guard/bottom");
    private static readonly PlaceId OverGuard = new("open-guard/top");
    private static readonly PlaceId Pin = new("side-control/top");
    private static readonly PlaceId Turtle = new("turtle/top");
    private static readonly MoveId Pull = new("guard-pull");

    /// <summary>A roll with what was pressed written into it; a tap ends the match, and what was pressed after it is left out.</summary>
    /// <param name="roll">The roll without notches.</param>
    /// <param name="events">What was pressed, in order.</param>
    /// <param name="vocabulary">The places.</param>
    public static Roll In(Roll roll, IEnumerable<LiveEvent> events, MatVocabulary vocabulary)
    {
        var notches = new List<Notch>();
        var penalties = new List<Penalty>();
        PlaceId? now = PlaceId.Standing;
        ExchangeEnd? end = null;
        foreach (var one in events)
        {
            if (one.For == ScoredFor.Penalty)
            {
                penalties.Add(new Penalty(one.By, one.At, null));
                continue;
            }
            var notch = Notch(one, now, vocabulary);
            notches.Add(notch);
            // What was not held leaves them where they were.
            now = notch.Held == false ? notch.From : Whereabouts.After(notch, now, vocabulary);
            if (notch.Outcome != Outcome.Tap)
                continue;
            end = ExchangeEnd.Tap;
            break;
        }
        return roll with
        {
            Kind = RollKind.Match,
            Penalties = penalties,
            Exchanges =
            [
                new Exchange
                {
                    Start = PlaceId.Standing,
                    End = end,
                    Notches = notches,
                },
            ],
        };
    }

    private static Notch Notch(LiveEvent one, PlaceId? now, MatVocabulary vocabulary)
    {
        var here = vocabulary.Place(now)?.SeenBy(one.By);
        var (from, to) = Way(one.For, here);
        return new Notch
        {
            By = one.By,
            Move = one.For == ScoredFor.GuardPull ? Pull : null,
            From = from?.SeenBy(one.By),
            To = to?.SeenBy(one.By),
            At = one.At,
            Held = one.How switch
            {
                _ when to is null || one.For is ScoredFor.GuardPull or ScoredFor.StandUp => null,
                LiveHow.Scored => true,
                LiveHow.NotHeld => false,
                _ => null,
            },
            Outcome =
                one.How == LiveHow.Near ? Outcome.Near
                : one.For == ScoredFor.Submission ? Outcome.Tap
                : Outcome.Landed,
        };
    }

    // From where, and to where, as the one sees it who does it: from where the two are where that fits, else from where it is usually done.
    private static (PlaceId? From, PlaceId? To) Way(ScoredFor what, Place? here)
    {
        var isTop = here is { IsTop: true, IsGuard: false };
        return what switch
        {
            ScoredFor.Takedown => (PlaceId.Standing, OverGuard),
            ScoredFor.GuardPull => (PlaceId.Standing, UnderGuard),
            ScoredFor.Sweep => (here is { IsGuard: true, IsBottom: true } ? here.Id : UnderGuard, OverGuard),
            ScoredFor.Pass => (here is { IsGuard: true, IsTop: true } ? here.Id : OverGuard, Pin),
            ScoredFor.KneeOnBelly => (isTop ? here!.Id : Pin, new PlaceId("knee-on-belly/top")),
            ScoredFor.Mount => (isTop ? here!.Id : Pin, new PlaceId("mount/top")),
            ScoredFor.Back => (isTop ? here!.Id : Turtle, new PlaceId("back-control/top")),
            ScoredFor.StandUp => (here is { IsBottom: true } ? here.Id : UnderGuard, PlaceId.Standing),
            ScoredFor.Reversal => (here is { IsBottom: true, IsGuard: false } ? here.Id : Pin.Mirror, Pin),
            _ => (here?.Id, null),
        };
    }
}
