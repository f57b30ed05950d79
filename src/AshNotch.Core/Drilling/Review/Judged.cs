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

    /// <summary>Too little was to be expected, and was seen, to say anything.</summary>
    public bool TooLittle => Math.Max(Expected, Observed) < Enough;

    /// <summary>Judges an exchange of a named move; null where none is named, or nobody was at its place since.</summary>
    /// <param name="way">The exchange; judged on both sides.</param>
    /// <param name="since">The first day that counts as after.</param>
    /// <param name="last">The last day looked at.</param>
    /// <param name="before">What was known before it: <see cref="Experience.OfBefore"/>.</param>
    public static Judged? Of(Way way, DateOnly since, DateOnly last, Experience before)
    {
        if (SeenSince.Of(way, since, last, before) is not { } seen)
            return null;
        var (below, ratio) = (0.0, 0.0);
        foreach (var chance in seen.Chances)
        {
            var thought = seen.Expected * chance;
            below += Gamma.CDF(Prior + seen.Observed, Prior + thought, 1) / seen.Chances.Count;
            ratio += (Prior + seen.Observed) / (Prior + thought) / seen.Chances.Count;
        }
        return new Judged(seen.Observed, seen.Tries, seen.Expected, ratio, way.By == Who.Partner ? below : 1 - below);
    }
}
