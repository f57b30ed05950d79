using System.Globalization;
using AshNotch.App.Verbs;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Grain;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Bench.Speed;

/// <summary>
/// Time and memory of weak spots as whole processes, from 1,000 to 1,000,000 notches made by repeating the demo log over twenty years; in a
/// running program one more notch and a what-if; the same fit, solve and draws with numpy; and reading.
/// </summary>
internal static class Speeds
{
    private const int Runs = 5;
    private const int TwentyYears = 7300;
    private static readonly string Program = Path.Combine(AppContext.BaseDirectory, "AshNotch.App.dll");

    public static void Run()
    {
        using var stream = File.OpenRead(DemoData.File);
        var demo = LogReader.Read(stream, MatVocabulary.BuiltIn).Log;
        Processes(demo);
        InProgram(demo);
        Numpy.Compare(demo);
        Reader(demo);
    }

    private static void Processes(Log demo)
    {
        var own = demo.Rolls.Sum(r => r.Roll.Notches.Count());
        Print($"weak-spots FILE as a whole process, ranges included, fastest and median of {Runs}:");
        Print($"  {"notches", 9} {"rolls", 7} {"file MB", 8} {"fastest s", 10} {"median s", 9} {"peak MB", 8}");
        foreach (var target in (int[])[1_000, 25_000, 125_000, 250_000, 500_000, 1_000_000])
        {
            var log = Repeated.Log((int)Math.Ceiling(target / (double)own));
            var file = Path.GetTempFileName();
            using (var output = File.Create(file))
                LogWriter.Write(Diary.Of(log), output);
            var runs = Enumerable
                .Range(0, Runs)
                .Select(_ => Stopwatches.Process(Program, "weak-spots", file))
                .OrderBy(r => r.Seconds)
                .ToList();
            var (notches, rolls, size) = (log.Rolls.Sum(r => r.Roll.Notches.Count()), log.Rolls.Count(), new FileInfo(file).Length / 1e6);
            var (fastest, median, peak) = (runs[0].Seconds, runs[Runs / 2].Seconds, runs.Max(r => r.Megabytes));
            Print($"  {notches, 9} {rolls, 7} {size, 8:0.0} {fastest, 10:0.00} {median, 9:0.00} {peak, 8:0}");
            File.Delete(file);
        }
    }

    private static void InProgram(Log demo)
    {
        var experience = Experience.Of(demo, MatVocabulary.BuiltIn);
        var exchange = WeakSpotRanking.Of(experience, Aim.Points, Against.Usual).Spots[0];
        IReadOnlyList<WhatIf> half = [new WhatIf(exchange.Way, 0.5)];
        var more = Stopwatches.Median(() => WeakSpotRanking.Of(demo, MatVocabulary.BuiltIn, Aim.Points));
        var whatIf = Stopwatches.Median(() =>
        {
            WhatIfAnswer.Of(experience, Aim.Points, Against.Usual, half);
            GrainMap.Of(experience, Aim.Points, Against.Usual, half);
        });
        Print(
            $"in a running program, demo log: one more notch {more:0} ms (learning anew and ranking), a what-if with its flows {whatIf:0} ms"
        );
    }

    private static void Reader(Log demo)
    {
        var words = string.Join(' ', demo.Rolls.Select(r => r.Roll.Retelling).OfType<string>());
        words = string.Join(' ', Word.Split(words + " " + words).Take(1000).Select(w => w.Text));
        var book = Phrasebook.Of(MatVocabulary.BuiltIn);
        Print($"reading 1,000 words: {Stopwatches.Median(() => RollReader.Read(words, book)):0.0} ms");
    }

    private static void Print(FormattableString line) => Console.WriteLine(line.ToString(CultureInfo.InvariantCulture));
}
