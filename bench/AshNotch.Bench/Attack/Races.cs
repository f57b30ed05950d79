using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using AshNotch.Storage;
using Microsoft.Data.Sqlite;

namespace AshNotch.Bench.Attack;

/// <summary>Several who want the same at once: the write lock held by another process, copies asked for together.</summary>
internal static class Races
{
    private static readonly int[] Seconds = [6, 9, 20];

    public static async Task<bool> Run()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-races-").FullName;
        try
        {
            using var server = await Served.Start(directory);
            var held = true;
            foreach (var seconds in Seconds)
                held &= await LockHeld(server, directory, seconds);
            return held & await Copies(server, directory);
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }

    private static async Task<bool> LockHeld(Served server, string directory, int seconds)
    {
        await server.Save($"before-{seconds}");
        using var other = new SqliteConnection($"Data Source={Path.Combine(directory, LogStore.FileName)};Pooling=False");
        await other.OpenAsync();
        var watch = Stopwatch.StartNew();
        Task<HttpResponseMessage>[] saves;
        await using (var transaction = other.BeginTransaction(deferred: false))
        {
            saves = [.. Enumerable.Range(0, 8).Select(i => Put(server, $"held-{seconds}-{i}"))];
            await Task.Delay(TimeSpan.FromSeconds(seconds));
            await transaction.RollbackAsync();
        }
        var answers = await Task.WhenAll(saves);
        var kept = answers.Count(a => a.IsSuccessStatusCode);
        var busy = answers.Count(a => a.StatusCode == HttpStatusCode.ServiceUnavailable);
        var after = await server.Save($"after-{seconds}");
        var told = kept + busy == answers.Length;
        Console.WriteLine(
            $"the write lock held {seconds} s by another process: of 8 saves {kept} kept, {busy} answered 503 in words, the last after "
                + $"{watch.Elapsed.TotalSeconds:F1} s; the program {(after ? "goes on" : "ENDED")}"
        );
        foreach (var answer in answers)
            answer.Dispose();
        return told && after;
    }

    private static Task<HttpResponseMessage> Put(Served server, string id) =>
        server.Client.PutAsJsonAsync($"/api/rolls/{id}", new { roll = new { notes = id }, session = new { date = "2026-03-02" } });

    private static async Task<bool> Copies(Served server, string directory)
    {
        var watch = Stopwatch.StartNew();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 60)
                .Select(async i =>
                {
                    if (i % 6 == 5)
                        return (await Served.Run("backup", Path.Combine(directory, $"copy-{i}.db"), "--data", directory)).Code == 0;
                    using var answer = await server.Client.PostAsync("/api/backups", null);
                    var name = (await answer.Content.ReadFromJsonAsync<Made>())?.Name ?? "";
                    // Whole when it is answered, not a moment later.
                    using var look = await server.Client.GetAsync($"/api/backups/{name}");
                    return answer.IsSuccessStatusCode && look.IsSuccessStatusCode;
                })
        );
        var half = Directory.GetFiles(directory, "*.half-*", SearchOption.AllDirectories).Length;
        Console.WriteLine(
            $"60 copies asked for at once, 10 of them by other processes: {answers.Count(a => a)} whole when answered, {half} half-made left, "
                + $"{watch.Elapsed.TotalSeconds:F1} s"
        );
        return answers.All(a => a) && half == 0;
    }

    private sealed record Made(string Name);
}
