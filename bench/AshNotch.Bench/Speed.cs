using System.Diagnostics;
using System.Globalization;
using AshNotch.App.Verbs;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.Bench;

/// <summary>
/// Time and memory of weak spots, from the demo log to 250,000 notches made by repeating it, as whole processes; and of reading.
/// </summary>
internal static class Speed
{
    private static readonly string Program = Path.Combine(AppContext.BaseDirectory, "AshNotch.App.dll");

    public static void Run()
    {
        using var stream = File.OpenRead(DemoData.File);
        var demo = LogReader.Read(stream, MatVocabulary.BuiltIn).Log;
        var own = demo.Rolls.Sum(r => r.Roll.Notches.Count());
        Console.WriteLine("weak-spots FILE as a whole process, median of 5: notches, file MB, seconds, peak MB");
        foreach (var target in (int[])[own, 25_000, 125_000, 250_000])
        {
            var file = Path.GetTempFileName();
            using (var output = File.Create(file))
                LogWriter.Write(Repeat(demo, (int)Math.Ceiling(target / (double)own)), output);
            var runs = Enumerable.Range(0, 5).Select(_ => Measure("weak-spots", file)).OrderBy(r => r.Seconds).ToList();
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"  {target, 8} {new FileInfo(file).Length / 1e6, 8:0.0} {runs[2].Seconds, 8:0.00} {runs.Max(r => r.Megabytes), 8:0}"
                )
            );
            File.Delete(file);
        }

        var many = Repeat(demo, (int)Math.Ceiling(250_000 / (double)own));
        WeakSpotRanking.Of(many, MatVocabulary.BuiltIn, Aim.Points);
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"ranking alone in a running program: {Median(() => WeakSpotRanking.Of(demo, MatVocabulary.BuiltIn, Aim.Points)):0.0} "
                    + $"ms on the demo log, {Median(() => WeakSpotRanking.Of(many, MatVocabulary.BuiltIn, Aim.Points)):0} ms on 250,000 "
                    + $"notches"
            )
        );
        var words = string.Join(' ', demo.Rolls.Select(r => r.Roll.Retelling).OfType<string>());
        words = string.Join(' ', Word.Split(words + " " + words).Take(1000).Select(w => w.Text));
        var book = Phrasebook.Of(MatVocabulary.BuiltIn);
        Console.WriteLine(
            string.Create(CultureInfo.InvariantCulture, $"reading 1,000 words: {Median(() => RollReader.Read(words, book)):0.0} ms")
        );
    }

    private static Log Repeat(Log log, int times) =>
        log with
        {
            Sessions =
            [
                .. Enumerable
                    .Range(0, times)
                    .SelectMany(k =>
                        log.Sessions.Select(s =>
                            s with
                            {
                                Id = $"{k}-{s.Id}",
                                Date = s.Date!.Value.AddDays(-70 * (times - 1 - k) % 20_000),
                                Rolls = [.. s.Rolls.Select(r => r with { Id = $"{k}-{r.Id}" })],
                            }
                        )
                    ),
            ],
        };

    private static (double Seconds, double Megabytes) Measure(params string[] args)
    {
        var watch = Stopwatch.StartNew();
        using var process = Process.Start(new ProcessStartInfo("dotnet", [Program, .. args]) { RedirectStandardOutput = true })!;
        var peak = 0L;
        var reading = process.StandardOutput.ReadToEndAsync();
        while (!process.WaitForExit(5))
            peak = Math.Max(peak, PeakOf(process.Id));
        reading.Wait();
        return (watch.Elapsed.TotalSeconds, peak / 1e6);
    }

    // The high-water mark as the kernel keeps it; 0 when the process ended between two looks.
    private static long PeakOf(int process)
    {
        try
        {
            var line = File.ReadLines($"/proc/{process}/status").FirstOrDefault(l => l.StartsWith("VmHWM:", StringComparison.Ordinal));
            return line is null
                ? 0
                : 1024 * long.Parse(line.Split(' ', StringSplitOptions.RemoveEmptyEntries)[^2], CultureInfo.InvariantCulture);
        }
        catch (IOException)
        {
            return 0;
        }
    }

    private static double Median(Action action)
    {
        action();
        return Enumerable
            .Range(0, 9)
            .Select(_ =>
            {
                var watch = Stopwatch.StartNew();
                action();
                return watch.Elapsed.TotalMilliseconds;
            })
            .Order()
            .ElementAt(4);
    }
}
