using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Drilling.Review;

/// <summary>
/// Whether an exchange changed since a day: how often it came off in live rolls since then, against what was to be expected of those rolls,
/// with those partners, by what was known before. What is drilled was chosen because it went badly, and would look better afterwards by itself
/// (regression to the mean): so nothing since that day is learned from, and how unsure the expectation is counts, draw by draw.
/// </summary>
/// <param name="Observed">How often it came off since.</param>
/// <param name="Tries">How often it was tried since.</param>
/// <param name="Expected">How often it was to come off.</param>
/// <param name="Ratio">What it happens now, as a multiple of what was to be expected; drawn towards 1.</param>
/// <param name="Better">The chance that it goes better for me than before: mine more often, theirs less.</param>
public sealed record Judged(int Observed, int Tries, double Expected, double Ratio, double Better)
{
    /// <summary>From what chance on a change is called one.</summary>
    public const double Called = 0.9;

    /// <summary>Below this many events, expected or seen, nothing is said. The authors' judgement.</summary>
    public const double Enough = 3;

    // How many expected events the prior of the ratio, around 1, is worth: as over the weeks.
    private const double Prior = 3;
    private const int Draws = 100;

    /// <summary>Too little was to be expected, and was seen, to say anything.</summary>
    public bool TooLittle => Math.Max(Expected, Observed) < Enough;

    /// <summary>Judges an exchange of a named move; null where none is named, or nobody was at its place since.</summary>
    /// <param name="way">The exchange; judged on both sides.</param>
    /// <param name="since">The first day that counts as after.</param>
    /// <param name="last">The last day looked at.</param>
    /// <param name="before">What was known before it: <see cref="Experience.OfBefore"/>.</param>
    public static Judged? Of(Way way, DateOnly since, DateOnly last, Experience before)
    {
        var (_, walk, model, _) = before;
        if (way.Move is not { } move || model.Shape.IndexOf(way.From) < 0)
            return null;
        var (observed, tries, expected, steps) = (0, 0, 0.0, 0);
        foreach (var step in walk.Steps)
        {
            if (step.From != way.From || walk.Rolls[step.Roll].Logged.Session.Date is not { } day || day < since || day > last)
                continue;
            steps++;
            expected += model.Written(way.From, step.Roll, way.By, move);
            if (step.By != way.By || step.Move != move)
                continue;
            tries++;
            observed += step.Result == StepResult.Stays ? 0 : 1;
        }
        if (steps == 0)
            return null;
        var chances = Enumerable.Range(0, Draws).Select(d => Chance(way, model.Drawn(d, Against.Usual))).ToArray();
        var mean = chances.Average();
        var (below, ratio) = (0.0, 0.0);
        foreach (var chance in chances)
        {
            var thought = expected * (mean > 0 ? chance / mean : 1);
            below += Gamma.CDF(Prior + observed, Prior + thought, 1) / Draws;
            ratio += (Prior + observed) / (Prior + thought) / Draws;
        }
        return new Judged(observed, tries, expected, ratio, way.By == Who.Partner ? below : 1 - below);
    }

    private static double Chance(Way way, RollChain chain) => chain.Shape.ExitsOf(way).Sum(e => chain.Chances[e]);
}
