using System.Runtime.InteropServices;
using AshNotch.Core.Costs;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Repertoire;

/// <summary>
/// What the moves of one side open. A step is a notch that was earned; whether a move comes off in it is held against all other steps from the
/// same place against partners about as easy, so that neither the place a move leads to nor an easy partner makes a pair. The chain has no memory;
/// this is where memory is looked for.
/// </summary>
internal static class Openings
{
    // Among all pairs looked at together, chance alone would bring one so often. The authors' judgement.
    private const double FalseOnce = 0.04;
    private const int Window = 2;

    // What a set-up that is worth knowing does to the odds. The authors' judgement.
    private const double Told = 3;

    // What is set up mostly starts where the set-up did: so many times likelier than a pair from two places. The authors' judgement.
    private const double Likelier = 10;

    // The power of the share that does not come off itself.
    private const double Seldom = 4;

    /// <summary>The pairs that stand out, the surest first.</summary>
    public static List<Opening> Of(List<Happening[]> exchanges, Who by)
    {
        var counts = Counts.Of(exchanges, by);
        var often = counts.Came.Where(c => c.Value.Values.Sum() >= Contrast.Handful).ToList();
        var looked = new List<Looked>();
        foreach (var (after, exposed) in counts.Exposed.Where(e => e.Value.Tries >= Contrast.Handful))
        foreach (var (move, came) in often.Where(o => after.Given || o.Key != after.Move))
        {
            var strata = new Strata();
            var (near, apart) = (0, 0);
            foreach (var (stratum, all) in came)
            {
                // A step in which the set-up itself was tried could not be the other: it is left out on both sides.
                var of = exposed.Steps.GetValueOrDefault(stratum) - exposed.Again.GetValueOrDefault(stratum);
                var steps = counts.Steps[stratum] - exposed.Own.GetValueOrDefault(stratum);
                // Where there is nothing to hold it against, nothing is learned.
                if (of <= 0 || of == steps)
                    continue;
                near += exposed.Near.GetValueOrDefault(stratum);
                apart += of;
                strata.Add(exposed.Came.GetValueOrDefault((move, stratum)), of, all, steps);
            }
            if (strata.Variance > 0)
                looked.Add(new Looked(after, move, exposed, strata, 2 * near >= apart));
        }
        var bound = Bound(looked);
        return
        [
            .. looked
                .Select(l => (l.Pair, Chance: l.Strata.MidP(), May: bound(l)))
                .Where(l => l.Chance <= l.May)
                .OrderBy(l => l.Chance / l.May)
                .Select(l => l.Pair),
        ];
    }

    // What is looked at together shares the chance of a false one. How much of it each may use follows from how plainly odds of three would
    // show in it, which its margins say before anything is seen: the shares under which most of the true ones are found (Roeder and
    // Wasserman, Statistical Science 24, 2009).
    private static Func<Looked, double> Bound(List<Looked> looked)
    {
        double May(Looked one, double c) => 1 - Normal.CDF(0, 1, one.Shows / 2 + (c - one.Likely) / one.Shows);
        var (low, high) = (-50.0, 50.0);
        for (var i = 0; i < 60; i++)
        {
            var middle = (low + high) / 2;
            if (looked.Sum(l => May(l, middle)) > FalseOnce)
                low = middle;
            else
                high = middle;
        }
        return one => May(one, high);
    }

    private sealed record Looked(SetUp After, MoveId Move, Exposed Exposed, Strata Strata, bool IsNear)
    {
        // What opens something is mostly tried from where the other is, and seldom comes off itself; the logarithm of how much likelier.
        public double Likely { get; } = (IsNear ? Math.Log(Likelier) : 0) + Seldom * Math.Log(Math.Max(0.05, 1 - Exposed.ShareLanded));

        // How many standard deviations odds of three would lie above what is usual.
        public double Shows { get; } = Math.Log(Told) * Math.Sqrt(Strata.Variance);

        public Opening Pair
        {
            get
            {
                var (low, high) = Strata.Range();
                return new Opening(
                    After,
                    Move,
                    Exposed.Tries,
                    Exposed.Once.GetValueOrDefault(Move),
                    Strata.Expected,
                    Strata.Odds,
                    low,
                    high,
                    Exposed.Rolls.GetValueOrDefault(Move) ?? []
                );
            }
        }
    }

    // What followed one set-up.
    private sealed class Exposed
    {
        public int Tries { get; set; }

        public int Landed { get; set; }

        public double ShareLanded => (double)Landed / Math.Max(1, Tries);

