using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>
/// Files damaged in 60 ways: cut, zeroed, overwritten, swapped, emptied. Each must be refused in words with exit code 1, or be sound: then
/// every page answers and what it holds is exported.
/// </summary>
internal static class Damaged
{
    private const int Ways = 60;

    public static async Task<bool> Run()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-damaged-").FullName;
        try
        {
            var whole = Path.Combine(directory, "whole");
            await Served.Run("import", App.Verbs.DemoData.File, "--data", whole);
            var bytes = await File.ReadAllBytesAsync(Path.Combine(whole, LogStore.FileName));
            var (refused, sound, bad) = (0, 0, new List<string>());
            // The whole file first: it must be sound, or nothing is said of the others.
            for (var way = -1; way < Ways; way++)
            {
                var data = Path.Combine(directory, $"way-{way}");
                Directory.CreateDirectory(data);
                var (name, damaged) = way < 0 ? ("the whole file", bytes) : Damage(bytes, way);
                await File.WriteAllBytesAsync(Path.Combine(data, LogStore.FileName), damaged);
                switch (await Try(data))
                {
                    case "refused" when way >= 0:
                        refused++;
                        break;
                    case "sound":
                        sound += way < 0 ? 0 : 1;
                        break;
                    case var other:
                        bad.Add($"{name}: {other}");
                        break;
                }
            }
            Console.WriteLine($"{Ways} damaged files: {refused} refused in words, {sound} sound, {bad.Count} served all the same");
            foreach (var trouble in bad)
                Console.WriteLine("  " + trouble);
            return bad.Count == 0;
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }

    private static async Task<string> Try(string data)
    {
        Served served;
        try
        {
            served = await Served.Start(data);
        }
        catch (InvalidOperationException e)
        {
            var words =
                e.Message.Contains("damaged", StringComparison.Ordinal) || e.Message.Contains("later Ash Notch", StringComparison.Ordinal);
            return words && !e.Message.Contains("   at ", StringComparison.Ordinal) ? "refused" : "not in words: " + e.Message;
        }
        using (served)
        {
            foreach (
                var page in (string[])
                    ["/api/today", "/api/rack", "/api/weak-spots", "/api/partners", "/api/weeks", "/api/export", "/api/drafts"]
            )
            {
                using var answer = await served.Client.GetAsync(page);
                if (!answer.IsSuccessStatusCode)
                    return $"{(int)answer.StatusCode} at {page}";
            }
            return await served.Save("after") ? "sound" : "does not save";
        }
    }

    private static (string Name, byte[] Bytes) Damage(byte[] whole, int way)
    {
        var random = new Random(way);
        var bytes = (byte[])whole.Clone();
        var at = random.Next(100, bytes.Length - 8200);
        switch (way % 10)
        {
            case 0:
                return ($"cut at {at}", bytes[..at]);
            case 1:
                return ("cut at a page", bytes[..(bytes.Length / 4096 / 2 * 4096)]);
            case 2:
                Array.Clear(bytes, at, 4096);
                return ($"zeros at {at}", bytes);
            case 3:
                random.NextBytes(bytes.AsSpan(at, 2000));
                return ($"noise at {at}", bytes);
            case 4:
                random.NextBytes(bytes.AsSpan(16, 84));
                return ("noise in the header", bytes);
            case 5:
                var (a, b) = (random.Next(1, bytes.Length / 4096) * 4096, random.Next(1, bytes.Length / 4096) * 4096);
                var page = bytes[a..(a + 4096)];
                Array.Copy(bytes, b, bytes, a, 4096);
                Array.Copy(page, 0, bytes, b, 4096);
                return ($"pages {a / 4096} and {b / 4096} swapped", bytes);
            case 6:
                return ("empty", way == 6 ? [] : bytes[..random.Next(1, 100)]);
            case 7:
                for (var i = 0; i < 3; i++)
                    bytes[random.Next(4096, bytes.Length)] ^= (byte)(1 << random.Next(8));
                return ("flipped bits", bytes);
            case 8:
                // The terms of the log, misspelt where they stand.
                var text = System.Text.Encoding.Latin1.GetString(bytes).Replace("landed", "lanbed", StringComparison.Ordinal);
                return ("terms misspelt", System.Text.Encoding.Latin1.GetBytes(text));
            default:
                random.NextBytes(bytes);
                return ("noise all over", bytes);
        }
    }
}
