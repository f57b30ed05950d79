using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>
/// What to keep in mind before rolling with somebody, by what a minute's thought of it is worth: how often it comes in a roll with them,
/// drawn towards what people like them do, times what one such try brings or costs, as the model values places; a thought is held to save
/// every second one, and to turn every second try of mine into a better one.
/// </summary>
internal sealed class Heeding
{
    // So many rolls of people like them stand beside their own, and so many tries. The authors' judgement.
    private const double PriorRolls = 4;
    private const double PriorTries = 5;

    // What is to be done stands second if it is worth so much of what is to be watched for. The authors' judgement.
    private const double GoodPart = 0.25;

    // A thought saves one in two. The authors' judgement.
    private const double Saved = 0.5;

    // What was tried less often than so, by anybody, says nothing; of my own with them, somewhat more often.
    private const int Fewest = 3;
    private const int FewestOwn = 4;

    // What they landed on me twice is worth a word, however little else is known.
    private const int Twice = 2;

    // Up to so many rolls people like them speak for them; whoever did not do it in more than these does not do it.
    private const int HardlyMet = 3;

    private readonly Dictionary<Way, Worths> worths = [];
    private readonly Dictionary<PlaceId, double> usualAt;
    private readonly Dictionary<Way, Dictionary<string, Came>> cameWith;
    private readonly IReadOnlyDictionary<string, int> rolls;
    private readonly MatVocabulary vocabulary;

    /// <summary>Gets ready for a log.</summary>
    /// <param name="tries">Its tries, by what was tried.</param>
    /// <param name="rolls">How many live rolls there were with each partner; somebody unknown stands under the empty id.</param>
    /// <param name="values">What places are worth.</param>
    /// <param name="goal">In what unit.</param>
    public Heeding(Dictionary<Way, List<TryWith>> tries, IReadOnlyDictionary<string, int> rolls, PlaceValues values, Goal goal)
    {
        this.rolls = rolls;
        vocabulary = values.Vocabulary;
        cameWith = tries.ToDictionary(
            t => t.Key,
            t => t.Value.GroupBy(o => o.Partner ?? "").ToDictionary(g => g.Key, g => new Came(g.Count(), g.Count(o => o.CameOff)))
        );
        var at = new Dictionary<PlaceId, (double Sum, int Count)>();
        foreach (var (way, all) in tries)
        {
            var (landed, missed) = (new List<double>(), new List<double>());
            foreach (var one in all)
            {
                if (Worth.Change(one.One, one.Next, values, goal) is not { } change)
                    continue;
                (one.CameOff ? landed : missed).Add(change);
                if (way.By == Who.Me)
                    at[way.From] = (at.GetValueOrDefault(way.From).Sum + change, at.GetValueOrDefault(way.From).Count + 1);
            }
            worths[way] = new Worths(landed.DefaultIfEmpty(0).Average(), missed.DefaultIfEmpty(0).Average());
        }
        usualAt = at.ToDictionary(a => a.Key, a => a.Value.Sum / a.Value.Count);
    }

