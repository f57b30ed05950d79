using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Skill;

/// <summary>
/// Which number of the fit stands where: my and their general level, what a family of places has in common, each place's own, what a belt,
/// a ratio of weights and no-gi change, and each partner. <c>log odds(mine : stays)</c> and <c>log odds(theirs : stays)</c> are each a sum of
/// some of them, with a factor.
/// </summary>
public sealed class SkillLayout
{
    private const int Levels = 2;
    private readonly int[] group;
    private readonly int[] own;
    private readonly int belt;
    private readonly int firstPartner;

    /// <summary>Lays out the numbers for a tally: a place that was never left has none of its own.</summary>
    public SkillLayout(Tally tally, MatVocabulary vocabulary)
    {
        var groups = new Dictionary<(Family, int), int>();
        group = new int[tally.Shape.Places.Count];
        own = new int[group.Length];
        for (var i = 0; i < group.Length; i++)
        {
            var known = vocabulary.Place(tally.Shape.Places[i]);
            group[i] = -1;
            if (known is null)
                continue;
            var kin = (
                known.Position.Family,
                known.IsTop ? 1
                : known.IsBottom ? -1
                : 0
            );
            if (!groups.TryGetValue(kin, out group[i]))
                groups[kin] = group[i] = groups.Count;
        }
        var next = Levels + 2 * groups.Count;
        for (var i = 0; i < own.Length; i++)
        {
            own[i] = tally.Seen[i] > 0 ? next : -1;
            next += tally.Seen[i] > 0 ? 2 : 0;
        }
        belt = next;
        firstPartner = belt + 4;
        Count = firstPartner + tally.Partners.Count;
        Groups = groups.Count;
    }

    /// <summary>How many numbers there are.</summary>
    public int Count { get; }

    /// <summary>How many families there are, by role.</summary>
    public int Groups { get; }

    /// <summary>What is held of each number before the log: its mean and precision.</summary>
    public (double[] Mean, double[] Precision) Prior(SkillPrior prior)
    {
        var mean = new double[Count];
        var precision = new double[Count];
        var variance = prior.Spread * prior.Spread;
        for (var i = 0; i < Count; i++)
        {
            precision[i] =
                i < Levels ? 1 / (SkillPrior.Level * SkillPrior.Level)
                : i < Levels + 2 * Groups ? 1 / (SkillPrior.Shared * variance)
                : i < belt ? 1 / ((1 - SkillPrior.Shared) * variance)
                : i == belt ? Precision(SkillPrior.Belt.Deviation)
                : i == belt + 1 ? Precision(SkillPrior.Weight.Deviation)
                : i < firstPartner ? Precision(SkillPrior.Attire)
                : Precision(SkillPrior.Partner);
        }
        mean[belt] = SkillPrior.Belt.Mean;
        mean[belt + 1] = SkillPrior.Weight.Mean;
        return (mean, precision);
    }

    /// <summary>
    /// Writes the terms of one side's log odds into the spans and says how many there are: which number, times what.
    /// </summary>
    public int Terms(int place, Setting setting, Who by, Span<int> which, Span<double> factor)
    {
        var side = by == Who.Me ? 0 : 1;
        var against = by == Who.Me ? -1 : 1;
        var n = 0;
        which[n++] = side;
        if (group[place] >= 0)
            which[n++] = Levels + 2 * group[place] + side;
        if (own[place] >= 0)
            which[n++] = own[place] + side;
        factor[..n].Fill(1);
        return Versus(setting, against, side, which, factor, n);
    }

    /// <summary>What the setting alone adds to one side's log odds.</summary>
    public double Versus(Setting setting, Who by, ReadOnlySpan<double> numbers)
    {
        Span<int> which = stackalloc int[4];
        Span<double> factor = stackalloc double[4];
        var n = Versus(setting, by == Who.Me ? -1 : 1, by == Who.Me ? 0 : 1, which, factor, 0);
        var sum = 0.0;
        for (var i = 0; i < n; i++)
            sum += factor[i] * numbers[which[i]];
        return sum;
    }

    /// <summary>What the place alone adds to one side's log odds.</summary>
    public double At(int place, Who by, ReadOnlySpan<double> numbers)
    {
        var side = by == Who.Me ? 0 : 1;
        return numbers[side]
            + (group[place] >= 0 ? numbers[Levels + 2 * group[place] + side] : 0)
            + (own[place] >= 0 ? numbers[own[place] + side] : 0);
    }

    private int Versus(Setting setting, int against, int side, Span<int> which, Span<double> factor, int n)
    {
        which[n] = belt;
        factor[n++] = against * setting.Belts;
        which[n] = belt + 1;
        factor[n++] = against * setting.Weight;
        if (setting.NoGi)
        {
            which[n] = belt + 2 + side;
            factor[n++] = 1;
        }
        if (setting.Partner >= 0)
        {
            which[n] = firstPartner + setting.Partner;
            factor[n++] = against;
        }
        return n;
    }

    private static double Precision(double deviation) => 1 / (deviation * deviation);
}
