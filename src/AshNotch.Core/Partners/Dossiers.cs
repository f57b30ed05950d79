using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Matches;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>What a log says of the people in it: made ready once, asked for each partner.</summary>
public sealed class Dossiers
{
    private const int Heeds = 6;
    private const int FavouritesIn = 120;
    private const int MostMonths = 24;
    private const string Unknown = "";

    private readonly Log log;
    private readonly MatVocabulary vocabulary;
    private readonly PlaceValues values;
    private readonly Goal goal;
    private readonly Func<LoggedRoll, MatchRules> rules;
    private readonly Dictionary<Way, Came> all = [];
    private readonly Dictionary<string, Dictionary<Way, List<TryWith>>> with = [];
    private readonly Dictionary<string, List<LoggedRoll>> rolls;
    private readonly int live;
    private readonly ILookup<string, Learned> learned;
    private readonly Heeding heeding;

    private Dossiers(Log log, PlaceValues values, Goal goal, Func<LoggedRoll, MatchRules> rules)
    {
        this.log = log;
        vocabulary = values.Vocabulary;
        this.values = values;
        this.goal = goal;
        this.rules = rules;
        var tries = TryWith.ByWay(Happening.ByExchange(log, vocabulary), vocabulary);
        foreach (var (way, made) in tries)
        {
            all[way] = new Came(made.Count, made.Count(t => t.CameOff));
            foreach (var one in made)
            {
                var partner = one.Partner ?? Unknown;
                if (!with.TryGetValue(partner, out var ways))
                    with[partner] = ways = [];
                if (!ways.TryGetValue(way, out var between))
                    ways[way] = between = [];
                between.Add(one);
            }
        }
        rolls = log.LiveRolls.GroupBy(r => r.Roll.Partner ?? Unknown).ToDictionary(g => g.Key, g => g.ToList());
        live = rolls.Values.Sum(r => r.Count);
        Attendance = Attendance.Of(log);
        learned = WhoLearned.Of(tries);
        heeding = new Heeding(tries, rolls.ToDictionary(r => r.Key, r => r.Value.Count), values, goal);
    }

    /// <summary>Who is likely there.</summary>
    public Attendance Attendance { get; }

    /// <summary>Gets ready for a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="values">What places are worth.</param>
    /// <param name="goal">In what unit.</param>
    /// <param name="rules">By which rules a roll is scored.</param>
    public static Dossiers Of(Log log, PlaceValues values, Goal goal, Func<LoggedRoll, MatchRules> rules) => new(log, values, goal, rules);

    /// <summary>The dossier of a partner.</summary>
    /// <param name="partner">Them, as they are today; who is not in the log has an empty one.</param>
    /// <param name="on">The day it is read for.</param>
    public Dossier Of(Partner partner, DateOnly on)
    {
        var id = partner.Id;
        var ours = rolls.GetValueOrDefault(id) ?? [];
        var ways = with.GetValueOrDefault(id) ?? [];
        var exchanges = ours.SelectMany(r => r.Roll.Exchanges).ToList();
        return new Dossier(
            partner,
            ours.Count,
            ours.Min(r => r.Session.Date),
            ours.Max(r => r.Session.Date),
            Attendance.On(on).FirstOrDefault(c => c.Partner == id).Chance,
            PartnerSince.Of(ours),
            Counted(exchanges.Select(Whereabouts.StartOf)),
            Counted(
                exchanges
                    .Where(e => e.End != ExchangeEnd.Tap && e.Notches.Count > 0)
                    .Select(e => Whereabouts.Now([e with { End = null }], vocabulary))
            ),
            Rows(ways, Who.Partner, ours.Count),
            Rows(ways, Who.Me, ours.Count),
            Favourites(ours),
            [.. learned[id]],
            Heed(partner, Heeds),
            Months(ours),
            Advice(partner, ours),
            Changes.Of(ways, ours, log.Sessions.Max(s => s.Date) ?? on, partner.Name, vocabulary)
        );
    }

    /// <summary>What was learned between a partner and me, the surest first.</summary>
    public IEnumerable<Learned> Learned(string id) => learned[id];

