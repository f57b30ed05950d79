using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// What else an event may have been: as the runner-up courses have it, then the same by the other one, another move that does the same or
/// sounds alike, and the same come out otherwise.
/// </summary>
/// <param name="courses">The courses, best first.</param>
/// <param name="vocabulary">The moves.</param>
internal sealed class OtherReadings(IReadOnlyList<State> courses, MatVocabulary vocabulary)
{
    private const int Most = 5;
    private const int MostNear = 2;
    private const int Seconds = 4;

    // By claim, so that a long telling is not searched through for each of its notches.
    private readonly NearMoves near = NearMoves.Of(vocabulary);
    private readonly List<Dictionary<Claim, Event>> seconds = [.. courses.Skip(1).Take(Seconds).Select(c => c.ByClaim())];

    /// <summary>The readings, the likelier first, none of them the one that was taken.</summary>
    /// <param name="told">The event of the best course.</param>
    /// <param name="taken">Its notch.</param>
    /// <param name="write">Makes a notch of an event.</param>
    public IReadOnlyList<Notch> Of(Event told, Notch taken, Func<Event, Notch> write)
    {
        var others = seconds
            .Select(s => s.GetValueOrDefault(told.Claim))
            .OfType<Event>()
            .Select(write)
            .Append(ByTheOther(taken))
            .Concat(Near(taken, told))
            .Concat(ComeOutOtherwise(taken, told.Move));
        var kept = new List<Notch>();
        foreach (var other in others.Select(o => o with { Unsure = false, Span = taken.Span, Inferred = [] }))
            if (kept.Count < Most && !IsSame(other, taken) && !kept.Exists(k => IsSame(k, other)))
                kept.Add(other);
        return kept;
    }

    private IEnumerable<Notch> Near(Notch taken, Event told) =>
        told.Move is null
            ? []
            : near.To(told.Move, told.From, told.By)
                .Take(MostNear)
                .Select(move =>
                    taken with
                    {
                        Move = move.Id,
                        To = taken.Outcome == Outcome.Landed ? Landing.End(move, told.By, told.From)?.Id : null,
                        Outcome = taken.Outcome == Outcome.Tap && !move.IsSubmission ? Outcome.Landed : taken.Outcome,
                    }
                );

    private static Notch ByTheOther(Notch notch) => notch with { By = notch.By.Other(), From = notch.From?.Mirror, To = notch.To?.Mirror };

    private static IEnumerable<Notch> ComeOutOtherwise(Notch notch, Move? move)
    {
        Notch With(Outcome outcome) => notch with { Outcome = outcome, To = outcome == Outcome.Landed || move is null ? notch.To : null };
        yield return With(
            notch.Outcome == Outcome.Stopped ? (move is { IsSubmission: true } ? Outcome.Tap : Outcome.Landed) : Outcome.Stopped
        );
        yield return With(Outcome.Near);
    }

    // Where it starts is mostly inferred, and no reading of its own.
    private static bool IsSame(Notch one, Notch other) =>
        (one.By, one.Move, one.To, one.Outcome) == (other.By, other.Move, other.To, other.Outcome);
}
