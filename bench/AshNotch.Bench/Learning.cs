using System.Globalization;
using AshNotch.Core.Reading.Claims;

namespace AshNotch.Bench;

/// <summary>
/// Learns the reader's weights from the half tuned on: one weight after the other is moved as long as more is read right. Always in the
/// same order, so the same tellings teach the same.
/// </summary>
/// <remarks>
/// The measure itself is climbed, as in Och, <i>Minimum Error Rate Training in Statistical Machine Translation</i>, ACL 2003: there are some
/// ninety weights, and what counts, taps above all, is no sum over the parts of a course.
/// </remarks>
internal static class Learning
{
    private const double FirstStep = 0.3;
    private const double LastStep = 0.07;
    private const double ForTooMany = 0.35;

    /// <summary>Learns and prints the weights as they stand in <c>weights.json</c>.</summary>
    public static void Run(string tuning)
    {
        var told = AnnotatedRetelling.ReadFolder(tuning).ToList();
        Climb(() => Value(told), leastGain: 0);
        Print();
    }

    /// <summary>Moves the weights, one after the other, as long as some value grows by more than so much each time.</summary>
    public static void Climb(Func<double> value, double leastGain)
    {
        var weights = Weights.All;
        var best = value();
        Console.Error.WriteLine(string.Create(CultureInfo.InvariantCulture, $"before: {best:0.0}"));
        for (var step = FirstStep; step > LastStep; step /= 2)
        {
            foreach (var name in weights.Keys.Order(StringComparer.Ordinal).ToList())
            foreach (var by in (double[])[step, -step])
            {
                var before = weights[name];
                weights[name] = Math.Round(before + by, 3);
                var moved = value();
                if (moved > best + leastGain)
                    best = moved;
                else
                    weights[name] = before;
            }
            Console.Error.WriteLine(string.Create(CultureInfo.InvariantCulture, $"step {step:0.00}: {best:0.0}"));
        }
    }

    /// <summary>Prints the weights as they stand in <c>weights.json</c>.</summary>
    public static void Print()
    {
        foreach (var (name, weight) in Weights.All)
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"    \"{name}\": {weight},"));
    }

    /// <summary>Runs something with other weights.</summary>
    public static void With(IEnumerable<KeyValuePair<string, double>> other, Action run)
    {
        var kept = Weights.All.ToDictionary();
        foreach (var (name, weight) in other)
            Weights.All[name] = weight;
        run();
        foreach (var (name, weight) in kept)
            Weights.All[name] = weight;
    }

    // Notches right in all fields, less what nobody told.
    private static double Value(IReadOnlyList<AnnotatedRetelling> tellings)
    {
        var score = new ReadingScore();
        foreach (var telling in tellings)
            score.Add(telling);
        return score.AllRight - ForTooMany * (score.NotchesRead - score.NotchesFound) - score.WronglyCounted;
    }
}
