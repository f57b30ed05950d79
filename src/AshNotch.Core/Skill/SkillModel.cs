using System.Collections.Concurrent;
using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.Distributions;
using MathNet.Numerics.Random;

namespace AshNotch.Core.Skill;

/// <summary>
/// What a log says of its practitioner: how likely each exchange is against whom, and how sure that is. Chains are made from it, the
/// expected one and draws.
/// </summary>
public sealed class SkillModel
{
    private readonly Tally tally;
    private readonly SkillLayout layout;
    private readonly ExitSplits splits;
    private readonly Unwritten unwritten;
    private readonly Mode[] modes;
    private readonly double[][] bookOdds;
    private readonly Counted counted;
    private readonly double[] starts;
    private readonly Func<int, Who, double, double> offset;
    private readonly ConcurrentDictionary<(int, int), double[]> written = [];

    private SkillModel(
        Tally tally,
        SkillLayout layout,
        ExitSplits splits,
        Unwritten unwritten,
        SkillPrior prior,
        Mode[] modes,
        double[][] bookOdds,
        Func<int, Who, double, double> offset,
        Counted counted
    )
    {
        this.tally = tally;
        this.layout = layout;
        this.splits = splits;
        this.unwritten = unwritten;
        Prior = prior;
        this.modes = modes;
        this.bookOdds = bookOdds;
        this.offset = offset;
        this.counted = counted;
        starts = (double[])tally.Starts.Clone();
        foreach (var start in Book.Starts)
            starts[tally.Shape.IndexOf(start.Place)] += start.Weight;
    }

    /// <summary>The places and exits of its chains.</summary>
    public ChainShape Shape => tally.Shape;

    /// <summary>Steps logged from each place.</summary>
    public IReadOnlyList<int> Seen => tally.Seen;

    /// <summary>The spread of skills and the weight of the book, as chosen by the log.</summary>
    public SkillPrior Prior { get; }

    /// <summary>What is thought to go unwritten.</summary>
    public Unwritten Unwritten => unwritten;

    /// <summary>Learns from a walk. The same walk gives the same model to the last digit.</summary>
    /// <param name="walk">The steps.</param>
    /// <param name="practitioner">Belt and weight over time.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static SkillModel Of(Walk walk, Practitioner practitioner, MatVocabulary vocabulary)
    {
        var book = Book.Of(vocabulary);
        var tally = Tally.Of(walk, practitioner, book, vocabulary.Places.Select(p => p.Id));
        var layout = new SkillLayout(tally, vocabulary);
        var unwritten = Unwritten.Of(walk);
        var splits = ExitSplits.Of(tally, book);
        var (weight, stopWeight) = SkillPrior
            .BookWeights.SelectMany(_ => SkillPrior.StopWeights, (b, s) => (b, s))
            .MaxBy(w => splits.LogEvidence(w.b, w.s));
        splits = splits.With(weight, stopWeight);
        var odds = tally.Shape.Places.Select(p => BookOdds(book, p)).ToArray();

        var written = unwritten.LandingShare;
        var shares = splits.Mean(written);
        double Offset(int place, Who by, double stops)
        {
            var taps = splits.TapShare(place, by, shares);
            return odds[place][(int)by] + Math.Log((taps + (1 - taps) * written) / (written * stops));
        }
        var middle = unwritten.StopShares[unwritten.StopShares.Count / 2];
        var priors = SkillPrior.Spreads.Select(s => new SkillPrior(s, weight, stopWeight)).ToArray();
        var tried = new Mode[priors.Length];
        Parallel.For(
            0,
            priors.Length,
            i => tried[i] = SkillFit.Of(tally, layout, (place, by) => Offset(place, by, middle), layout.Prior(priors[i]))
        );
        var best = Enumerable.Range(0, priors.Length).MaxBy(i => tried[i].LogEvidence);
        var modes = new Mode[unwritten.StopShares.Count];
        Parallel.For(
            0,
            modes.Length,
            i =>
                modes[i] = SkillFit.Of(
                    tally,
                    layout,
                    (place, by) => Offset(place, by, unwritten.StopShares[i]),
                    layout.Prior(priors[best]),
                    tried[best].Numbers
                )
        );
        return new SkillModel(tally, layout, splits, unwritten, priors[best], modes, odds, Offset, Counted.Of(walk));
    }

    /// <summary>The chain that is expected.</summary>
    public RollChain Expected(Against against)
    {
        var middle = modes.Length / 2;
        var written = unwritten.LandingShare;
        return Chain(modes[middle].Numbers, splits.Mean(written), written, unwritten.StopShares[middle], against);
    }

    /// <summary>One chain drawn from what is held possible. Draws come in pairs that mirror each other's skills.</summary>
    /// <param name="number">The number of the draw; the same number gives the same chain.</param>
    /// <param name="against">Against whom.</param>
    public RollChain Drawn(int number, Against against)
    {
        var (pair, sign) = (number / 2, number % 2 == 0 ? 1.0 : -1);
        var node = pair % modes.Length;
        var pairs = new Xoshiro256StarStar(pair + 1, threadSafe: false);
        var deviates = new double[layout.Count];
        Normal.Samples(pairs, deviates, 0, 1);
        var own = new Xoshiro256StarStar(-number - 1, threadSafe: false);
        var (kept, left) = unwritten.Landings;
        var written = Math.Max(0.05, Beta.Sample(own, kept, left));
        return Chain(modes[node].Draw(deviates, sign), splits.Draw(written, own), written, unwritten.StopShares[node], against);
    }

