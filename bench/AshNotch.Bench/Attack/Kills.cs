using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>
/// Sixty saves over HTTP with a kill -9 in the middle: every acknowledged roll must be there afterwards, and the file whole.
/// </summary>
internal static class Kills
{
    private const int Saves = 60;

    public static async Task<int> Run(int runs)
    {
        Console.WriteLine(
            $"{Saves} saves with a kill -9 in the middle, {runs} runs: acknowledged before the kill, found after it, integrity"
        );
        var lost = 0;
        for (var run = 0; run < runs; run++)
        {
            var directory = Directory.CreateTempSubdirectory("ash-notch-crash-").FullName;
            var acknowledged = new List<string>();
            // The moment of the kill differs from run to run.
            await SaveUntilKilled(directory, acknowledged, killAfter: 8 + run * 7 % 44);
            var before = acknowledged.Count;
            string health;
            int missing;
            await SaveTheRest(directory, acknowledged);
            using (var store = LogStore.Open(directory))
            {
                health = store.CheckIntegrity();
                var there = store.Read().Rolls.Where(r => r.Roll.Notches.Count() == 3).Select(r => r.Roll.Id).ToHashSet();
                missing = acknowledged.Count(id => !there.Contains(id));
            }
            if (health != "ok")
                missing++;
            lost += missing;
            Console.WriteLine(
                $"  run {run + 1, 2}: {before, 3} acknowledged, then {acknowledged.Count} in all, {missing} missing, integrity_check "
                    + $"{health}"
            );
            Directory.Delete(directory, recursive: true);
        }
        Console.WriteLine(lost == 0 ? "nothing acknowledged was lost" : $"{lost} LOST");
        return lost == 0 ? 0 : 1;
    }

    private static async Task SaveUntilKilled(string directory, List<string> acknowledged, int killAfter)
    {
        using var server = await Served.Start(directory);
        var saving = Task.Run(async () =>
        {
            for (var i = 0; i < Saves; i++)
            {
                if (!await server.Save($"r{i}"))
                    return;
                lock (acknowledged)
                    acknowledged.Add($"r{i}");
            }
        });
        while (!saving.IsCompleted)
        {
            lock (acknowledged)
                if (acknowledged.Count >= killAfter)
                    break;
            await Task.Delay(1);
        }
        // SIGKILL while the next save is on its way.
        server.Kill();
        await saving;
    }

    private static async Task SaveTheRest(string directory, List<string> acknowledged)
    {
        using var server = await Served.Start(directory);
        for (var i = acknowledged.Count; i < Saves; i++)
        {
            if (await server.Save($"r{i}"))
                acknowledged.Add($"r{i}");
        }
        server.Kill();
    }
}
