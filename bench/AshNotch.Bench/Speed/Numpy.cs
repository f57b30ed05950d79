using System.Diagnostics;
using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Speed;

/// <summary>
/// The same fit, solve and 200 draws with numpy and scipy (<c>bench/numpy/same.py</c>): how long they take there, and that both find the same.
/// </summary>
internal static class Numpy
{
    private const string Python = "/usr/bin/python3";
    private const double BookWeight = 3;
    private static readonly SkillPrior Prior = new(0.7, BookWeight, 0);

    /// <summary>Runs both on a log and prints.</summary>
    public static void Compare(Log log)
    {
        var vocabulary = MatVocabulary.BuiltIn;
        var book = Book.Of(vocabulary);
        var walk = Walk.Of(log, vocabulary);
        var tally = Tally.Of(walk, log.Practitioner, book, vocabulary.Places.Select(p => p.Id));
        var layout = new SkillLayout(tally, vocabulary);
        var shape = tally.Shape;
        var odds = shape
            .Places.Select(p => Both(by => Math.Log(book.Lands(p, by) / (1 - book.Lands(p, Who.Me) - book.Lands(p, Who.Partner)))))
            .ToArray();
        double Offset(int place, Who by) => odds[place][(int)by];
        var model = SkillModel.Of(walk, log.Practitioner, vocabulary);
        var chain = model.Expected(Against.Usual);
        var rewards = Reward.Of(Aim.Points, vocabulary, shape);
        var candidates = Candidate
            .Of(walk)
            .Where(c => c.Attempts >= WeakSpotRanking.Few)
            .Select(c => (Place: shape.IndexOf(c.Way.From), Exits: shape.ExitsOf(c.Way), Odds: c.Way.Better))
            .ToList();

        var problem = new
        {
            layout.Prior(Prior).Mean,
            layout.Prior(Prior).Precision,
            Cells = tally.Cells.Select(c => new
            {
                c.Mine,
                c.Theirs,
                c.Stays,
                Offsets = Both(by => Offset(c.Place, by)),
                Terms = Both(by => Terms(layout, c.Place, tally.Settings[c.Setting], by)),
            }),
            Exits = new
            {
                From = shape.Exits.Select(e => e.From),
                To = shape.Exits.Select(e => e.To),
                By = shape.Exits.Select(e => (int)e.Key.By),
            },
            Alpha = shape.Exits.Select(
                (e, i) => tally.Exits[i] + BookWeight * book.Exits(shape.Places[e.From]).GetValueOrDefault(e.Key, 1e-3)
            ),
            Rewards = rewards,
            chain.Chances,
            chain.Start,
            chain.Ends,
            Candidates = candidates.Select(c => new
            {
                c.Place,
                c.Exits,
                c.Odds,
            }),
            BookOdds = Both(by => odds.Select(o => o[(int)by])),
            PlaceTerms = Both(by => Enumerable.Range(0, shape.Places.Count).Select(p => Unit(layout.Count, i => layout.At(p, by, i)))),
            SettingTerms = Both(by => tally.Settings.Select(s => Unit(layout.Count, i => layout.Versus(s, by, i)))),
            tally.Mix,
        };
        if (Ask(problem) is not { } theirs)
        {
            Console.WriteLine("numpy: not here; install Debian's python3-numpy and python3-scipy to compare.");
            return;
        }

        var mode = SkillFit.Of(tally, layout, Offset, layout.Prior(Prior));
        var value = ChainValue.Solve(chain, rewards);
        var gains = candidates.Select(c => value.WhenOddsChange(c.Place, c.Exits, c.Odds).Gain).ToArray();
        var fit = Stopwatches.Median(() => SkillFit.Of(tally, layout, Offset, layout.Prior(Prior)));
        var solve = Stopwatches.Median(() =>
        {
            var solved = ChainValue.Solve(chain, rewards);
            foreach (var (place, exits, better) in candidates)
                solved.WhenOddsChange(place, exits, better);
        });
        var draws = Stopwatches.Median(() => Gains.Of(model, candidates, rewards, Against.Usual));
        Print($"the same with numpy and scipy ({layout.Count} numbers, {tally.Cells.Count} cells, {shape.Places.Count} places, ");
        Print($"{shape.Exits.Length} exits, {candidates.Count} candidates), ms: ours on {Environment.ProcessorCount} cores, theirs\n");
        Print($"  {"one fit", -28} {fit, 8:0.0} {theirs.FitMs, 8:0.0}\n");
        Print($"  {"one solve with all gains", -28} {solve, 8:0.00} {theirs.SolveMs, 8:0.00}\n");
        Print($"  {"200 draws, solved", -28} {draws, 8:0} {theirs.DrawsMs, 8:0}\n");
        Print($"  largest difference: numbers of the fit {Apart(mode.Numbers, theirs.Mode):0.0e0}, ");
        Print($"value per roll {Math.Abs(value.PerRoll - theirs.PerRoll):0.0e0}, gains {Apart(gains, theirs.Gains):0.0e0}\n");
    }

    private static T[] Both<T>(Func<Who, T> of) => [of(Who.Me), of(Who.Partner)];

    private static double[][] Terms(SkillLayout layout, int place, Setting setting, Who by)
    {
        var (which, factor) = (new int[16], new double[16]);
        var n = layout.Terms(place, setting, by, which, factor);
        return [.. which.Take(n).Zip(factor, (w, f) => (double[])[w, f])];
    }

    // What a sum of numbers takes of each: asked with one of them 1 and the others 0.
    private static double[] Unit(int count, Func<double[], double> sum)
    {
        var factors = new double[count];
        for (var i = 0; i < count; i++)
        {
            var one = new double[count];
            one[i] = 1;
            factors[i] = sum(one);
        }
        return factors;
    }

    private static double Apart(double[] ours, double[] theirs) => ours.Zip(theirs, (a, b) => Math.Abs(a - b)).Max();

    private static Figures? Ask(object problem)
    {
        if (!File.Exists(Python))
            return null;
        var start = new ProcessStartInfo(Python, [Script]) { RedirectStandardInput = true, RedirectStandardOutput = true };
        // As many threads as ours has.
        start.Environment["OPENBLAS_NUM_THREADS"] = Environment.ProcessorCount.ToString(CultureInfo.InvariantCulture);
        using var python = Process.Start(start)!;
        try
        {
            JsonSerializer.Serialize(python.StandardInput.BaseStream, problem, JsonSerializerOptions.Web);
            python.StandardInput.Close();
        }
        catch (IOException)
        {
            // It ended before it had read all, and has said why.
        }
        var answer = python.StandardOutput.ReadToEnd();
        python.WaitForExit();
        return python.ExitCode == 0 ? JsonSerializer.Deserialize<Figures>(answer, JsonSerializerOptions.Web) : null;
    }

    private static string Script
    {
        get
        {
            var directory = new DirectoryInfo(AppContext.BaseDirectory);
            while (!Directory.Exists(Path.Combine(directory.FullName, "bench", "numpy")))
                directory = directory.Parent!;
            return Path.Combine(directory.FullName, "bench", "numpy", "same.py");
        }
    }

    private static void Print(FormattableString text) => Console.Write(text.ToString(CultureInfo.InvariantCulture));

    private sealed record Figures(double FitMs, double SolveMs, double DrawsMs, double[] Mode, double PerRoll, double[] Gains);
}