    /// <summary>
    /// The chance that a written step at a place in a roll of the walk is a move of somebody that came off: as written, not as it happened,
    /// to be held against what was written.
    /// </summary>
    /// <param name="from">The place.</param>
    /// <param name="roll">Index of the roll in the walk.</param>
    /// <param name="by">Whose.</param>
    /// <param name="move">Which move; null for any.</param>
    public double Written(PlaceId from, int roll, Who by, MoveId? move)
    {
        var place = Shape.IndexOf(from);
        var key = (place, tally.SettingOf[roll]);
        if (!written.TryGetValue(key, out var chances))
        {
            var middle = modes.Length / 2;
            double Odds(Who side) =>
                Math.Exp(
                    offset(place, side, unwritten.StopShares[middle])
                        + layout.At(place, side, modes[middle].Numbers)
                        + layout.Versus(tally.Settings[key.Item2], side, modes[middle].Numbers)
                );
            var (mine, theirs) = (Odds(Who.Me), Odds(Who.Partner));
            written[key] = chances = [mine / (1 + mine + theirs), theirs / (1 + mine + theirs)];
        }
        return move is null ? chances[(int)by] : chances[(int)by] * splits.Written(place, by, move.Value);
    }

    /// <summary>Of the two who could bring something off at a place in a roll of the walk, how often it is I, from 0 to 1.</summary>
    /// <param name="from">The place.</param>
    /// <param name="roll">Index of the roll in the walk.</param>
    public double ShareOfMine(PlaceId from, int roll)
    {
        var (mine, theirs) = (Written(from, roll, Who.Me, null), Written(from, roll, Who.Partner, null));
        return mine / (mine + theirs);
    }

    private RollChain Chain(double[] numbers, double[] shares, double written, double stops, Against against)
    {
        var settings = Settings(against);
        var (mine, theirs) = (new double[settings.Count], new double[settings.Count]);
        for (var i = 0; i < mine.Length; i++)
        {
            mine[i] = Math.Exp(layout.Versus(settings[i].Setting, Who.Me, numbers));
            theirs[i] = Math.Exp(layout.Versus(settings[i].Setting, Who.Partner, numbers));
        }
        var chances = new double[Shape.Exits.Length];
        for (var place = 0; place < Shape.Places.Count; place++)
        {
            var a = Math.Exp(bookOdds[place][(int)Who.Me] + layout.At(place, Who.Me, numbers));
            var b = Math.Exp(bookOdds[place][(int)Who.Partner] + layout.At(place, Who.Partner, numbers));
            var (chanceMine, chanceTheirs) = (0.0, 0.0);
            for (var i = 0; i < mine.Length; i++)
            {
                var share = settings[i].Share / (1 + a * mine[i] + b * theirs[i]);
                chanceMine += share * a * mine[i];
                chanceTheirs += share * b * theirs[i];
            }
            var (begin, end) = (Shape.Of(place).Start.Value, Shape.Of(place).End.Value);
            for (var e = begin; e < end; e++)
                chances[e] = shares[e] * (Shape.Exits[e].Key.By == Who.Me ? chanceMine : chanceTheirs);
        }
        var total = starts.Sum();
        return new RollChain(Shape, chances, [.. starts.Select(s => s / total)], counted.Ends(written, stops));
    }

    private List<(Setting Setting, double Share)> Settings(Against against)
    {
        var noGi = 0.0;
        for (var i = 0; i < tally.Mix.Length; i++)
            noGi += tally.Settings[i].NoGi ? tally.Mix[i] : 0;
        if (against == Against.Even)
            return [(Setting.Even(false), 1 - noGi), (Setting.Even(true), noGi)];
        return [.. tally.Settings.Zip(tally.Mix)];
    }

    private static double[] BookOdds(Book book, PlaceId place)
    {
        var (mine, theirs) = (book.Lands(place, Who.Me), book.Lands(place, Who.Partner));
        var stays = 1 - mine - theirs;
        return [Math.Log(mine / stays), Math.Log(theirs / stays)];
    }

    // Steps a roll, as weighted: what was written, from which what happened follows.
    private sealed record Counted(double Rolls, double Taps, double Landings, double Stays)
    {
        public static Counted Of(Walk walk)
        {
            var (rolls, taps, landings, stays) = (0.0, 0.0, 0.0, 0.0);
            foreach (var roll in walk.Rolls)
            {
                if (roll.Steps.Count == 0)
                    continue;
                rolls += roll.Weight;
                taps += roll.Weight * roll.Taps;
                landings += roll.Weight * roll.Landings;
                stays += roll.Weight * roll.Stays;
            }
            return new Counted(rolls, taps, landings, stays);
        }

        public double Ends(double written, double stops)
        {
            var (steps, few) = Book.Length;
            var happened = Taps + Landings / written + Stays / (written * stops);
            return 1 / Math.Max(1, (happened + steps * few) / (Rolls + few));
        }
    }
}
