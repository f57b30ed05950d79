using AshNotch.Core.Chain;

namespace AshNotch.Core.Skill;

/// <summary>
/// How much of a roll is never written down. Taps nearly always are; a landing that is left out shows as a gap, where the next notch does
/// not begin where the one before had led; a stopped attempt that is left out leaves no trace.
/// </summary>
/// <param name="Joints">Landings and taps before which it is known where the last landing had led.</param>
/// <param name="Gaps">Those that began elsewhere.</param>
/// <param name="StopShares">
/// Equally likely values of the share of stops that are written, relative to landings: 1 when they are written as readily.
/// </param>
public sealed record Unwritten(double Joints, double Gaps, IReadOnlyList<double> StopShares)
{
    /// <summary>What is held before the log: of twenty landings, one goes unwritten. The authors' judgement.</summary>
    private const double PriorWritten = 9.5;

    private const double PriorLeftOut = 0.5;

    /// <summary>The lowest and highest share of stops held possible. The authors' judgement.</summary>
    private const double LowestStops = 0.2;

    private const double HighestStops = 1.1;

    // From how many landings on rolls told over film say how many stops the others leave out.
    private const int EnoughToCompare = 40;
    private const int Nodes = 5;

    /// <summary>Parameters of the beta distribution of the share of landings that are written.</summary>
    public (double Written, double LeftOut) Landings => (PriorWritten + Joints - Gaps, PriorLeftOut + Gaps);

    /// <summary>Expected share of landings that are written.</summary>
    public double LandingShare => Landings.Written / (Landings.Written + Landings.LeftOut);

    /// <summary>Estimates it from a walk.</summary>
    public static Unwritten Of(Walk walk)
    {
        var (joints, gaps) = (0.0, 0.0);
        var (timed, told) = ((Landings: 0, Stays: 0), (Landings: 0, Stays: 0));
        foreach (var roll in walk.Rolls)
        {
            joints += roll.Joints;
            gaps += roll.Gaps;
            if (roll.IsTimed)
                timed = (timed.Landings + roll.Landings, timed.Stays + roll.Stays);
            else
                told = (told.Landings + roll.Landings, told.Stays + roll.Stays);
        }
        return new Unwritten(joints, gaps, Shares(timed, told));
    }

    private static double[] Shares((int Landings, int Stays) timed, (int Landings, int Stays) told)
    {
        var (low, high) = (Math.Log(LowestStops), Math.Log(HighestStops));
        const int Fine = 400;
        var weights = new double[Fine];
        var compare = timed.Landings >= EnoughToCompare && told.Landings >= EnoughToCompare && timed.Stays > 0 && told.Stays > 0;
        for (var i = 0; i < Fine; i++)
        {
            var log = low + (high - low) * (i + 0.5) / Fine;
            weights[i] = 1;
            if (!compare)
                continue;
            var ratio = Math.Log((double)told.Stays / told.Landings * timed.Landings / timed.Stays);
            var variance = 1.0 / told.Stays + 1.0 / timed.Stays + 1.0 / told.Landings + 1.0 / timed.Landings;
            weights[i] = Math.Exp(-(log - ratio) * (log - ratio) / 2 / variance);
        }
        var total = weights.Sum();
        var shares = new double[Nodes];
        var (sum, node) = (0.0, 0);
        for (var i = 0; i < Fine && node < Nodes; i++)
        {
            sum += weights[i] / total;
            while (node < Nodes && sum >= (node + 0.5) / Nodes - 1e-12)
                shares[node++] = Math.Exp(low + (high - low) * (i + 0.5) / Fine);
        }
        return shares;
    }
}
