using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.LinearAlgebra;

namespace AshNotch.Core.Chain;

/// <summary>
/// The expected net result of a roll from each place on: <c>V = (I - (1-h)·P~)^-1 · r</c>, an absorbing chain (Kemeny &amp; Snell,
/// <i>Finite Markov Chains</i>, ch. 3) in which each step ends the roll with chance h and a tap starts again.
/// </summary>
public sealed class ChainValue
{
    private readonly Matrix<double> fundamental;
    private readonly Vector<double> visits;
    private readonly double[][] rewards;
    private readonly ChainFit fit;
    private readonly double goesOn;

    private ChainValue(ChainFit fit, double[][] rewards, Matrix<double> fundamental, Vector<double> values, Vector<double> start)
    {
        this.fit = fit;
        this.rewards = rewards;
        this.fundamental = fundamental;
        goesOn = 1 - fit.Ends;
        Values = values.ToArray();
        visits = start * fundamental;
        PerRoll = start * values;
    }

    /// <summary>Expected net result from each place to the end of the roll, in the unit of the aim.</summary>
    public IReadOnlyList<double> Values { get; }

    /// <summary>Expected net result of a whole roll.</summary>
    public double PerRoll { get; }

    /// <summary>Expected number of steps from a place in a roll.</summary>
    public double Visits(int place) => visits[place];

    /// <summary>Solves the chain for an aim.</summary>
    public static ChainValue Solve(ChainFit fit, Aim aim, Ruleset rules, MatVocabulary vocabulary) =>
        Solve(fit, (place, exit) => Reward.Of(aim, rules, vocabulary, place.Place, exit.Key.To, exit.Key.By));

    /// <summary>Solves the chain for any reward of its exits.</summary>
    public static ChainValue Solve(ChainFit fit, Func<FittedPlace, FittedExit, double> reward)
    {
        var n = fit.Places.Count;
        var start = Vector<double>.Build.DenseOfEnumerable(fit.Start);
        var system = Matrix<double>.Build.DenseIdentity(n);
        var expected = Vector<double>.Build.Dense(n);
        var rewards = new double[n][];
        for (var s = 0; s < n; s++)
        {
            var place = fit.Places[s];
            rewards[s] = [.. place.Exits.Select(e => reward(place, e))];
            system[s, s] -= (1 - fit.Ends) * place.Stay;
            for (var e = 0; e < place.Exits.Count; e++)
            {
                var exit = place.Exits[e];
                expected[s] += exit.Probability * rewards[s][e];
                var flow = (1 - fit.Ends) * exit.Probability;
                if (exit.To >= 0)
                    system[s, exit.To] -= flow;
                else
                    for (var t = 0; t < n; t++)
                        if (fit.Start[t] > 0)
                            system[s, t] -= flow * fit.Start[t];
            }
        }
        var fundamental = system.Inverse();
        return new ChainValue(fit, rewards, fundamental, fundamental * expected, start);
    }

    /// <summary>
    /// What changes when the odds of some exits of one place are multiplied and nothing else is: one row of the chain changes, so the
    /// Sherman-Morrison formula gives the new value per roll exactly.
    /// </summary>
    /// <param name="place">Index of the place.</param>
    /// <param name="chosen">Which of its exits.</param>
    /// <param name="odds">What their odds against everything else are multiplied by, above 0.</param>
    public Change WhenOddsChange(int place, Func<FittedExit, bool> chosen, double odds)
    {
        var row = fit.Places[place];
        var rate = 0.0;
        var worth = 0.0;
        var otherWorth = row.Stay * goesOn * Values[place];
        var toward = 0.0;
        var otherToward = row.Stay * goesOn * fundamental[place, place];
        for (var e = 0; e < row.Exits.Count; e++)
        {
            var exit = row.Exits[e];
            var after = exit.To >= 0 ? Values[exit.To] : PerRoll;
            var reach = exit.To >= 0 ? fundamental[exit.To, place] : visits[place];
            if (chosen(exit))
            {
                rate += exit.Probability;
                worth += exit.Probability * (rewards[place][e] + goesOn * after);
                toward += exit.Probability * goesOn * reach;
            }
            else
            {
                otherWorth += exit.Probability * (rewards[place][e] + goesOn * after);
                otherToward += exit.Probability * goesOn * reach;
            }
        }
        if (rate is <= 0 or >= 1)
            return new Change(0, rate, Visits(place), 0);

        var difference = worth / rate - otherWorth / (1 - rate);
        var drift = toward / rate - otherToward / (1 - rate);
        var newRate = odds * rate / (1 - rate + odds * rate);
        var moved = newRate - rate;
        return new Change(visits[place] * moved * difference / (1 - moved * drift), rate, visits[place], difference);
    }
}
