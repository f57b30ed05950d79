using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Grain;

/// <summary>
/// The grain of my rolls: places as knots in bands, flows between them, and what it is worth to be there. Rare places fold into their family,
/// so that it stays readable.
/// </summary>
/// <param name="ValuePerRoll">Expected net result of a roll, in the unit of the aim.</param>
/// <param name="Unit">The unit.</param>
/// <param name="Knots">The places, and the two taps.</param>
/// <param name="Flows">The flows between them, the most frequent first.</param>
/// <param name="Ways">The moves out of the places that were seen, by place.</param>
public sealed record GrainMap(
    double ValuePerRoll,
    string Unit,
    IReadOnlyList<Knot> Knots,
    IReadOnlyList<Flow> Flows,
    IReadOnlyList<WayOut> Ways
)
{
    private const int MostKnots = 16;
    private const int Draws = 60;
    private const int WaysEach = 6;

    // A family of rare places that is met less often than this is left out, and so is a thinner flow. The authors' judgement.
    private const double RareFamily = 0.05;
    private const double ThinFlow = 0.01;

    /// <summary>Draws the map of what a log taught.</summary>
    /// <param name="experience">What the log taught.</param>
    /// <param name="goal">What values are in.</param>
    /// <param name="against">Against whom.</param>
    /// <param name="changes">What if these exchanges went otherwise.</param>
    public static GrainMap Of(Experience experience, Goal goal, Against against, IReadOnlyList<WhatIf> changes)
    {
        var (_, walk, model, vocabulary) = experience;
        var shape = model.Shape;
        var rewards = Reward.Of(goal, vocabulary, shape);
        var chain = WhatIf.In(model.Expected(against), changes);
        var value = ChainValue.Solve(chain, rewards);
        var fold = Fold(model, value, vocabulary);
        var counts = Counts(walk, shape);

        var flows = new Dictionary<(string From, string To, Who By), (double PerRoll, int Count)>();
        foreach (var (key, perRoll, count) in Flowing(chain, value, fold, counts))
        {
            var (sum, seen) = flows.GetValueOrDefault(key);
            flows[key] = (sum + perRoll, seen + count);
        }
        var kept = flows.Where(f => f.Value.PerRoll >= ThinFlow).OrderByDescending(f => f.Value.PerRoll).ToList();
        var ranges = Ranges(model, rewards, against, changes, fold, [.. kept.Select(f => f.Key)]);
        return new GrainMap(
            value.PerRoll,
            Reward.Unit(goal.Aim),
            KnotsOf(fold, model, value, goal.Aim, vocabulary),
            [
                .. kept.Select(f => new Flow(
                    f.Key.From,
                    f.Key.To,
                    f.Key.By,
                    f.Value.PerRoll,
                    ranges[f.Key].Low,
                    ranges[f.Key].High,
                    f.Value.Count
                )),
            ],
            WaysOf(walk, chain, model, vocabulary)
        );
    }

    // For each place the id of its knot, or null where it is left out.
    private static string?[] Fold(SkillModel model, ChainValue value, MatVocabulary vocabulary)
    {
        var shape = model.Shape;
        var places = Enumerable.Range(0, shape.Places.Count).Where(p => model.Seen[p] > 0 || value.Visits(p) >= ThinFlow).ToList();
        var own = places.Where(p => model.Seen[p] > 0).OrderByDescending(value.Visits).Take(MostKnots).ToHashSet();
        var families = places
            .Where(p => !own.Contains(p))
            .GroupBy(p => FamilyOf(shape.Places[p], vocabulary))
            .Where(g => g.Sum(value.Visits) >= RareFamily)
            .SelectMany(g => g.Select(p => (Place: p, Id: g.Key)))
            .ToDictionary(f => f.Place, f => f.Id);
        return [.. shape.Places.Select((place, p) => own.Contains(p) ? place.Value : families.GetValueOrDefault(p))];
    }

    private static string FamilyOf(PlaceId place, MatVocabulary vocabulary) =>
        vocabulary.Place(place) is not { } known ? "others"
        : known.IsTop ? $"{Term.Of(known.Position.Family)}-top"
        : known.IsBottom ? $"{Term.Of(known.Position.Family)}-bottom"
        : $"{Term.Of(known.Position.Family)}-neutral";

    private static IEnumerable<((string From, string To, Who By) Key, double PerRoll, int Count)> Flowing(
        RollChain chain,
        ChainValue value,
        string?[] fold,
        int[]? counts
    )
    {
        for (var e = 0; e < chain.Shape.Exits.Length; e++)
        {
            var exit = chain.Shape.Exits[e];
            var to =
                exit.To >= 0 ? fold[exit.To]
                : exit.Key.By == Who.Me ? Knot.IFinish
                : Knot.TheyFinish;
            if (fold[exit.From] is { } from && to is not null && from != to)
                yield return ((from, to, exit.Key.By), value.Visits(exit.From) * chain.Chances[e], counts?[e] ?? 0);
        }
    }

    private static int[] Counts(Walk walk, ChainShape shape)
    {
        var index = new Dictionary<(int, ExitKey), int>();
        for (var e = 0; e < shape.Exits.Length; e++)
            index[(shape.Exits[e].From, shape.Exits[e].Key)] = e;
        var of = walk.Kinds.Select(k => k.Exit is { } key ? index.GetValueOrDefault((shape.IndexOf(k.Way.From), key), -1) : -1).ToArray();
        var counts = new int[shape.Exits.Length];
        foreach (var step in walk.Steps)
            if (of[step.Kind.Number] is var e and >= 0)
                counts[e]++;
        return counts;
    }

    private static Dictionary<(string, string, Who), (double Low, double High)> Ranges(
        SkillModel model,
        double[] rewards,
        Against against,
        IReadOnlyList<WhatIf> changes,
        string?[] fold,
        IReadOnlyList<(string, string, Who)> keys
    )
    {
        var index = keys.Select((k, i) => (k, i)).ToDictionary(x => x.k, x => x.i);
        var drawn = new double[Draws][];
        Parallel.For(
            0,
            Draws,
            draw =>
            {
                var chain = WhatIf.In(model.Drawn(draw, against), changes);
                var sums = new double[keys.Count];
                foreach (var (key, perRoll, _) in Flowing(chain, ChainValue.Solve(chain, rewards), fold, null))
                    if (index.TryGetValue(key, out var i))
                        sums[i] += perRoll;
                drawn[draw] = sums;
            }
        );
        return keys.ToDictionary(
            k => k,
            k =>
            {
                var sorted = drawn.Select(d => d[index[k]]).Order().ToArray();
                return (sorted[Draws / 10], sorted[Draws - 1 - Draws / 10]);
            }
        );
    }

    private static List<Knot> KnotsOf(string?[] fold, SkillModel model, ChainValue value, Aim aim, MatVocabulary vocabulary)
    {
        var places = model.Shape.Places;
        var knots = Enumerable
            .Range(0, places.Count)
            .Where(p => fold[p] is not null)
            .GroupBy(p => fold[p]!)
            .Select(g =>
            {
                var visits = g.Sum(value.Visits);
                var worth = visits > 0 ? g.Sum(p => value.Visits(p) * value.Values[p]) / visits : g.Average(p => value.Values[p]);
                return new Knot(
                    g.Key,
                    NameOf(g.Key, places[g.First()], vocabulary),
                    BandOf(g.Average(p => vocabulary.Place(places[p])?.Control ?? 0)),
                    visits,
                    worth,
                    g.Sum(p => model.Seen[p]),
                    [.. g.Select(p => places[p])],
                    $"Logged {g.Sum(p => model.Seen[p])} times. From here on you come out {Saying.Ahead(worth, aim)} on average."
                );
            })
            .OrderByDescending(k => k.VisitsPerRoll)
            .ToList();
        if (knots.Count > 0)
        {
            knots.Add(new Knot(Knot.IFinish, "I finish", 4, 0, null, 0, [], null));
            knots.Add(new Knot(Knot.TheyFinish, "they finish", -4, 0, null, 0, [], null));
        }
        return knots;
    }

    private static string NameOf(string id, PlaceId first, MatVocabulary vocabulary)
    {
        if (id == first.Value)
            return vocabulary.SayPlace(first);
        if (vocabulary.Place(first) is not { } known)
            return "your own places";
        var side =
            known.IsTop ? ", on top"
            : known.IsBottom ? ", beneath"
            : "";
        return $"other {Term.Say(known.Position.Family)}{side}";
    }

    private static int BandOf(double control) => (int)Math.Clamp(Math.Round(control * 4, MidpointRounding.AwayFromZero), -3, 3);

    private static List<WayOut> WaysOf(Walk walk, RollChain chain, SkillModel model, MatVocabulary vocabulary) =>
        [
            .. Candidate
                .Of(walk)
                .Select(c => new WayOut(
                    c.Way,
                    Brief(c.Way, vocabulary),
                    model.Shape.ExitsOf(c.Way).Sum(e => chain.Chances[e]),
                    c.Count,
                    c.Attempts
                ))
                .Where(w => w.Rate > 0)
                .GroupBy(w => (w.Way.From, w.Way.By))
                .SelectMany(g => g.OrderByDescending(w => w.Rate).ThenBy(w => w.Say, StringComparer.Ordinal).Take(WaysEach))
                .OrderBy(w => w.Way.From.Value, StringComparer.Ordinal)
                .ThenBy(w => w.Way.By),
        ];

    private static string Brief(Way way, MatVocabulary vocabulary) =>
        way.Move is { } move ? vocabulary.MoveName(move)
        : way.To is { } to ? $"way to {vocabulary.SayPlace(to)}"
        : "finish";
}
