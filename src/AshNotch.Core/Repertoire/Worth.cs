using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>
/// What a try is worth on average: what it brought and the value of the place after it less that of the place before, those that were stopped
/// and countered included.
/// </summary>
/// <param name="Mean">The mean, positive for me, in the unit of the goal.</param>
/// <param name="Low">The lower end of its likely range, four times in five.</param>
/// <param name="High">The upper end.</param>
public sealed record Worth(double Mean, double Low, double High)
{
    /// <summary>The worth of some tries, each with what came right after it in its exchange; null where no place of theirs is known.</summary>
    internal static Worth? Of(IEnumerable<(Happening Try, Happening? Next)> tries, PlaceValues values, Goal goal)
    {
        List<double> changes = [.. tries.Select(t => Change(t.Try, t.Next, values, goal)).OfType<double>()];
        if (changes.Count == 0)
            return null;
        var mean = changes.Average();
        var variance = changes.Count < 2 ? 0 : changes.Sum(c => (c - mean) * (c - mean)) / (changes.Count - 1);
        var half = Wilson.FourInFive * Math.Sqrt(variance / changes.Count);
        return new Worth(mean, mean - half, mean + half);
    }

    /// <summary>What one try brought me; null where no place is known.</summary>
    internal static double? Change(Happening one, Happening? next, PlaceValues values, Goal goal)
    {
        if (one.CameOff)
            return Change(one, values, goal);
        // What failed and was answered at once has led to where the answer did.
        var isCountered = next is { CameOff: true } && next.Notch.By != one.Notch.By && next.From == one.From;
        return isCountered ? Change(next!, values, goal) : 0;
    }

    private static double? Change(Happening one, PlaceValues values, Goal goal)
    {
        if (one.From is not { } from)
            return null;
        PlaceId? to = one.Notch.Outcome == Outcome.Tap ? null : one.After;
        // After a tap the two stand up again.
        var after = values.Of(to ?? PlaceId.Standing);
        return Reward.Of(goal, values.Vocabulary, from, one.Notch.Outcome == Outcome.Tap ? null : to ?? from, one.Notch.By)
            + after
            - values.Of(from);
    }
}
