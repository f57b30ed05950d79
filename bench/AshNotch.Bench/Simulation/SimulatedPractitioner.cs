using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace AshNotch.Bench.Simulation;

/// <summary>
/// A practitioner whose true odds are known. What they and their partners do is drawn around the book, but wrong by a factor of two here and
/// there, so that the model never gets the book it believes in. Values are solved here with the library's inverse and nothing of the model.
/// </summary>
internal sealed class SimulatedPractitioner
{
    private const int MostExits = 5;

    private static readonly HashSet<string> Usual =
    [
        "standing",
        "closed-guard",
        "half-guard",
        "side-control",
        "knee-on-belly",
        "mount",
        "back-control",
        "turtle",
    ];

    private readonly double[] mine;
    private readonly double[] theirs;

    /// <summary>Draws a practitioner.</summary>
    public SimulatedPractitioner(int seed)
    {
        var random = new Random(seed);
        double Normally(double deviation) => Normal.Sample(random, 0, deviation);
        var vocabulary = MatVocabulary.BuiltIn;
        var book = Book.Of(vocabulary);

        // Some game of some twenty-five places: standing, the pins, and half of the rest.
        Places =
        [
            .. vocabulary
                .Places.Where(p => Usual.Contains(p.Position.Id) || (p.Position.IsGuard && Chosen(p.Position.Id, seed)))
                .Select(p => p.Id),
        ];
        var index = Places.Select((p, i) => (p, i)).ToDictionary(x => x.p, x => x.i);
        var exits = new List<TrueExit>();
        foreach (var place in Places)
        {
            foreach (var by in (Who[])[Who.Me, Who.Partner])
            {
                var known = book.Exits(place)
                    .Where(e => e.Key.By == by && e.Key.Move is not null && (e.Key.To is not { } to || index.ContainsKey(to)))
                    .OrderBy(e => e.Key.Move!.Value.Value, StringComparer.Ordinal)
                    .Select(e => (e.Key, Share: e.Value * Math.Exp(Normally(0.8))))
                    .OrderByDescending(e => e.Share)
                    .Take(MostExits)
                    .ToList();
                var total = known.Sum(e => e.Share);
                exits.AddRange(
                    known.Select(e => new TrueExit(
                        index[place],
                        by,
                        e.Key.Move!.Value,
                        e.Key.To is { } to ? index[to] : -1,
                        e.Share / total,
                        e.Share / total * Math.Exp(Normally(0.5))
                    ))
                );
            }
        }
        Exits = exits;

        var families = new Dictionary<Family, (double, double)>();
        mine = new double[Places.Count];
        theirs = new double[Places.Count];
        var (level, theirLevel) = (Normally(0.2), Normally(0.2));
        for (var i = 0; i < Places.Count; i++)
        {
            var place = vocabulary.Place(Places[i])!;
            if (!families.TryGetValue(place.Position.Family, out var family))
                families[place.Position.Family] = family = (Normally(0.3), Normally(0.3));
            var (ours, others) = (book.Lands(place.Id, Who.Me), book.Lands(place.Id, Who.Partner));
            var stays = 1 - ours - others;
            mine[i] = Math.Log(ours / stays) + Normally(0.4) + level + family.Item1 + Normally(0.6);
            theirs[i] = Math.Log(others / stays) + Normally(0.4) + theirLevel + family.Item2 + Normally(0.6);
        }
        Ends = 1 / (8 + 8 * random.NextDouble());

        Me = new Practitioner
        {
            Belt = Belt.Blue,
            Stripes = random.Next(5),
            WeightKg = 76,
        };
        Belt[] belts = [Belt.White, Belt.White, Belt.Blue, Belt.Blue, Belt.Blue, Belt.Purple, Belt.Purple, Belt.Brown, Belt.Black];
        var count = 6 + random.Next(9);
        var shares = Enumerable.Range(0, count).Select(_ => Gamma.Sample(random, 1, 1)).ToArray();
        Partners =
        [
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                {
                    var record = new Partner
                    {
                        Id = $"p{i}",
                        Name = $"p{i}",
                        Belt = belts[random.Next(belts.Length)],
                        Stripes = random.Next(5),
                        WeightKg = random.Next(5) == 0 ? null : 60 + 40 * random.NextDouble(),
                    };
                    var belt = Level(record.Belt, record.Stripes) - Level(Me.Belt, Me.Stripes);
                    var weight = Math.Log((record.WeightKg ?? 76) / Me.WeightKg.Value);
                    return new SimulatedPartner(record, 0.35 * belt + 0.8 * weight + Normally(0.35), shares[i] / shares.Sum());
                }),
        ];
    }

    /// <summary>The one who keeps the log.</summary>
    public Practitioner Me { get; }

    /// <summary>The partners.</summary>
    public IReadOnlyList<SimulatedPartner> Partners { get; }

    /// <summary>The places of their game; standing first.</summary>
    public IReadOnlyList<PlaceId> Places { get; }

    /// <summary>The ways between them.</summary>
    public IReadOnlyList<TrueExit> Exits { get; private set; }

    /// <summary>Chance that a step is the last of a roll.</summary>
    public double Ends { get; }

    /// <summary>Chance of a move of somebody to come off at a place in one step against a partner.</summary>
    public double Comes(int place, Who by, double edge)
    {
        var (a, b) = (Math.Exp(mine[place] - edge), Math.Exp(theirs[place] + edge));
        return (by == Who.Me ? a : b) / (1 + a + b);
    }

    /// <summary>Expected net result of a roll against the usual mix of partners.</summary>
    public double Value(Aim aim) => Partners.Sum(p => p.Share * Solve(p.Edge, aim, null, 1));

    /// <summary>What a roll gains when the odds of a candidate change and nothing else does.</summary>
    public double Gain(Aim aim, Func<TrueExit, bool> chosen, double odds) =>
        Partners.Sum(p => p.Share * (Solve(p.Edge, aim, chosen, odds) - Solve(p.Edge, aim, null, 1)));

    /// <summary>The candidates there truly are: a place, a side and a move.</summary>
    public IEnumerable<(PlaceId From, Who By, MoveId Move)> Candidates => Exits.Select(e => (Places[e.From], e.By, e.Move)).Distinct();

    /// <summary>Drilling: the odds of an exchange really change, a little.</summary>
    public void Drill(PlaceId from, Who by, MoveId move, double odds)
    {
        var place = Places.ToList().IndexOf(from);
        var all = by == Who.Me ? mine : theirs;
        var share = Exits.Where(e => e.From == place && e.By == by && e.Move == move).Sum(e => e.Share);
        var grown = 1 - share + share * odds;
        all[place] += Math.Log(grown);
        Exits =
        [
            .. Exits.Select(e => e.From != place || e.By != by ? e : e with { Share = e.Share * (e.Move == move ? odds : 1) / grown }),
        ];
    }

    private double Solve(double edge, Aim aim, Func<TrueExit, bool>? chosen, double odds)
    {
        var n = Places.Count;
        var system = Matrix<double>.Build.DenseIdentity(n);
        var reward = Vector<double>.Build.Dense(n);
        foreach (var here in Exits.GroupBy(e => e.From))
        {
            var chances = here.Select(e => (Exit: e, Chance: e.Share * Comes(e.From, e.By, edge))).ToList();
            var p = chosen is null ? 0 : chances.Where(c => chosen(c.Exit)).Sum(c => c.Chance);
            var rest = 1 / (1 - p + odds * p);
            var stay = 1.0;
            foreach (var (exit, was) in chances)
            {
                var chance = was * rest * (chosen is not null && chosen(exit) ? odds : 1);
                stay -= chance;
                PlaceId? to = exit.To < 0 ? null : Places[exit.To];
                reward[exit.From] += chance * Reward.Of(aim, MatVocabulary.BuiltIn, Places[exit.From], to, exit.By);
                // A tap starts again on the feet.
                system[exit.From, Math.Max(0, exit.To)] -= (1 - Ends) * chance;
            }
            system[here.Key, here.Key] -= (1 - Ends) * stay;
        }
        return system.Solve(reward)[0];
    }

    private static double Level(Belt? belt, int? stripes) =>
        (stripes ?? 0) / 4.0
        + belt switch
        {
            Belt.White => 0,
            Belt.Blue => 1,
            Belt.Purple => 2,
            Belt.Brown => 3,
            _ => 4,
        };

    private static bool Chosen(string position, int seed) => (position.Sum(c => (int)c) + seed) % 3 == 0;
}
