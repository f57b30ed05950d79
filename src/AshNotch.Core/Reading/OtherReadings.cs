using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// What else an event may have been: as the runner-up courses have it, then the same by the other one, and the same come out otherwise.
/// </summary>
/// <param name="courses">The courses, best first.</param>
internal sealed class OtherReadings(IReadOnlyList<State> courses)
{
    private const int Most = 3;
    private const int Seconds = 4;

    // By claim, so that a long telling is not searched through for each of its notches.
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
            .Concat(ComeOutOtherwise(taken, told.Move));
        var kept = new List<Notch>();
        foreach (var other in others.Select(o => o with { Unsure = false, Span = taken.Span, Inferred = [] }))
            if (kept.Count < Most && !IsSame(other, taken) && !kept.Exists(k => IsSame(k, other)))
                kept.Add(other);
        return kept;
    }

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
