using System.Globalization;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Hands;

/// <summary>
/// What learning the weights adds for a hand that they were not learned from: each hand in turn is left out, the weights are learned from the
/// others and it is read with them. Beside it the same weights on what they were learned from: the gap is what was learned by heart.
/// </summary>
internal static class LeftOut
{
    // A weight moves only for more than one notch: single tellings teach single tellings.
    private const double LeastGain = 0.9;
    private const double ForTooMany = 0.35;
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    /// <summary>Prints the table; each file one hand.</summary>
    public static void Print(IReadOnlyList<string> files)
    {
        var hands = files.Select(Hand.Read).ToList();
        Console.WriteLine(
            "                     all right: as they stand, set by hand, left out   taps: as they stand, by hand, left out   gap of all right to the learned"
        );
        var sums = new double[7];
        foreach (var hand in hands)
        {
            var others = hands.Where(h => h != hand).ToList();
            var before = Scored([hand]);
            HandScore byHand = before;
            Learning.With(Weights.Hand, () => byHand = Scored([hand]));
            HandScore after = before;
            var gap = 0.0;
            Learning.With(
                [],
                () =>
                {
                    Learn(others);
                    after = Scored([hand]);
                    gap = AllRight(Scored(others)) - AllRight(after);
                }
            );
            double[] row = [AllRight(before), AllRight(byHand), AllRight(after), Taps(before), Taps(byHand), Taps(after), gap];
            for (var f = 0; f < row.Length; f++)
                sums[f] += row[f] / hands.Count;
            Row(hand.Name, row);
        }
        Row("mean of the hands", sums);
    }

    /// <summary>Learns from all of them and prints the weights.</summary>
    public static void Learn(IReadOnlyList<string> files)
    {
        Learn(files.Select(Hand.Read).ToList());
        Learning.Print();
    }

    private static void Learn(List<Hand> hands) => Learning.Climb(() => Value(Scored(hands)), LeastGain);

    // Right notches and taps, less what nobody told.
    private static double Value(HandScore score) => score.AllRight + score.TapsExact - ForTooMany * score.NobodyTold - score.Counted;

    private static HandScore Scored(IReadOnlyList<Hand> hands)
    {
        var parts = new HandScore[Environment.ProcessorCount];
        var tellings = hands.SelectMany(h => h.Tellings).ToList();
        Parallel.For(
            0,
            parts.Length,
            p =>
            {
                parts[p] = new HandScore();
                for (var i = p; i < tellings.Count; i += parts.Length)
                    parts[p].Add(tellings[i], Book);
            }
        );
        foreach (var part in parts[1..])
            parts[0].Add(part);
        return parts[0];
    }

    private static double AllRight(HandScore score) => (double)score.AllRight / Math.Max(1, score.Events);

    private static double Taps(HandScore score) => (double)score.TapsExact / Math.Max(1, score.Tellings);

    private static void Row(string name, double[] row) =>
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{name, -20} {row[0], 23:0.000} {row[1], 12:0.000} {row[2], 9:0.000} {row[3], 21:0.000} {row[4], 8:0.000} {row[5], 9:0.000} {row[6], 33:0.000}"
            )
        );
}