        public Dictionary<Stratum, int> Steps { get; } = [];

        // Those in which the set-up itself was tried, of all steps and of these.
        public Dictionary<Stratum, int> Own { get; } = [];

        public Dictionary<Stratum, int> Again { get; } = [];

        // Those of them that began where the set-up did.
        public Dictionary<Stratum, int> Near { get; } = [];

        public Dictionary<(MoveId, Stratum), int> Came { get; } = [];

        public Dictionary<MoveId, int> Once { get; } = [];

        public Dictionary<MoveId, List<string>> Rolls { get; } = [];

        public void Count(Stratum stratum, MoveId? came, bool isNear, bool isAgain)
        {
            if (isAgain)
                Again[stratum] = Again.GetValueOrDefault(stratum) + 1;
            if (isNear)
                Near[stratum] = Near.GetValueOrDefault(stratum) + 1;
            Steps[stratum] = Steps.GetValueOrDefault(stratum) + 1;
            if (came is { } move)
                Came[(move, stratum)] = Came.GetValueOrDefault((move, stratum)) + 1;
        }
    }

    private readonly record struct Stratum(PlaceId Place, int Ease);

    private sealed class Counts
    {
        public Dictionary<Stratum, int> Steps { get; } = [];

        public Dictionary<MoveId, Dictionary<Stratum, int>> Came { get; } = [];

        public Dictionary<SetUp, Exposed> Exposed { get; } = [];

        public static Counts Of(List<Happening[]> exchanges, Who by)
        {
            var counts = new Counts();
            var ease = PartnerEase.Of(exchanges, by);
            foreach (var exchange in exchanges)
                counts.Add(exchange, by, ease);
            return counts;
        }

        private void Add(Happening[] exchange, Who by, PartnerEase ease)
        {
            for (var n = 0; n < exchange.Length; n++)
            {
                var step = exchange[n];
                if (SetUp.Of(step.Notch, by) is { } begun)
                    Begin(For(begun), exchange, n, by);
                if (!step.IsTry || step.From is not { } place)
                    continue;
                var stratum = new Stratum(place, ease.Of(step.Logged.Roll.Partner));
                Steps[stratum] = Steps.GetValueOrDefault(stratum) + 1;
                var came = step.CameOff && step.Notch.By == by ? step.Notch.Move : null;
                if (came is { } move)
                    CollectionsMarshal.GetValueRefOrAddDefault(In(move), stratum, out _)++;
                var tried = SetUp.Of(step.Notch, by);
                if (tried is { } own)
                    For(own).Own[stratum] = For(own).Own.GetValueOrDefault(stratum) + 1;
                foreach (var (after, from) in Before(exchange, n, by))
                    For(after).Count(stratum, came, from == place, tried == after);
            }
        }

        // One try opens a move once, though it came off in both steps after it.
        private static void Begin(Exposed exposed, Happening[] exchange, int n, Who by)
        {
            exposed.Tries++;
            if (exchange[n].CameOff && exchange[n].Notch.By == by)
                exposed.Landed++;
            var roll = exchange[n].Logged.Roll.Id;
            var came = exchange.Skip(n + 1).Take(Window).Where(h => h.IsTry && h.CameOff && h.Notch.By == by);
            foreach (var move in came.Select(h => h.Notch.Move).OfType<MoveId>().Distinct())
            {
                exposed.Once[move] = exposed.Once.GetValueOrDefault(move) + 1;
                if (!exposed.Rolls.TryGetValue(move, out var rolls))
                    exposed.Rolls[move] = rolls = [];
                if (rolls.LastOrDefault() != roll)
                    rolls.Add(roll);
            }
        }

        private static IEnumerable<(SetUp After, PlaceId? From)> Before(Happening[] exchange, int n, Who by) =>
            Enumerable
                .Range(1, Window)
                .Where(back => n - back >= 0)
                .Select(back => (SetUp: SetUp.Of(exchange[n - back].Notch, by), exchange[n - back].From))
                .Where(b => b.SetUp is not null)
                .Select(b => (b.SetUp!.Value, b.From))
                .DistinctBy(b => b.Value);

        private Dictionary<Stratum, int> In(MoveId move)
        {
            if (!Came.TryGetValue(move, out var where))
                Came[move] = where = [];
            return where;
        }

        private Exposed For(SetUp after)
        {
            if (!Exposed.TryGetValue(after, out var exposed))
                Exposed[after] = exposed = new Exposed();
            return exposed;
        }
    }
}