    /// <summary>The most worthwhile things, each of them worth something; of a place or a move no more than one.</summary>
    /// <param name="partner">The partner's id; null for a stranger.</param>
    /// <param name="name">What they are called.</param>
    /// <param name="kin">People like them, by id.</param>
    /// <param name="most">How many at most.</param>
    public IReadOnlyList<Heed> Of(string? partner, string name, IReadOnlySet<string> kin, int most)
    {
        var own = partner is null ? 0 : rolls.GetValueOrDefault(partner);
        var others = rolls.Where(r => r.Key != partner && (kin.Count == 0 || kin.Contains(r.Key))).Sum(r => r.Value);
        var all = new List<Heed>();
        foreach (var (way, with) in cameWith)
        {
            var between = partner is null ? default : with.GetValueOrDefault(partner);
            var alike = Sum(with.Where(w => w.Key != partner && (kin.Count == 0 || kin.Contains(w.Key))).Select(w => w.Value));
            if (between.Tried + alike.Tried < Fewest && between.Landed < Twice)
                continue;
            var everybody = Sum(with.Where(w => w.Key != partner).Select(w => w.Value));
            if (Weighed(way, new Case(name, between, alike, everybody, own, others, kin.Count > 0)) is { } heed)
                all.Add(heed);
        }
        List<Heed> worthwhile =
        [
            .. all.OrderByDescending(h => h.Worth)
                .ThenBy(h => h.Way.From.Value, StringComparer.Ordinal)
                .DistinctBy(h => (h.Kind, h.Way.From)),
        ];
        // Whoever only watches does nothing: the second is something of one's own, where there is one worth a good part of it.
        if (worthwhile is [{ Kind: HeedKind.WatchFor }, { Kind: HeedKind.WatchFor } next, ..])
        {
            var mine = worthwhile.FindIndex(h => h.Kind != HeedKind.WatchFor);
            if (mine > 0 && worthwhile[mine].Worth >= GoodPart * next.Worth)
            {
                worthwhile.Insert(1, worthwhile[mine]);
                worthwhile.RemoveAt(mine + 1);
            }
        }
        return [.. worthwhile.Take(most)];
    }

    private Heed? Weighed(Way way, Case of)
    {
        var tries = of.PerRoll(of.Between.Tried, of.Alike.Tried);
        var share = of.Share;
        var worth = worths[way];
        if (way.By == Who.Partner)
        {
            var cost = -(share * worth.Landed) * tries * Saved;
            return cost > 0 && (of.Between.Landed > 0 || (of.Own <= HardlyMet && of.Alike.Landed > 0))
                ? new Heed(HeedKind.WatchFor, way, cost, HeedWords.Watch(way, of, vocabulary), of.Between.Landed == 0)
                : null;
        }
        // What hardly was tried with them is no word about them.
        if (of.Between.Tried < FewestOwn || of.Everybody.Tried < FewestOwn)
            return null;
        var better = share * worth.Landed + (1 - share) * worth.Missed - usualAt.GetValueOrDefault(way.From);
        if (better > 0 && of.IsNoWorse)
            return new Heed(HeedKind.Try, way, better * tries * Saved, HeedWords.Try(way, of, vocabulary), false);
        return better < 0 && of.Contrast.OtherMore
            ? new Heed(HeedKind.KeepFrom, way, -better * tries * Saved, HeedWords.KeepFrom(way, of, vocabulary), false)
            : null;
    }

    private static Came Sum(IEnumerable<Came> all)
    {
        var (tried, landed) = (0, 0);
        foreach (var one in all)
            (tried, landed) = (tried + one.Tried, landed + one.Landed);
        return new Came(tried, landed);
    }

    // What a try of mine or theirs brought me when it came off, and when not.
    private readonly record struct Worths(double Landed, double Missed);

    /// <summary>One way between the two, beside people like them.</summary>
    internal readonly record struct Case(string Name, Came Between, Came Alike, Came Everybody, int Own, int Others, bool HasKin)
    {
        /// <summary>The tries with them beside those with everybody else.</summary>
        public Contrast Contrast => new(Between.Landed, Between.Tried, Everybody.Landed, Everybody.Tried);

        /// <summary>It comes off between the two at least as often as with everybody else.</summary>
        public bool IsNoWorse => (long)Between.Landed * Everybody.Tried >= (long)Everybody.Landed * Between.Tried;

        /// <summary>The share that comes off between the two, drawn towards people like them.</summary>
        public double Share => (Between.Landed + PriorTries * (Alike.Landed + 1.0) / (Alike.Tried + 2.0)) / (Between.Tried + PriorTries);

        /// <summary>How often in a roll with them, likewise.</summary>
        public double PerRoll(int own, int alike) => (own + PriorRolls * (Others == 0 ? 0 : (double)alike / Others)) / (Own + PriorRolls);
    }
}