    /// <summary>What to keep in mind before rolling with somebody, of the log or a stranger.</summary>
    /// <param name="somebody">Them; a stranger has an id that is not in the log.</param>
    /// <param name="most">How many things at most.</param>
    public IReadOnlyList<Heed> Heed(Partner somebody, int most)
    {
        var kin = Kin.Of(log, somebody);
        // Kin nobody was rolled with are no kin.
        var met = kin.Where(rolls.ContainsKey).ToHashSet();
        // What was solved needs no watching for.
        var solved = learned[somebody.Id].Where(l => l.By == Who.Me).Select(l => l.Way).ToHashSet();
        return [.. heeding.Of(somebody.Id, somebody.Name, met, most + solved.Count).Where(h => !solved.Contains(h.Way)).Take(most)];
    }

    // Of the newest rolls alone: what somebody did years ago is no favourite.
    private IReadOnlyList<MoveSheet> Favourites(List<LoggedRoll> ours)
    {
        var newest = ours.TakeLast(FavouritesIn).Select(r => r.Roll.Id).ToHashSet();
        var theirs = log with
        {
            Sessions =
            [
                .. ours.TakeLast(FavouritesIn)
                    .Select(r => r.Session)
                    .Distinct()
                    .Select(s => s with { Rolls = [.. s.Rolls.Where(r => newest.Contains(r.Id))] }),
            ],
        };
        return MoveBook.Of(theirs, values, goal, Who.Partner).Sheets;
    }

    private List<Between> Rows(Dictionary<Way, List<TryWith>> ways, Who by, int ours) =>
        [
            .. ways.Where(w => w.Key.By == by)
                .Select(w =>
                {
                    var own = new Came(w.Value.Count, w.Value.Count(t => t.CameOff));
                    var others = new Came(all[w.Key].Tried - own.Tried, all[w.Key].Landed - own.Landed);
                    return Between.Of(w.Key, w.Value, others, ours, live - ours);
                })
                .OrderByDescending(b => b.Came.Landed)
                .ThenByDescending(b => b.Came.Tried)
                .ThenBy(b => b.Way.From.Value, StringComparer.Ordinal)
                .ThenBy(b => b.Way.Move!.Value.Value, StringComparer.Ordinal),
        ];

    private List<PartnerMonth> Months(List<LoggedRoll> ours) =>
        [
            .. ours.Where(r => r.Session.Date is not null)
                .GroupBy(r => new DateOnly(r.Session.Date!.Value.Year, r.Session.Date.Value.Month, 1))
                .OrderBy(g => g.Key)
                .TakeLast(MostMonths)
                .Select(g =>
                {
                    var shadow = Shadow.Of(g, rules, vocabulary);
                    return new PartnerMonth(g.Key, shadow.Rolls, shadow.MyTaps, shadow.TheirTaps, shadow.Scored, shadow.Lost);
                }),
        ];

    private List<GivenAdvice> Advice(Partner partner, List<LoggedRoll> ours)
    {
        bool IsThem(string? from, bool isOurs) =>
            from is not null
            && (
                (isOurs && from.Equals("partner", StringComparison.OrdinalIgnoreCase))
                || partner.AlsoCalled.Append(partner.Name).Contains(from, StringComparer.OrdinalIgnoreCase)
            );
        var here = ours.Select(r => r.Roll.Id).ToHashSet();
        var said = log.Rolls.SelectMany(r =>
            r.Roll.Notches.SelectMany(n => n.Advice)
                .Concat(r.Roll.Takeaways.Select(t => Rolls.Advice.Quoted(t.Text)).OfType<Advice>())
                .Where(a => IsThem(a.From, here.Contains(r.Roll.Id)))
                .Select(a => new GivenAdvice(a.Text, r.Session.Date, r.Roll.Id))
        );
        var taught = log.Sessions.SelectMany(s =>
            s.Taught.Where(t => IsThem(t.By, false)).Select(t => new GivenAdvice(t.Text, s.Date, null))
        );
        return [.. said.Concat(taught).OrderByDescending(a => a.Day).DistinctBy(a => a.Text)];
    }

    private static List<PlaceCount> Counted(IEnumerable<PlaceId?> places) =>
        [
            .. places
                .OfType<PlaceId>()
                .CountBy(p => p)
                .Select(c => new PlaceCount(c.Key, c.Value))
                .OrderByDescending(c => c.Times)
                .ThenBy(c => c.Place.Value, StringComparer.Ordinal),
        ];
}
