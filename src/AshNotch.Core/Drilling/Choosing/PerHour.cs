using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>What an hour of drilling would bring a roll, by what hours brought before.</summary>
/// <param name="GainPerRoll">The mean.</param>
/// <param name="Low">Lower end of its likely range.</param>
/// <param name="High">Upper end.</param>
/// <param name="Say">It in words.</param>
public sealed record PerHour(double GainPerRoll, double Low, double High, string Say)
{
    // Whatever past blocks say, an hour is not thought to be worth nothing.
    private const double Least = 0.02;

    private const double Nothing = 0.005;

    // A number without a factor in common with the count of draws mixes their order.
    private const int Stride = 37;

    /// <summary>What a gain is multiplied by to rank it per hour; 1 for all until enough blocks speak.</summary>
    public static double Weight(Way way, Efforts efforts, MatVocabulary vocabulary) =>
        efforts.Speak ? Math.Max(Least, efforts.Of(way, vocabulary).Mean) / Math.Log(2) : 1;

    /// <summary>Takes draws of what twice the odds would bring, and how far an hour moves them.</summary>
    internal static PerHour Of(double[] gains, HourEffect effect, Aim aim)
    {
        var drawn = gains.Select(
            (gain, d) =>
            {
                var share = (d * Stride % gains.Length + 0.5) / gains.Length;
                return gain * Normal.InvCDF(effect.Mean, effect.Deviation, share) / Math.Log(2);
            }
        );
        var (mean, low, high) = Quantiles.Of(drawn);
        return new PerHour(
            mean,
            low,
            high,
            string.Create(
                CultureInfo.InvariantCulture,
                $"An hour of it: {Saying.Gain(Math.Max(0, mean), aim)} ({(low < Nothing ? "nothing" : $"{low:0.00}")} to {high:0.00})."
            )
        );
    }
}
