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

    // A turn parts off so many at least.
    private const int Fewest = 4;

    // And is no turn where the two parts differ by less than so many standard errors.
    private const double Notable = 1.5;

    // Looked at is what each side tries most against the other: what is seen most is learned first.
    private const int Favourites = 6;

    // What was seen so often is known; more says nothing of who learns it.
    private const int Enough = 150;

    // How many turns are held likely before looking, over all that is looked at; chosen so that a log without any seldom shows one.
    private const double Likely = 1;
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
        var weight = looked.Sum(l => Weight(l.Times));
        var courses = looked.Select(l => l.Way).Distinct().ToDictionary(w => w, w => new Course(tries[w], EdgesOf(w.By)));
        return looked
            .Select(l => (Looked: l, Found: courses[l.Way].Turn(l.Way, l.Partner, EdgesOf(l.Way.By), spread)))
            .Select(f =>
                (f.Looked, f.Found.Turn, Chance: Chance(Math.Min(MostLikely, Likely * Weight(f.Looked.Times) / weight), f.Found.Factor))
            )
            .Where(f => f.Chance >= Said)
            .Select(f => Told(f.Looked.Way, f.Looked.Partner, tries[f.Looked.Way], f.Turn, f.Chance))
            .OrderByDescending(l => l.Chance)
            .ToLookup(l => l.Partner);
    }

    // What is seen most is learned first.
    private static double Weight(int times) => Math.Pow(Math.Min(times, Enough), 3);

    private static double Chance(double likely, double factor)
    {
        var odds = likely / (1 - likely) * factor;
        return double.IsInfinity(odds) ? 1 : odds / (1 + odds);
    }

    private static Learned Told(Way way, string partner, List<TryWith> tries, double at, double chance)
    {
        List<TryWith> own = [.. tries.Where(t => t.Partner == partner)];
        var turn = Math.Clamp((int)Math.Round(at * own.Count), 1, own.Count - 1);
        var first = tries.IndexOf(own[turn]);
        var (before, since) = (own.Take(turn).ToList(), own.Skip(turn).ToList());
        return new Learned(
            way.By.Other(),
            way,
            partner,
            chance,
            Count(before),
            Count(since),
            Count([.. tries.Skip(first).Where(t => t.Partner != partner)]),
            Count([.. tries.Take(first).Where(t => t.Partner != partner)]),
            since.Select(t => t.One.Logged.Session.Date).FirstOrDefault(d => d is not null),
            [.. since.Select(t => t.One.Logged.Roll.Id).Distinct()]
        );
    }

    private static Came Count(List<TryWith> tries) => new(tries.Count, tries.Count(t => t.CameOff));

    // The tries of one way, by themselves: those of a frequent one are gone through for many partners.
    private sealed class Course
    {
        private readonly string?[] partners;
        private readonly double[] edges;
        private readonly bool[] cameOff;

        public Course(List<TryWith> tries, Edges of)
        {
            partners = [.. tries.Select(t => t.Partner)];
            edges = [.. tries.Select(t => of.Of(t.Partner))];
            cameOff = [.. tries.Select(t => t.CameOff)];
        }

        public (double Factor, double Turn) Turn(Way way, string partner, Edges of, double spread)
        {
            bool[] own = [.. cameOff.Where((_, i) => partners[i] == partner)];
            if (!Falls(own))
                return (0, 0);
            var (edge, variance) = of.Without(partner, way);
            var heaps = new Heaps();
            var made = 0;
            var others = new Dictionary<string, int>();
            for (var i = 0; i < cameOff.Length; i++)
            {
                if (partners[i] == partner)
                {
                    heaps.Add(true, (made + 0.5) / own.Length, edge, cameOff[i]);
                    made++;
                    continue;
                }
                heaps.Add(false, (double)made / own.Length, edges[i], cameOff[i]);
                var whom = partners[i] ?? "";
                others[whom] = others.GetValueOrDefault(whom) + 1;
            }
            // The level is only as sure as there are others to tell it from their own.
            var all = (double)others.Values.Sum();
            var telling = Math.Max(1, all * all / Math.Max(1, others.Values.Sum(o => (double)o * o)));
            return LearningEvidence.Of(heaps, Math.Sqrt(spread * spread * (1 + 1 / telling) + variance));
        }
    }

    // Where nothing falls to speak of, whatever it is parted at, there is nothing to weigh.
    private static bool Falls(bool[] own)
    {
        var all = own.Count(c => c);
        var (came, before) = (0, 0);
        foreach (var one in own.Take(own.Length - 1))
        {
            before++;
            came += one ? 1 : 0;
            var (then, since) = ((double)came / before, (double)(all - came) / (own.Length - before));
            var share = (all + 1.0) / (own.Length + 2.0);
            var error = Math.Sqrt(share * (1 - share) * (1.0 / before + 1.0 / (own.Length - before)));
            if (before >= Fewest && own.Length - before >= Fewest && then - since > Notable * error)
                return true;
        }
        return false;
    }
}
