using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics;
using MathNet.Numerics.Distributions;

namespace AshNotch.Core.Skill;

/// <summary>
/// Which move, and where to, given that somebody's move came off at a place: the log's counts over the book's shares, a Dirichlet posterior
/// for each place and side (Gelman and others, <i>Bayesian Data Analysis</i>, ch. 3).
/// </summary>
public sealed class ExitSplits
{
    /// <summary>Share of the book kept for exits that the log shows and the book does not have.</summary>
    private const double Unlisted = 0.1;

    private readonly Tally tally;
    private readonly ChainShape shape;
    private readonly double[] counts;
    private readonly double[] stops;
    private readonly double[] book;
    private readonly double[] alphas;
    private readonly Side[] sides;

    private ExitSplits(Tally tally, double[] book, Side[] sides, double bookWeight, double stopWeight)
    {
        this.tally = tally;
        shape = tally.Shape;
        counts = tally.Exits;
        stops = tally.Stops;
        this.book = book;
        this.sides = sides;
        alphas = (double[])counts.Clone();
        foreach (var side in sides)
        foreach (var e in side.Exits)
            alphas[e] += bookWeight * book[e] + side.Worth(stopWeight) * stops[e];
    }

    /// <summary>The splits of a tally, with the least weight of the book.</summary>
    public static ExitSplits Of(Tally tally, Book book)
    {
        var shape = tally.Shape;
        var shares = new double[shape.Exits.Length];
        var sides = new List<Side>();
        for (var place = 0; place < shape.Places.Count; place++)
        {
            var listed = book.Exits(shape.Places[place]);
            foreach (var by in (Who[])[Who.Me, Who.Partner])
            {
                var here = shape.ExitsOf(place).Where(e => shape.Exits[e].Key.By == by).ToArray();
                if (here.Length == 0)
                    continue;
                var unlisted = here.Count(e => !listed.ContainsKey(shape.Exits[e].Key));
                var kept =
                    unlisted == 0 ? 1
                    : unlisted == here.Length ? 0
                    : 1 - Unlisted;
                foreach (var e in here)
                    shares[e] = listed.TryGetValue(shape.Exits[e].Key, out var share) ? kept * share : (1 - kept) / unlisted;
                sides.Add(new Side(here, here.Sum(e => tally.Exits[e]) > 0, here.Sum(e => tally.Stops[e])));
            }
        }
        return new ExitSplits(tally, shares, [.. sides], SkillPrior.BookWeights[0], 0);
    }

    /// <summary>The same splits with other weights of the book and of stopped attempts.</summary>
    public ExitSplits With(double bookWeight, double stopWeight) => new(tally, book, sides, bookWeight, stopWeight);

    /// <summary>
    /// Logarithm of the likelihood of what came off under weights of the book and of stopped attempts, shares integrated out
    /// (Dirichlet-multinomial).
    /// </summary>
    public double LogEvidence(double bookWeight, double stopWeight)
    {
        var log = 0.0;
        foreach (var side in sides)
        {
            if (!side.IsSeen)
                continue;
            var (total, held) = (0.0, 0.0);
            var worth = side.Worth(stopWeight);
            foreach (var e in side.Exits)
            {
                var prior = Math.Max(bookWeight * book[e] + worth * stops[e], 1e-9);
                held += prior;
                if (counts[e] <= 0)
                    continue;
                total += counts[e];
                log += SpecialFunctions.GammaLn(prior + counts[e]) - SpecialFunctions.GammaLn(prior);
            }
            log += SpecialFunctions.GammaLn(held) - SpecialFunctions.GammaLn(held + total);
        }
        return log;
    }

    /// <summary>Expected shares of the exits of each place and side, in the order of the shape; each side sums to 1.</summary>
    /// <param name="written">Share of landings that are written, where taps always are.</param>
    public double[] Mean(double written)
    {
        var shares = (double[])alphas.Clone();
        foreach (var side in sides)
            Settle(shares, side, written);
        return shares;
    }

    /// <summary>Shares drawn from the posterior; sides of which the log says nothing stay at the book.</summary>
    public double[] Draw(double written, Random random)
    {
        var shares = (double[])alphas.Clone();
        foreach (var side in sides)
        {
            if (side.IsSeen)
                foreach (var e in side.Exits)
                    shares[e] = alphas[e] > 0 ? Gamma.Sample(random, alphas[e], 1) : 0;
            Settle(shares, side, written);
        }
        return shares;
    }

    /// <summary>Share of a move in what is written to have come off at a place for one side.</summary>
    public double Written(int place, Who by, MoveId move)
    {
        var (of, all) = (0.0, 0.0);
        foreach (var e in shape.ExitsOf(place))
        {
            if (shape.Exits[e].Key.By != by)
                continue;
            all += alphas[e];
            of += shape.Exits[e].Key.Move == move ? alphas[e] : 0;
        }
        return all > 0 ? of / all : 0;
    }

    /// <summary>Share of taps in what comes off at each place, by side, given shares.</summary>
    public double TapShare(int place, Who by, double[] shares)
    {
        var taps = 0.0;
        var (begin, end) = (shape.Of(place).Start.Value, shape.Of(place).End.Value);
        for (var e = begin; e < end; e++)
            if (shape.Exits[e].Key.By == by && shape.Exits[e].To < 0)
                taps += shares[e];
        return taps;
    }

    // What was counted becomes what happened: for each landing written, others were not.
    private void Settle(double[] shares, Side side, double written)
    {
        var total = 0.0;
        foreach (var e in side.Exits)
        {
            if (shape.Exits[e].To >= 0)
                shares[e] /= written;
            total += shares[e];
        }
        // So small a draw that nothing is left: the book then.
        foreach (var e in side.Exits)
            shares[e] = total > 0 ? shares[e] / total : book[e];
    }

    private sealed record Side(int[] Exits, bool IsSeen, double Stops)
    {
        // Many stops say well what is tried; how that bears on what comes off is a matter of the most they may be worth.
        public double Worth(double most) => most > 0 ? most / (most + Stops) : 0;
    }
}
