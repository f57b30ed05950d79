using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics;

namespace AshNotch.Core.Partners;

/// <summary>
/// How much a partner adds to the log odds of every move of one side, beside what each move's own level is: a logistic regression on moves
/// and partners, crossed, with normal priors, climbed one number at a time (McCullagh &amp; Nelder, <i>Generalized Linear Models</i>, ch. 4).
/// How far partners lie apart is what the tries make likeliest among what is held possible.
/// </summary>
internal sealed class Edges
{
    // Spread of levels, and what is held possible of edges, about a half; the log's tries choose. The authors' judgement.
    private const double Levels = 1.5;
    private static readonly (double Spread, double Weight)[] Possible = [(0.2, 0.15), (0.4, 0.3), (0.7, 0.35), (1.0, 0.2)];
    private const int Sweeps = 12;
    private const int Unknown = -1;

    private readonly Dictionary<string, int> number;
    private readonly Dictionary<Way, int> ways;
    private readonly List<Cell>[] ofPartner;
    private readonly double[] level;
    private readonly double[] edge;
    private readonly double spread;

    private Edges(Dictionary<Way, List<TryWith>> tries, Who by)
    {
        number = [];
        ways = [];
        var ofWay = new List<List<Cell>>();
        var own = new List<List<Cell>>();
        foreach (var (way, all) in tries)
        {
            if (way.By != by)
                continue;
            ways[way] = ofWay.Count;
            var here = new List<Cell>();
            foreach (var with in all.GroupBy(t => t.Partner))
            {
                var partner = Unknown;
                if (with.Key is { } id && !number.TryGetValue(id, out partner))
                {
                    number[id] = partner = own.Count;
                    own.Add([]);
                }
                var cell = new Cell(ofWay.Count, partner, with.Count(), with.Count(t => t.CameOff));
                here.Add(cell);
                if (partner != Unknown)
                    own[partner].Add(cell);
            }
            ofWay.Add(here);
        }
        ofPartner = [.. own];
        level = new double[ofWay.Count];
        edge = new double[own.Count];
        var best = double.NegativeInfinity;
        var (levels, edges) = (level, edge);
        foreach (var (possible, weight) in Possible)
        {
            var value = Math.Log(weight) + Fit(ofWay, levels, edges, possible);
            if (value <= best)
                continue;
            (best, spread) = (value, possible);
            (level, edge) = ((double[])levels.Clone(), (double[])edges.Clone());
        }
    }

    // Climbs to the likeliest levels and edges, and says how likely the tries are with this spread (Laplace's approximation for the edges).
    private double Fit(List<List<Cell>> ofWay, double[] levels, double[] edges, double possible)
    {
        for (var sweep = 0; sweep < Sweeps; sweep++)
        {
            for (var way = 0; way < levels.Length; way++)
                levels[way] = Climb(levels[way], ofWay[way], c => c.Partner == Unknown ? 0 : edges[c.Partner], Levels).At;
            for (var partner = 0; partner < edges.Length; partner++)
                edges[partner] = Climb(edges[partner], ofPartner[partner], c => levels[c.Way], possible).At;
        }
        var value = 0.0;
        for (var partner = 0; partner < edges.Length; partner++)
        {
            var curvature = 1 / (possible * possible);
            value -= edges[partner] * edges[partner] / (2 * possible * possible) + Math.Log(possible);
            foreach (var cell in ofPartner[partner])
            {
                var chance = SpecialFunctions.Logistic(levels[cell.Way] + edges[partner]);
                value += cell.CameOff * Math.Log(chance) + (cell.Tried - cell.CameOff) * Math.Log(1 - chance);
                curvature += cell.Tried * chance * (1 - chance);
            }
            value -= 0.5 * Math.Log(curvature);
        }
        return value;
    }

    /// <summary>The edges that the tries of one side tell.</summary>
    public static Edges Of(Dictionary<Way, List<TryWith>> tries, Who by) => new(tries, by);

    /// <summary>The edge of a partner; 0 for somebody unknown.</summary>
    public double Of(string? partner) => partner is not null && number.TryGetValue(partner, out var known) ? edge[known] : 0;

    /// <summary>The edge of a partner by every move but one, so that what is asked of that one is not answered by itself; and its variance.</summary>
    public (double Edge, double Variance) Without(string partner, Way way)
    {
        var left = ways[way];
        var (at, curvature) = Climb(Of(partner), [.. ofPartner[number[partner]].Where(c => c.Way != left)], c => level[c.Way], spread);
        return (at, 1 / curvature);
    }

    private static (double At, double Curvature) Climb(double from, List<Cell> cells, Func<Cell, double> rest, double spread)
    {
        var at = from;
        for (var round = 0; ; round++)
        {
            var (gradient, curvature) = (-at / (spread * spread), 1 / (spread * spread));
            foreach (var cell in cells)
            {
                var chance = SpecialFunctions.Logistic(at + rest(cell));
                gradient += cell.CameOff - cell.Tried * chance;
                curvature += cell.Tried * chance * (1 - chance);
            }
            var step = Math.Clamp(gradient / curvature, -1, 1);
            if (Math.Abs(step) < 1e-6 || round == Sweeps)
                return (at, curvature);
            at += step;
        }
    }

    private readonly record struct Cell(int Way, int Partner, int Tried, int CameOff);
}
