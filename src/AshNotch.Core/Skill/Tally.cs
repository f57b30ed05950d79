using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Skill;

/// <summary>A walk added up: what the fit needs of it, however long it is.</summary>
/// <param name="Shape">The places and exits of the book and of the walk.</param>
/// <param name="Settings">Against whom and in what.</param>
/// <param name="SettingOf">The setting of each roll of the walk.</param>
/// <param name="Mix">Share of each setting in my rolls as weighted; sums to 1.</param>
/// <param name="Cells">What happened at each place in each setting.</param>
/// <param name="Exits">Weighted count of each exit, in the order of the shape's exits.</param>
/// <param name="Stops">
/// Weighted count of stopped attempts at each exit, likewise; those of a move with several ways on are shared among them as they came off.
/// </param>
/// <param name="Starts">Weighted count of each place as a start.</param>
/// <param name="Seen">Steps logged from each place, unweighted.</param>
/// <param name="Partners">Ids of the partners, by their number in the settings.</param>
public sealed record Tally(
    ChainShape Shape,
    IReadOnlyList<Setting> Settings,
    int[] SettingOf,
    double[] Mix,
    IReadOnlyList<Cell> Cells,
    double[] Exits,
    double[] Stops,
    double[] Starts,
    int[] Seen,
    IReadOnlyList<string> Partners
)
{
    /// <summary>Adds a walk up.</summary>
    /// <param name="walk">The walk.</param>
    /// <param name="practitioner">Belt and weight over time.</param>
    /// <param name="book">Where the exits before the log come from.</param>
    /// <param name="places">The places known before the log.</param>
    public static Tally Of(Walk walk, Practitioner practitioner, Book book, IEnumerable<PlaceId> places)
    {
        var (settings, settingOf, mix, partners) = Meet(walk, practitioner);
        var index = new Dictionary<PlaceId, int>();
        foreach (var place in places)
            index.TryAdd(place, index.Count);
        foreach (var start in walk.Starts)
            index.TryAdd(start.Place, index.Count);
        foreach (var kind in walk.Kinds)
        {
            index.TryAdd(kind.Way.From, index.Count);
            if (kind.To is { } to)
                index.TryAdd(to, index.Count);
        }

        var from = walk.Kinds.Select(k => index[k.Way.From]).ToArray();
        var weights = new double[walk.Kinds.Count];
        var cells = new Dictionary<(int, int), Cell>();
        var seen = new int[index.Count];
        for (var roll = 0; roll < walk.Rolls.Count; roll++)
        {
            var setting = settingOf[roll];
            foreach (var step in walk.Rolls[roll].Steps)
            {
                var place = from[step.Kind.Number];
                seen[place]++;
                weights[step.Kind.Number] += step.Weight;
                if (!cells.TryGetValue((place, setting), out var cell))
                    cells[(place, setting)] = cell = new Cell(place, setting);
                if (step.Result == StepResult.Stays)
                    cell.Stays += step.Weight;
                else if (step.By == Who.Me)
                    cell.Mine += step.Weight;
                else
                    cell.Theirs += step.Weight;
            }
        }

        var exits = new Dictionary<(int From, ExitKey Key), double>();
        foreach (var (place, number) in index)
        foreach (var key in book.Exits(place).Keys)
            exits[(number, key)] = 0;
        var stops = new Dictionary<(int From, Who By, MoveId Move), double>();
        foreach (var kind in walk.Kinds)
        {
            var (place, weight) = (from[kind.Number], weights[kind.Number]);
            if (kind.Result == StepResult.Stays && kind.Way.Move is { } tried)
                stops[(place, kind.Way.By, tried)] = weight;
            // A landing that led nobody knows where says that something landed, not what came next.
            if (kind.Exit is { } key)
                exits[(place, key)] = weight;
        }
        var starts = new double[index.Count];
        foreach (var start in walk.Starts)
            starts[index[start.Place]] += start.Weight;

        var shape = new ChainShape(
            [.. index.Keys],
            exits.Keys.Select(e => new ChainExit(e.Key, e.From, e.Key.To is { } to ? index[to] : -1))
        );
        return new Tally(
            shape,
            settings,
            settingOf,
            mix,
            [.. cells.Values],
            [.. shape.Exits.Select(e => exits[(e.From, e.Key)])],
            Share(stops, shape, exits),
            starts,
            seen,
            partners
        );
    }

    private static double[] Share(
        Dictionary<(int From, Who By, MoveId Move), double> stops,
        ChainShape shape,
        Dictionary<(int From, ExitKey Key), double> cameOff
    )
    {
        const double Never = 0.1;
        var shared = new double[shape.Exits.Length];
        foreach (var ((from, by, move), weight) in stops)
        {
            var ways = shape.ExitsOf(from).Where(e => shape.Exits[e].Key.By == by && shape.Exits[e].Key.Move == move).ToList();
            var total = ways.Sum(e => cameOff[(from, shape.Exits[e].Key)] + Never);
            foreach (var e in ways)
                shared[e] = weight * (cameOff[(from, shape.Exits[e].Key)] + Never) / total;
        }
        return shared;
    }

    private static (IReadOnlyList<Setting> Settings, int[] SettingOf, double[] Mix, IReadOnlyList<string> Partners) Meet(
        Walk walk,
        Practitioner practitioner
    )
    {
        var gaps = walk.Rolls.Select(r => Gap.Of(practitioner, r.Logged)).ToList();
        var belts = Average(walk, gaps.Select(g => g.Belts));
        var weight = Average(walk, gaps.Select(g => g.Weight));
        var partners = new Dictionary<string, int>();
        var known = new Dictionary<Setting, int>();
        var settingOf = new int[walk.Rolls.Count];
        var mix = new List<double>();
        for (var i = 0; i < settingOf.Length; i++)
        {
            var partner = -1;
            if (walk.Rolls[i].Roll.Partner is { } id && !partners.TryGetValue(id, out partner))
                partners[id] = partner = partners.Count;
            var setting = new Setting(
                partner,
                gaps[i].Belts ?? belts,
                gaps[i].Weight ?? weight,
                walk.Rolls[i].Logged.Session.Attire == Attire.NoGi
            );
            if (!known.TryGetValue(setting, out settingOf[i]))
            {
                known[setting] = settingOf[i] = mix.Count;
                mix.Add(0);
            }
            mix[settingOf[i]] += walk.Rolls[i].Weight;
        }
        if (mix.Count == 0)
            return ([Setting.Even(false)], settingOf, [1], []);
        var total = mix.Sum();
        return ([.. known.Keys], settingOf, [.. mix.Select(m => m / total)], [.. partners.Keys]);
    }

    private static double Average(Walk walk, IEnumerable<double?> gaps)
    {
        var (sum, weight) = (0.0, 0.0);
        foreach (var (gap, roll) in gaps.Zip(walk.Rolls))
        {
            if (gap is not { } known)
                continue;
            sum += roll.Weight * known;
            weight += roll.Weight;
        }
        return weight > 0 ? sum / weight : 0;
    }
}
