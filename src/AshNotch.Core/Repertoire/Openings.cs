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

    // What a set-up that is worth knowing does to the odds. The authors' judgement.
    private const double Told = 3;

    // What is set up mostly starts where the set-up did: so many times likelier than a pair from two places. The authors' judgement.
    private const double Likelier = 10;

    // The power of the share that does not come off itself.
    private const double Seldom = 4;

    /// <summary>The pairs that stand out, the surest first.</summary>
    public static List<Opening> Of(List<Happening[]> exchanges, Who by)
    {
        var counts = StepCounts.Of(exchanges, by);
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

    private sealed record Looked(SetUp After, MoveId Move, SetUpSteps Exposed, Strata Strata, bool IsNear)
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
}
