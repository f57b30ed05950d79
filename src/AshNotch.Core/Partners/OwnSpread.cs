using AshNotch.Core.Vocabulary;
using MathNet.Numerics;

namespace AshNotch.Core.Partners;

/// <summary>
/// How far one move goes better or worse with one partner than that partner and that move let expect: the standard deviation, in log odds,
/// that makes what was seen likeliest among those held possible (Gelman and others, <i>Bayesian Data Analysis</i>, ch. 5).
/// </summary>
internal static class OwnSpread
{
    private const int Fewest = 5;
    private const int Rounds = 20;

    // What is held possible, and how likely before looking: about a half. The authors' judgement.
    private static readonly (double Spread, double Weight)[] Possible = [(0.2, 0.1), (0.35, 0.25), (0.5, 0.3), (0.7, 0.2), (1.0, 0.15)];

    // Gauss-Hermite for a standard normal, seven nodes (Abramowitz & Stegun, table 25.10, scaled).
    private static readonly (double At, double Weight)[] Nodes =
    [
        (-3.7504397177, 0.0005482689),
        (-2.3667594107, 0.0307571240),
        (-1.1544053947, 0.2401231786),
        (0, 0.4571428571),
        (1.1544053947, 0.2401231786),
        (2.3667594107, 0.0307571240),
        (3.7504397177, 0.0005482689),
    ];

    /// <summary>The spread that a log's tries make likeliest.</summary>
    public static double Of(IEnumerable<List<TryWith>> ways, Func<Who, Edges> edges)
    {
        var values = Possible.Select(p => Math.Log(p.Weight)).ToArray();
        foreach (var tries in ways)
        {
            var with = tries
                .Where(t => t.Partner is not null)
                .GroupBy(t => t.Partner!)
                .Select(g => (Tried: g.Count(), CameOff: g.Count(t => t.CameOff), Edge: edges(tries[0].Way.By).Of(g.Key)))
                .Where(w => w.Tried >= Fewest)
                .ToList();
            if (with.Count < 2)
                continue;
            var level = Level(with);
            for (var i = 0; i < values.Length; i++)
                values[i] += with.Sum(w => Marginal(w.Tried, w.CameOff, level + w.Edge, Possible[i].Spread));
        }
        return Possible[Array.IndexOf(values, values.Max())].Spread;
    }

    private static double Level(List<(int Tried, int CameOff, double Edge)> with)
    {
        var level = 0.0;
        for (var round = 0; round < Rounds; round++)
        {
            var (gradient, curvature) = (-level / 4, 0.25);
            foreach (var (tried, cameOff, edge) in with)
            {
                var chance = SpecialFunctions.Logistic(level + edge);
                gradient += cameOff - tried * chance;
                curvature += tried * chance * (1 - chance);
            }
            level += Math.Clamp(gradient / curvature, -1, 1);
        }
        return level;
    }

    private static double Marginal(int tried, int cameOff, double odds, double spread)
    {
        var sum = 0.0;
        foreach (var (at, weight) in Nodes)
        {
            var chance = SpecialFunctions.Logistic(odds + spread * at);
            sum += weight * Math.Exp(cameOff * Math.Log(chance) + (tried - cameOff) * Math.Log(1 - chance));
        }
        return Math.Log(Math.Max(sum, double.Epsilon));
    }
}
