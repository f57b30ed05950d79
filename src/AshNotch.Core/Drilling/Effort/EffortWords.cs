using System.Globalization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Effort;

/// <summary>What was learned of effort, in words.</summary>
public static class EffortWords
{
    private const double Nothing = 0.005;

    /// <summary>By what sets are ranked, and why.</summary>
    public static string Of(Efforts efforts) =>
        efforts.Speak
            ? $"Ranked by what an hour of drilling brings. By {efforts.Blocks} blocks of yours an hour changes the odds by about "
                + $"{Percent(efforts.Common.Mean)} (likely {Percent(efforts.Common.Low)} to {Percent(efforts.Common.High)}): "
                + $"{Percent(efforts.Of(Who.Partner).Mean)} where you stop theirs, {Percent(efforts.Of(Who.Me).Mean)} where you land yours."
            : "Every hour of drilling is taken to be worth the same until two blocks can be looked back on: ranked by gain alone.";

    private static string Percent(double logOdds) =>
        logOdds < Nothing ? "nothing" : string.Create(CultureInfo.InvariantCulture, $"{100 * (Math.Exp(logOdds) - 1):0} %");
}
