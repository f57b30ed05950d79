using System.Text.Json;

namespace AshNotch.Bench.Attack;

/// <summary>
/// A copy put back by another process, again and again, while somebody saves: every acknowledged roll must be in the log or in the copy made
/// before that restore, and the program that serves must speak of the log that is there.
/// </summary>
internal static class Restores
{
    public static async Task<bool> Run(int restores)
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-restores-").FullName;
        try
        {
            var log = Path.Combine(directory, "log");
            using var server = await Served.Start(log);
            for (var i = 0; i < 4; i++)
                await server.Save($"before-{i}");
            var copy = Path.Combine(directory, "copy.db");
            await Served.Run("backup", copy, "--data", log);
            var acknowledged = new List<string>();
            var (done, behind, refused) = (0, 0, 0);
            using var enough = new CancellationTokenSource();
            var saving = Task.Run(async () =>
            {
                for (var i = 0; !enough.IsCancellationRequested; i++)
                {
                    if (await server.Save($"r{i}"))
                        acknowledged.Add($"r{i}");
                    else
                        refused++;
                }
            });
            for (var i = 0; i < restores; i++)
            {
                var (code, _) = await Served.Run("restore", copy, "--data", log);
                done += code == 0 ? 1 : 0;
            }
            await enough.CancelAsync();
            await saving;
            await Served.Run("restore", copy, "--data", log);
            using var rack = JsonDocument.Parse(await server.Client.GetStringAsync("/api/rack"));
            if (rack.RootElement.GetProperty("rolls").GetInt32() != 4)
                behind++;
            server.Kill();
            var missing = Acknowledged.Missing(log, acknowledged);
            Console.WriteLine(
                $"{done} of {restores} restores while somebody saved: {acknowledged.Count} acknowledged, {refused} refused, {missing} in neither "
                    + $"the log nor a copy; the program spoke of {(behind == 0 ? "the log that is there" : "ANOTHER LOG")}"
            );
            return missing == 0 && behind == 0 && done == restores;
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }
}
