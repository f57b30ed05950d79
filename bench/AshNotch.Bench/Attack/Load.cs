using System.Diagnostics;
using AshNotch.Core.Drilling;
using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>
/// 20,000 rolls served: what one client waits for, what fifty wait for (70 % weak spots, 30 % saves), and how much memory that takes. Aims:
/// a save 50 ms, reading after a draft 10 ms, Today 100 ms, the first page of the rack 100 ms and 100 kB; 50 requests a second, the slowest
/// hundredth under 3 s, under 400 MB. Importing 10,000 rolls within 10 s, first and second time, others' saves waiting at most a second.
/// </summary>
internal static class Load
{
    private const int Rolls = 20_000;
    private const int Clients = 50;
    private const int Times = 15;
    private static int saved;
    private static readonly TimeSpan Long = TimeSpan.FromSeconds(20);

    public static async Task<bool> Run()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-load-").FullName;
        try
        {
            var file = Path.Combine(directory, "rolls.json");
            var data = Path.Combine(directory, "data");
            Repeated.Write(file, Rolls);
            using (var store = LogStore.Open(data))
                store.Import(Diary.Of(Repeated.Read(file)), DateTimeOffset.UtcNow);
            using (var served = await Served.Start(data))
            {
                await One(served);
                await Fifty(served);
            }
            await Imports(directory);
            return true;
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }

    private static async Task One(Served served)
    {
        Console.WriteLine($"one client on {Rolls:N0} rolls: median ms of {Times}, kB of the answer");
        await Ask(served, "/api/today");
        var n = 0;
        await Timed("a save", () => Save(served, $"one-{n++}"));
        Task<HttpResponseMessage> Draft() => served.Client.PutAsync("/api/drafts/d", Json($$"""{ "body": "draft {{n++}}" }"""));
        await Timed("a roll after a draft, while learning", () => Ask(served, "/api/rolls/one-0"), Draft);
        await Ask(served, "/api/today?wait=true");
        await Timed("a roll after a draft", () => Ask(served, "/api/rolls/one-0"), Draft);
        foreach (var page in (string[])["/api/today", "/api/rack?limit=12", "/api/weak-spots", "/api/partners", "/api/weeks"])
            await Timed(page, () => Ask(served, page));
        foreach (var page in (string[])["/api/today", "/api/rack?limit=12", "/api/weak-spots", "/api/weeks"])
            await Timed($"{page} after a save", () => Ask(served, page), () => Save(served, $"one-{n++}"));
        Console.WriteLine($"  {served.Megabytes:0} MB");
    }

    private static async Task Timed(string what, Func<Task<long>> ask, Func<Task>? before = null)
    {
        var (times, bytes) = (new List<double>(), 0L);
        for (var i = 0; i < Times; i++)
        {
            if (before is not null)
                await before();
            var watch = Stopwatch.StartNew();
            bytes = await ask();
            times.Add(watch.Elapsed.TotalMilliseconds);
        }
        times.Sort();
        Console.WriteLine($"  {what, -36} {times[Times / 2], 8:0.0} ms {bytes / 1000.0, 8:0.0} kB");
    }

    private static async Task Fifty(Served served)
    {
        var (times, failed) = (new List<double>(), 0);
        var most = 0.0;
        var end = DateTime.UtcNow + Long;
        var watching = Task.Run(async () =>
        {
            while (DateTime.UtcNow < end)
            {
                most = Math.Max(most, served.Megabytes);
                await Task.Delay(200);
            }
        });
        await Task.WhenAll(
            Enumerable
                .Range(0, Clients)
                .Select(client =>
                    Task.Run(async () =>
                    {
                        var random = new Random(client);
                        for (var i = 0; DateTime.UtcNow < end; i++)
                        {
                            var watch = Stopwatch.StartNew();
                            var answered =
                                random.Next(10) < 7 ? await Ask(served, "/api/weak-spots") : await Save(served, $"c{client}-{i}");
                            lock (times)
                            {
                                times.Add(watch.Elapsed.TotalMilliseconds);
                                if (answered < 0)
                                    failed++;
                            }
                        }
                    })
                )
        );
        await watching;
        times.Sort();
        Console.WriteLine(
            $"{Clients} clients for {Long.TotalSeconds:0} s: {times.Count / Long.TotalSeconds:0.0} requests a second, {failed} failed, "
                + $"p50 {times[times.Count / 2]:0} ms, p99 {times[times.Count * 99 / 100]:0} ms, at most {most:0} MB"
        );
    }

    private static async Task Imports(string directory)
    {
        var file = Path.Combine(directory, "ten.json");
        var data = Path.Combine(directory, "ten");
        Repeated.Write(file, 10_000);
        using var served = await Served.Start(data);
        await served.Save("warm");
        foreach (var time in (string[])["first", "second"])
        {
            var slowest = 0.0;
            var watch = Stopwatch.StartNew();
            var importing = Served.Run("import", file, "--data", data);
            for (var i = 0; !importing.IsCompleted; i++)
            {
                var save = Stopwatch.StartNew();
                if (!await served.Save($"{time}-{i}"))
                    Console.WriteLine("  A SAVE FAILED");
                slowest = Math.Max(slowest, save.Elapsed.TotalSeconds);
                await Task.Delay(20);
            }
            var (code, said) = await importing;
            Console.WriteLine(
                $"importing 10,000 rolls the {time} time: {watch.Elapsed.TotalSeconds:0.0} s, exit {code}, the slowest save meanwhile {slowest:0.00} s"
                    + $" ({said.Trim().Split('\n')[0]})"
            );
        }
    }

    // A class has some five rolls.
    private static async Task<long> Save(Served served, string id)
    {
        var day = new DateOnly(2026, 1, 1).AddDays(Interlocked.Increment(ref saved) / 5 % 300);
        return await served.Save(id, day.ToString("yyyy-MM-dd", null)) ? 0 : -1;
    }

    private static async Task<long> Ask(Served served, string path)
    {
        using var answer = await served.Client.GetAsync(path);
        var bytes = await answer.Content.ReadAsByteArrayAsync();
        return answer.IsSuccessStatusCode ? bytes.Length : -1;
    }

    private static StringContent Json(string json) => new(json, System.Text.Encoding.UTF8, "application/json");
}
