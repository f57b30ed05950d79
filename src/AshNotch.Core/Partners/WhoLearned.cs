using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>What has been learned between two people, looked for in every move that was tried often enough between them.</summary>
internal static class WhoLearned
{
    // Under so many tries between the two, or with everybody else, nothing is looked for. The authors' judgement.
    private const int Own = 20;
    private const int Others = 10;

    // Looked at is what each side tries most against the other: what is seen most is learned first.
    private const int Favourites = 3;

    // How many turns are held likely before looking, over all that is looked at; chosen so that a log without any seldom shows one.
    private const double Likely = 1.3;
    private const double MostLikely = 0.3;

    // From what chance on it is said.
    private const double Said = 0.5;

    /// <summary>What was learned, by partner.</summary>
    public static ILookup<string, Learned> Of(Dictionary<Way, List<TryWith>> tries)
    {
        var looked = tries
            .SelectMany(all =>
                all.Value.Where(t => t.Partner is not null)
                    .CountBy(t => t.Partner!)
                    .Where(with => with.Value >= Own && all.Value.Count - with.Value >= Others)
                    .Select(with => (Way: all.Key, Partner: with.Key, Times: with.Value))
            )
            .GroupBy(l => (l.Partner, l.Way.By))
            .SelectMany(g => g.OrderByDescending(l => l.Times).ThenBy(l => l.Way.From.Value, StringComparer.Ordinal).Take(Favourites))
            .ToList();
        var (mine, theirs) = (Edges.Of(tries, Who.Me), Edges.Of(tries, Who.Partner));
        Edges EdgesOf(Who by) => by == Who.Me ? mine : theirs;
        var spread = OwnSpread.Of(tries.Values, EdgesOf);
        var weight = looked.Sum(l => (double)l.Times * l.Times);
        return looked
            .Select(l =>
                Of(l.Way, l.Partner, tries[l.Way], Math.Min(MostLikely, Likely * l.Times * l.Times / weight), EdgesOf(l.Way.By), spread)
            )
            .OfType<Learned>()
            .OrderByDescending(l => l.Chance)
            .ToLookup(l => l.Partner);
    }

    private static Learned? Of(Way way, string partner, List<TryWith> tries, double likely, Edges edges, double spread)
    {
        List<TryWith> own = [.. tries.Where(t => t.Partner == partner)];
        var others = new List<(double Share, TryWith Try)>();
        var made = 0;
        foreach (var one in tries)
        {
            if (one.Partner == partner)
                made++;
            else
                others.Add(((double)made / own.Count, one));
        }
        var (factor, at) = LearningEvidence.Of(own, others, edges, spread);
        var odds = likely / (1 - likely) * factor;
        var chance = double.IsInfinity(odds) ? 1 : odds / (1 + odds);
        if (chance < Said)
            return null;
        var turn = Math.Clamp((int)Math.Round(at * own.Count), 1, own.Count - 1);
        var (before, since) = (own.Take(turn).ToList(), own.Skip(turn).ToList());
        return new Learned(
            way.By.Other(),
            way,
            partner,
            chance,
            Count(before),
            Count(since),
            Count([.. others.Where(o => o.Share * own.Count >= turn).Select(o => o.Try)]),
            Count([.. others.Where(o => o.Share * own.Count < turn).Select(o => o.Try)]),
            since.Select(t => t.One.Logged.Session.Date).FirstOrDefault(d => d is not null),
            [.. since.Select(t => t.One.Logged.Roll.Id).Distinct()]
        );
    }

    private static Came Count(List<TryWith> tries) => new(tries.Count, tries.Count(t => t.CameOff));
}
