using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Core.Weeks;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Partners;

/// <summary>What one move from one place does between two people, beside what it does with everybody else.</summary>
/// <param name="Way">The move, whose it is and where it starts.</param>
/// <param name="To">Where it led, the most frequent first; null stands for a tap.</param>
/// <param name="Came">How often it was tried between the two, and came off.</param>
/// <param name="Others">How often with everybody else.</param>
/// <param name="PerRoll">
/// How often it came off, against what as many rolls with everybody else would have brought: few rolls stay near 1.
/// </param>
/// <param name="Rolls">The rolls it came off in, the newest first.</param>
public sealed record Between(Way Way, IReadOnlyList<PlaceId?> To, Came Came, Came Others, Ratio PerRoll, IReadOnlyList<string> Rolls)
{
    // So many tries with everybody else stand beside those between the two, that two rolls do not look like a pattern. The authors' judgement.
    private const double Prior = 5;

    /// <summary>The share that comes off with everybody else; null where nobody else tried it.</summary>
    public double? Usual => Others.Tried == 0 ? null : (double)Others.Landed / Others.Tried;

    /// <summary>
    /// The share that comes off between the two, drawn towards the usual one: a beta distribution (Gelman and others, <i>Bayesian Data
    /// Analysis</i>, ch. 2).
    /// </summary>
    public double Rate => A / (A + B);

    /// <summary>In one case of ten the share is lower.</summary>
    public double Low => Beta.InvCDF(A, B, 0.1);

    /// <summary>In one case of ten the share is higher.</summary>
    public double High => Beta.InvCDF(A, B, 0.9);

    /// <summary>It comes off clearly more often a roll than with the others.</summary>
    public bool IsMore => PerRoll.Low > 1;

    /// <summary>It comes off clearly less often a roll than with the others.</summary>
    public bool IsLess => PerRoll.High < 1;

    // The usual share, kept off nought and one by a try of each kind.
    private double Middle => (Others.Landed + 1.0) / (Others.Tried + 2.0);

    private double A => Came.Landed + Prior * Middle;

    private double B => Came.Tried - Came.Landed + Prior * (1 - Middle);

    /// <summary>Of the tries of one way.</summary>
    /// <param name="way">The way.</param>
    /// <param name="own">The tries between the two.</param>
    /// <param name="others">Those with everybody else.</param>
    /// <param name="rolls">How many rolls the two had.</param>
    /// <param name="otherRolls">How many rolls everybody else.</param>
    internal static Between Of(Way way, IReadOnlyList<TryWith> own, Came others, int rolls, int otherRolls)
    {
        List<TryWith> landed = [.. own.Where(t => t.CameOff)];
        return new Between(
            way,
            [
                .. landed
                    .GroupBy(t => t.One.After)
                    .OrderByDescending(g => g.Count())
                    .ThenBy(g => g.Key?.Value, StringComparer.Ordinal)
                    .Select(g => g.Key),
            ],
            new Came(own.Count, landed.Count),
            others,
            new Ratio(landed.Count, otherRolls == 0 ? landed.Count : (double)others.Landed / otherRolls * rolls),
            [.. landed.Select(t => t.One.Logged.Roll.Id).Distinct().Reverse()]
        );
    }
}
