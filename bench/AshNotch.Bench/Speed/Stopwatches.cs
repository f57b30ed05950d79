using System.Diagnostics;
using System.Globalization;

namespace AshNotch.Bench.Speed;

/// <summary>How time and memory are taken.</summary>
internal static class Stopwatches
{
    /// <summary>The median of nine runs after a few to warm up, in milliseconds.</summary>
    public static double Median(Action action)
    {
        for (var i = 0; i < 5; i++)
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

    /// <summary>Seconds and peak megabytes of a process of the program.</summary>
    public static (double Seconds, double Megabytes) Process(string program, params string[] args)
    {
        var watch = Stopwatch.StartNew();
        using var process = System.Diagnostics.Process.Start(
            new ProcessStartInfo("dotnet", [program, .. args]) { RedirectStandardOutput = true }
        )!;
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
}
