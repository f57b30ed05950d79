using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Revising;

/// <summary>What a new reading does with one notch.</summary>
public enum StepChange
{
    /// <summary>It stands as before.</summary>
    Same,

    /// <summary>It comes in.</summary>
    New,

    /// <summary>It goes.</summary>
    Gone,
}

/// <summary>A notch of a roll that is read anew.</summary>
/// <param name="Change">What becomes of it.</param>
/// <param name="Words">The notch in words.</param>
/// <param name="By">Whose it is.</param>
/// <param name="ByHand">Somebody put it right or put it in, and so it stays.</param>
public sealed record RereadStep(StepChange Change, string Words, Who By, bool ByHand)
{
    /// <summary>The notches of two forms of a roll laid beside each other: the longest run that they share stands, the rest comes or goes.</summary>
    internal static IReadOnlyList<RereadStep> Beside(Roll before, Roll after, IReadOnlyList<Notch> byHand, MatVocabulary vocabulary)
    {
        var hands = byHand.Select(n => NotchWords.Of(n, vocabulary)).ToHashSet();
        var (a, b) = (Told(before), Told(after));
        // shared[i, j]: how many notches the rests from i and from j have in common, in order.
        var shared = new int[a.Count + 1, b.Count + 1];
        for (var i = a.Count - 1; i >= 0; i--)
        for (var j = b.Count - 1; j >= 0; j--)
            shared[i, j] = a[i].Words == b[j].Words ? shared[i + 1, j + 1] + 1 : Math.Max(shared[i + 1, j], shared[i, j + 1]);
        var steps = new List<RereadStep>();
        var (x, y) = (0, 0);
        while (x < a.Count || y < b.Count)
        {
            if (x < a.Count && y < b.Count && a[x].Words == b[y].Words)
            {
                Add(b[y++], StepChange.Same);
                x++;
            }
            else if (y >= b.Count || (x < a.Count && shared[x + 1, y] >= shared[x, y + 1]))
                Add(a[x++], StepChange.Gone);
            else
                Add(b[y++], StepChange.New);
        }
        return steps;

        List<(Who By, string Words)> Told(Roll roll) => [.. roll.Notches.Select(n => (n.By, NotchWords.Of(n, vocabulary)))];

        void Add((Who By, string Words) one, StepChange change) =>
            steps.Add(new RereadStep(change, one.Words, one.By, change != StepChange.Gone && hands.Contains(one.Words)));
    }
}
