using System.Diagnostics;
using System.Text;
using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;

namespace AshNotch.Bench.Attack;

/// <summary>
/// Requests that are almost right: the ones the pages send, with something in them swapped, dropped, cut or blown up (by FsCheck, with a fixed
/// seed). None may be answered with 5xx or keep anybody waiting, and what was taken is exported and imported to the same bytes.
/// </summary>
internal static class Fuzz
{
    private const int Requests = 20_000;
    private const ulong Seed = 2026;
    private const int Clients = 8;
    private static readonly TimeSpan Hang = TimeSpan.FromSeconds(2);

    private static readonly List<(string Method, string Path, string? Body)> Right = Read();

    private static readonly string[] Values =
    [
        "null",
        "true",
        "-1",
        "99",
        "1e308",
        "-0.0",
        "2147483648",
        "9223372036854775808",
        "\"\"",
        "\" \"",
        "\"\\u0000\"",
        "\"a\\u0000b\"",
        "\"\\ud800\"",
        "\"\\udc00x\"",
        "\"\\u202e\"",
        "\"٠٠:٠١\"",
        "\"2026-02-30\"",
        "\"9999-12-31\"",
        "\"../../etc/passwd\"",
        "\"'; DROP TABLE roll; --\"",
        "\"<script>alert(1)</script>\"",
        "[]",
        "{}",
        "[null]",
        "[[[[[[]]]]]]",
        "{\"a\":{\"b\":{\"c\":[1]}}}",
        "\"mount/top\"",
        "\"no/such\"",
        "\"🤼🏽‍♀️\"",
        "\"e\\u0301\\u0302\"",
        "1.5",
        "\"me\"",
        "\"tap\"",
    ];

    private static readonly string[] Types =
    [
        "application/json",
        "application/json; charset=utf-16",
        "application/json; charset=nope",
        "text/plain",
        "",
        "multipart/form-data",
    ];

    private sealed record Sent(string Method, string Path, string? Body, string Type);

