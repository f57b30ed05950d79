using System.Globalization;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Hands;

/// <summary>
/// Prints how tellings are read hand by hand, each file one: with the weights as learned and as set by hand. A hand that was looked at while
/// the reader was made says less than one that was not.
/// </summary>
internal static class HandTable
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);

    /// <summary>Prints the table.</summary>
    public static void Print(IReadOnlyList<string> files)
    {
        Console.WriteLine(
            "                     tellings  all right  taps exact    who  only said, and counted   all right by hand-set weights"
        );
        var sums = new double[5];
        foreach (var hand in files.Select(Hand.Read))
        {
            var figures = Figures(hand);
            Learning.With(Weights.Hand, () => figures = [.. figures, Figures(hand)[0]]);
            for (var f = 0; f < figures.Length; f++)
                sums[f] += figures[f] / files.Count;
            Row(hand.Name, $"{hand.Tellings.Count}", figures);
        }
        Row("mean of the hands", "", sums);
    }

    private static void Row(string name, string tellings, double[] figures) =>
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{name, -20} {tellings, 8} {figures[0], 10:0.000} {figures[1], 11:0.000} {figures[2], 6:0.000} {figures[3], 24:0.000} {figures[4], 31:0.000}"
            )
        );

    private static double[] Figures(Hand hand)
    {
        var score = new HandScore();
        foreach (var telling in hand.Tellings)
            score.Add(telling, Book);
        return
        [
            (double)score.AllRight / Math.Max(1, score.Events),
            (double)score.TapsExact / Math.Max(1, score.Tellings),
            (double)score.WhoRight / Math.Max(1, score.Found),
            (double)score.Counted / Math.Max(1, score.OnlySaid),
        ];
    }
}
