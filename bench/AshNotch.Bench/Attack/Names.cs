using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using AshNotch.Core.Rolls;
using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>Ids of any characters: each that a file may bring is opened, edited and deleted by its address; and imports undone after merges.</summary>
internal static class Names
{
    private const int Ids = 300;
    private const int Undone = 60;
    private const string Odd = "/%?#&=+ .:;,\\'\"<>|*~^`@!$()[]{}-_aZ09\u00E9\u00DF\u4E2D\u0301";

    public static async Task<bool> Run()
    {
        var held = await Addressed();
        return held & UndoneAfterMerges();
    }

    private static async Task<bool> Addressed()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-names-").FullName;
        try
        {
            var random = new Random(21);
            var ids = new HashSet<string>();
            while (ids.Count < Ids)
                if (
                    string.Concat(Enumerable.Range(0, random.Next(1, 9)).Select(_ => Odd[random.Next(Odd.Length)])).Trim() is
                    { Length: > 0 } id
                )
                    ids.Add(id);
            ids.ExceptWith([".", ".."]);
            var file = new JsonObject
            {
                ["format"] = "ash-notch-log",
                ["version"] = 1,
                ["partners"] = new JsonArray([
                    .. ids.Select((id, n) => new JsonObject { ["id"] = id, ["name"] = Invariant($"Partner {n}") }),
                ]),
                ["sessions"] = new JsonArray(
                    new JsonObject
                    {
                        ["id"] = "s",
                        ["date"] = "2026-03-02",
                        ["rolls"] = new JsonArray([.. ids.Select(id => new JsonObject { ["id"] = id, ["partner"] = id })]),
                    }
                ),
            };
            var path = Path.Combine(directory, "file.json");
            await File.WriteAllTextAsync(path, file.ToJsonString());
            var log = Path.Combine(directory, "log");
            await Served.Run("import", path, "--data", log);
            using var server = await Served.Start(log);
            var bad = 0;
            foreach (var id in ids)
            {
                var at = Uri.EscapeDataString(id);
                using var open = await server.Client.GetAsync($"/api/rolls/{at}");
                using var edit = await server.Client.PutAsJsonAsync($"/api/rolls/{at}", new { roll = new { notes = "edited" } });
                using var drop = await server.Client.DeleteAsync($"/api/rolls/{at}");
                using var who = await server.Client.GetAsync($"/api/partners/{at}");
                if (!(open.IsSuccessStatusCode && edit.IsSuccessStatusCode && drop.IsSuccessStatusCode && who.IsSuccessStatusCode))
                    bad++;
            }
            using var store = LogStore.Open(log);
            var left = store.Read();
            Console.WriteLine(
                $"{ids.Count} ids of any characters: {bad} could not be opened, edited and deleted; {left.Rolls.Count()} rolls left, "
                    + $"{left.Partners.Count - ids.Count} partners too many"
            );
            return bad == 0 && !left.Rolls.Any() && left.Partners.Count == ids.Count;
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }

    private static bool UndoneAfterMerges()
    {
        var left = 0;
        for (var seed = 0; seed < Undone; seed++)
        {
            var directory = Directory.CreateTempSubdirectory("ash-notch-undone-").FullName;
            var random = new Random(seed);
            var now = DateTimeOffset.UnixEpoch;
            using (var store = LogStore.Open(directory))
            {
                for (var i = 0; i < 3; i++)
                    store.SavePartner(new Partner { Id = $"mine{i}", Name = $"Mine {i}" }, now);
                for (var i = 0; i < 6; i++)
                    store.SaveRoll(new Session { Id = "s" }, new Roll { Id = $"a{i}", Partner = $"mine{random.Next(3)}" }, now);
                var before = Written(store);
                var coming = new Log
                {
                    Partners = [.. Enumerable.Range(0, 3).Select(i => new Partner { Id = $"theirs{i}", Name = $"Theirs {i}" })],
                    Sessions =
                    [
                        new Session
                        {
                            Id = "t",
                            Rolls = [.. Enumerable.Range(0, 9).Select(i => new Roll { Id = $"b{i}", Partner = $"theirs{random.Next(3)}" })],
                        },
                    ],
                };
                var done = store.Import(Core.Drilling.Diary.Of(coming), now)!;
                var people = store.Read().Partners.Select(p => p.Id).ToList();
                for (var merges = random.Next(1, 4); merges > 0; merges--)
                {
                    var gone = people[random.Next(people.Count)];
                    people.Remove(gone);
                    var kept = people[random.Next(people.Count)];
                    // Two of one's own made one stay one: that is no part of the import.
                    if (gone.StartsWith("mine", StringComparison.Ordinal) && kept.StartsWith("mine", StringComparison.Ordinal))
                        continue;
                    store.MergePartners(gone, kept, now);
                }
                if (store.UndoImport(done.Key, now)!.Count > 0 || Written(store) != before)
                    left++;
            }
            Directory.Delete(directory, recursive: true);
        }
        Console.WriteLine($"{Undone} imports taken back after up to three merges: {left} left something, or took something else");
        return left == 0;
    }

    private static string Written(LogStore store) =>
        string.Join(
            '\n',
            store.Read().Partners.Select(p => $"{p.Id} {p.Name} {string.Join(',', p.AlsoCalled)}").Order(StringComparer.Ordinal)
        ) + string.Join('\n', store.Read().Rolls.Select(r => $"{r.Roll.Id} {r.Roll.Partner}"));

    private static string Invariant(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