    public static async Task<bool> Run()
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-fuzz-").FullName;
        try
        {
            var data = Path.Combine(directory, "data");
            await Served.Run("import", App.Verbs.DemoData.File, "--data", data);
            var (answers, troubles, hangs) = (new Dictionary<int, int>(), new List<string>(), 0);
            using (var served = await Served.Start(data))
            {
                var all = Made().Sample(Requests, new Rnd(Seed), 100).ToList();
                var next = -1;
                await Task.WhenAll(
                    Enumerable
                        .Range(0, Clients)
                        .Select(_ =>
                            Task.Run(async () =>
                            {
                                for (int i; (i = Interlocked.Increment(ref next)) < all.Count; )
                                {
                                    var watch = Stopwatch.StartNew();
                                    var status = await Send(served, all[i]);
                                    lock (answers)
                                    {
                                        answers[status] = answers.GetValueOrDefault(status) + 1;
                                        if (status is 0 or >= 500)
                                            troubles.Add($"{status} {all[i].Method} {all[i].Path} {Shown(all[i].Body)}");
                                        if (watch.Elapsed > Hang)
                                        {
                                            hangs++;
                                            troubles.Add(
                                                $"{watch.Elapsed.TotalSeconds:0.0} s {all[i].Method} {all[i].Path} {Shown(all[i].Body)}"
                                            );
                                        }
                                    }
                                }
                            })
                        )
                );
            }
            var sound = await IsSame(directory, data);
            Console.WriteLine(
                $"{Requests:N0} requests almost right: {string.Join(", ", answers.OrderBy(a => a.Key).Select(a => $"{a.Value} x {a.Key}"))}; "
                    + $"{answers.Where(a => a.Key >= 500).Sum(a => a.Value)} of 5xx, {hangs} over {Hang.TotalSeconds:0} s; "
                    + $"exported and imported to the same bytes: {(sound ? "yes" : "NO")}"
            );
            foreach (var trouble in troubles.Take(20))
                Console.WriteLine("  " + trouble);
            return troubles.Count == 0 && sound;
        }
        finally
        {
            Directory.Delete(directory, recursive: true);
        }
    }

    private static async Task<bool> IsSame(string directory, string data)
    {
        var (first, second) = (await Export(data), Path.Combine(directory, "again"));
        var file = Path.Combine(directory, "export.json");
        await File.WriteAllTextAsync(file, first);
        var (code, said) = await Served.Run("import", file, "--data", second);
        if (code != 0)
            Console.WriteLine("  " + said);
        return code == 0 && await Export(second) == first && (await Served.Run("check", "--data", data)).Code == 0;
    }

    private static async Task<string> Export(string data)
    {
        using var served = await Served.Start(data);
        return await served.Client.GetStringAsync("/api/export");
    }

    // As the pages send them.
    private static List<(string, string, string?)> Read()
    {
        using var stream = File.OpenRead(Path.Combine(AppContext.BaseDirectory, "requests.json"));
        return
        [
            .. JsonNode
                .Parse(stream)!
                .AsArray()
                .Select(r =>
                    ((string)r!["method"]!, (string)r["path"]!, r.AsObject().ContainsKey("body") ? r["body"]?.ToJsonString() ?? "" : null)
                ),
        ];
    }

    private static Gen<Sent> Made() =>
        from right in Gen.Elements(Right.AsEnumerable())
        from swaps in Gen.Choose(0, 3)
        from value in Gen.ArrayOf(Gen.Elements(Values), 3)
        from place in Gen.ArrayOf(Gen.Choose(0, 1000), 3)
        from how in Gen.Choose(0, 99)
        from type in Gen.Frequency((19, Gen.Constant("application/json")), (1, Gen.Elements(Types)))
        select Bent(right, swaps, value, place, how, type);

    private static Sent Bent(
        (string Method, string Path, string? Body) right,
        int swaps,
        string[] values,
        int[] places,
        int how,
        string type
    )
    {
        var (method, path, body) = right;
        if (body is { Length: > 0 })
        {
            var tree = JsonNode.Parse(body)!;
            for (var i = 0; i < swaps; i++)
                Swap(tree, places[i], i);
            // What no tree can hold, half of a pair, goes in as it is written.
            var written = tree.ToJsonString();
            for (var i = 0; i < swaps; i++)
                written = written.Replace($"\"swapped {i}\"", values[i], StringComparison.Ordinal);
            body = how switch
            {
                < 3 => written[..(places[0] % (written.Length + 1))],
                3 => written.Replace(":", ":\"" + new string('x', 200_000) + "\",", StringComparison.Ordinal),
                4 => new string('[', 100_000),
                5 => "",
                _ => written,
            };
        }
        if (how > 80)
        {
            // Something in the address, in a part of it or a value.
            var parts = path.Split('/', '=', '&');
            var part = parts[places[1] % parts.Length];
            if (part.Length > 0)
                path = path.Replace(part, Uri.EscapeDataString(values[2].Trim('"')), StringComparison.Ordinal);
        }
        return new Sent(method, "/" + path.TrimStart('/'), body, type);
    }

    private static void Swap(JsonNode tree, int place, int number)
    {
        var fields = Fields(tree).ToList();
        if (fields.Count == 0)
            return;
        var (parent, name, index) = fields[place % fields.Count];
        if (parent is JsonObject o && place % 7 == 0)
            o.Remove(name!);
        else if (parent is JsonObject to)
            to[name!] = $"swapped {number}";
        else
            ((JsonArray)parent)[index] = $"swapped {number}";
    }

    private static IEnumerable<(JsonNode Parent, string? Name, int Index)> Fields(JsonNode node)
    {
        if (node is JsonObject o)
        {
            foreach (var (name, child) in o.ToList())
            {
                yield return (o, name, 0);
                foreach (var deeper in child is null ? [] : Fields(child))
                    yield return deeper;
            }
        }
        else if (node is JsonArray list)
        {
            for (var i = 0; i < list.Count; i++)
            {
                yield return (list, null, i);
                foreach (var deeper in list[i] is { } child ? Fields(child) : [])
                    yield return deeper;
            }
        }
    }

    private static async Task<int> Send(Served served, Sent sent)
    {
        try
        {
            using var request = new HttpRequestMessage(new HttpMethod(sent.Method), sent.Path);
            if (sent.Body is not null)
            {
                request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(sent.Body));
                request.Content.Headers.TryAddWithoutValidation("Content-Type", sent.Type);
            }
            using var answer = await served.Client.SendAsync(request);
            await answer.Content.ReadAsByteArrayAsync();
            return (int)answer.StatusCode;
        }
        catch (Exception e) when (e is HttpRequestException or TaskCanceledException or UriFormatException)
        {
            return e is HttpRequestException { HttpRequestError: HttpRequestError.ConnectionError } ? 599 : 0;
        }
    }

    private static string Shown(string? body) =>
        body is null ? ""
        : body.Length > 300 ? body[..300] + "…"
        : body;
}
