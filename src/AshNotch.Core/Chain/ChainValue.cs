using System.Numerics.Tensors;

namespace AshNotch.Core.Chain;

/// <summary>
/// The expected net result of a roll from each place on: <c>V = (I - (1-h)·P~)^-1 · r</c>, an absorbing chain (Kemeny &amp; Snell,
/// <i>Finite Markov Chains</i>, ch. 3) in which each step ends the roll with chance h and a tap starts again.
/// </summary>
public sealed class ChainValue
{
    private readonly RollChain chain;
    private readonly double[] rewards;
    private readonly double[] values;
    private readonly double[] visits;
    private readonly double goesOn;
    private readonly double[] fundamental;

    private ChainValue(RollChain chain, double[] rewards, double[] fundamental, double[] values, double[] visits)
    {
        this.chain = chain;
        this.rewards = rewards;
        this.fundamental = fundamental;
        this.values = values;
        this.visits = visits;
        goesOn = 1 - chain.Ends;
        PerRoll = TensorPrimitives.Dot(chain.Start, values);
    }

    /// <summary>Expected net result from each place to the end of the roll, in the unit of the aim.</summary>
    public IReadOnlyList<double> Values => values;

    /// <summary>Expected net result of a whole roll.</summary>
    public double PerRoll { get; }

    /// <summary>Expected number of steps from a place in a roll.</summary>
    public double Visits(int place) => visits[place];

    /// <summary>Solves a chain.</summary>
    /// <param name="chain">The chain.</param>
    /// <param name="rewards">What each exit is worth to me, in the order of the shape's exits.</param>
    public static ChainValue Solve(RollChain chain, double[] rewards)
    {
        var shape = chain.Shape;
        var n = shape.Places.Count;
        var system = new double[n * n];
        var expected = new double[n];
        var goesOn = 1 - chain.Ends;
        for (var s = 0; s < n; s++)
        {
            var row = system.AsSpan(s * n, n);
            var (begin, end) = (shape.Of(s).Start.Value, shape.Of(s).End.Value);
            var leaves = 0.0;
            var taps = 0.0;
            for (var e = begin; e < end; e++)
            {
                var chance = chain.Chances[e];
                leaves += chance;
                expected[s] += chance * rewards[e];
                if (shape.Exits[e].To is var to && to >= 0)
                    row[to] -= goesOn * chance;
                else
                    taps += chance;
            }
            row[s] += 1 - goesOn * Math.Max(0, 1 - leaves);
            if (taps > 0)
                TensorPrimitives.MultiplyAdd(chain.Start, -goesOn * taps, row, row);
        }
        DominantInverse.Of(system, n);
        var values = new double[n];
        var visits = new double[n];
        for (var s = 0; s < n; s++)
        {
            var row = system.AsSpan(s * n, n);
            values[s] = TensorPrimitives.Dot(row, expected);
            if (chain.Start[s] > 0)
                TensorPrimitives.MultiplyAdd(row, chain.Start[s], visits, visits);
        }
        return new ChainValue(chain, rewards, system, values, visits);
    }

    /// <summary>
    /// What changes when the odds of some exits of one place are multiplied and nothing else is: one row of the chain changes, so the
    /// Sherman-Morrison formula gives the new value per roll exactly.
    /// </summary>
    /// <param name="place">Index of the place.</param>
    /// <param name="chosen">Indices of its exits that change.</param>
    /// <param name="odds">What their odds against everything else are multiplied by, above 0.</param>
    public Change WhenOddsChange(int place, ReadOnlySpan<int> chosen, double odds)
    {
        var (rate, worth, toward) = (0.0, 0.0, 0.0);
        foreach (var e in chosen)
        {
            var chance = chain.Chances[e];
            var to = chain.Shape.Exits[e].To;
            rate += chance;
            worth += chance * (rewards[e] + goesOn * (to >= 0 ? values[to] : PerRoll));
            toward += chance * goesOn * (to >= 0 ? Reach(to, place) : visits[place]);
        }
        if (rate is <= 0 or >= 1)
            return new Change(0, rate, visits[place], 0);

        // What is left of the place's own equations, V = r + P·V and N = I + P·N, is what else happens there.
        var difference = worth / rate - (values[place] - worth) / (1 - rate);
        var drift = toward / rate - (Reach(place, place) - 1 - toward) / (1 - rate);
        var newRate = odds * rate / (1 - rate + odds * rate);
        var moved = newRate - rate;
        return new Change(visits[place] * moved * difference / (1 - moved * drift), rate, visits[place], difference);
    }

    // Expected steps at a place from another on.
    private double Reach(int from, int place) => fundamental[from * values.Length + place];
}
