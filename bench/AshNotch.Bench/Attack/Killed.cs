using System.Diagnostics;
using AshNotch.Core.Rolls;
using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>
/// Processes of their own that save, copy, put back, take in and forget, each killed with SIGKILL somewhere in the middle: what they
/// acknowledged must be in the log or in a copy, the log whole, every copy whole, and nothing half-made left over.
/// </summary>
internal static class Killed
{
    private static readonly string Program = Path.Combine(AppContext.BaseDirectory, "AshNotch.Bench.dll");
    private static readonly string[] Kinds = ["save", "save", "copy", "restore", "import"];
    private const int RoundsEach = 25;
    private const int SavesEach = 400;

    public static async Task<bool> Run(int rounds)
    {
        var (lost, damaged, left, acknowledged) = (0, 0, 0, 0);
        for (var first = 0; first < rounds; first += RoundsEach)
        {
            var directory = Directory.CreateTempSubdirectory("ash-notch-killed-").FullName;
            var said = new List<string>();
            for (var round = first; round < Math.Min(rounds, first + RoundsEach); round++)
                await KilledOnce(directory, Kinds[round % Kinds.Length], round, said);
            lost += Acknowledged.Missing(directory, said);
            acknowledged += said.Count;
            using (var store = LogStore.Open(directory))
            {
                damaged += store.CheckIntegrity() == "ok" ? 0 : 1;
                damaged += store.Backups().Count(b => !IsWhole(store, b.Name));
            }
            left += Directory.GetFiles(directory, "*.half-*", SearchOption.AllDirectories).Length;
            Directory.Delete(directory, recursive: true);
        }
        Console.WriteLine(
            $"{rounds} processes killed while saving, copying, putting back, taking in: {acknowledged} acknowledged, {lost} lost, {damaged} files "
                + $"damaged, {left} half-made left"
        );
        return lost + damaged + left == 0;
    }

    /// <summary>What the process does that is killed: it says each roll when it is acknowledged.</summary>
    public static int Child(string directory, string kind, int seed)
    {
        using var store = LogStore.Open(directory);
        Console.WriteLine("ready");
        for (var i = 0; i < SavesEach; i++)
        {
            var id = $"{seed}-{i}";
            switch (kind)
            {
                case "copy":
                    store.MakeBackup(DateTimeOffset.UtcNow);
                    break;
                case "restore" when store.Backups() is [var newest, ..] && i % 2 == 1:
                    store.RestoreBackup(newest.Name, DateTimeOffset.UtcNow);
                    break;
                case "import":
                    var roll = new Session { Id = $"s{id}", Rolls = [new Roll { Id = id }, new Roll { Id = id + "-2" }] };
                    store.Import(Core.Drilling.Diary.Of(new Log { Sessions = [roll] }), DateTimeOffset.UtcNow);
                    Console.WriteLine(id);
                    continue;
            }
            store.SaveRoll(new Session { Id = "s" }, new Roll { Id = id }, DateTimeOffset.UtcNow);
            Console.WriteLine(id);
        }
        return 0;
    }

    private static async Task KilledOnce(string directory, string kind, int seed, List<string> said)
    {
        using var process = Process.Start(
            new ProcessStartInfo("dotnet", [Program, "killed", directory, kind, $"{seed}"]) { RedirectStandardOutput = true }
        )!;
        await process.StandardOutput.ReadLineAsync();
        var killing = Task.Run(async () =>
        {
            // The moment differs from round to round.
            await Task.Delay(10 + seed * 37 % 211);
            process.Kill();
        });
        while (await process.StandardOutput.ReadLineAsync() is { Length: > 0 } id)
            said.Add(id);
        await killing;
        await process.WaitForExitAsync();
    }

    private static bool IsWhole(LogStore store, string copy)
    {
        try
        {
            store.LookInto(copy);
            return true;
        }
        catch (StorageException)
        {
            return false;
        }
    }
}
