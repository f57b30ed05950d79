using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench;

/// <summary>Cuts whole classes of several rolls and prints how many are cut right, with the right partner, with the right taps.</summary>
internal static class Classes
{
    private const int NearEnough = 25;

    // What it takes on Log: open "Cut it otherwise" and press; open the partner and choose; minus; plus and count.
    private const int ToCut = 2;
    private const int ToChoose = 2;
    private const int ToTake = 1;
    private const int ToAdd = 2;
    private static readonly JsonSerializerOptions Form = new(JsonSerializerDefaults.Web);

    private sealed record Told(string Id, string Manner, string[] Known, string Text, ToldRound[] Rolls);

    private sealed record ToldRound(string Starts, string? With, int TapsMe, int TapsPartner, bool Unclear = false);

    /// <summary>The sets, the oldest first: each was written before the reader had seen it.</summary>
    public static IReadOnlyList<string> Files { get; } =
    [
        .. new[]
        {
            "classes",
            "more-classes",
            "third-classes",
            "fourth-classes",
            "fifth-classes",
            "sixth-classes",
            "to-a-friend",
            "in-the-page",
        }.Select(f => Reading.File(f + ".json")),
    ];

    public static void Run(string file, string? only)
    {
        Run(file, only, known: true);
        Console.Write("  nobody known yet: ");
        Run(file, null, known: false);
    }

    private static void Run(string file, string? only, bool known)
    {
        var book = Phrasebook.Of(MatVocabulary.BuiltIn);
        var (rolls, cut, extra, who, taps, clear, whole, presses, glanced) = (0, 0, 0, 0, 0, 0, 0, 0, 0);
        var all = JsonSerializer.Deserialize<Told[]>(File.ReadAllText(file), Form)!;
        foreach (var told in all)
        {
            var partners = told.Known.Where(_ => known).Select(k => new Partner { Id = k, Name = k }).ToList();
            var read = ClassReader.Read(told.Text, book, partners);
            var isRight = read.Count == told.Rolls.Length;
            var used = new HashSet<int>();
            foreach (var (i, want) in told.Rolls.Index())
            {
                rolls++;
                clear += want.Unclear ? 0 : 1;
                var start = told.Text.IndexOf(want.Starts, StringComparison.Ordinal);
                var near = Enumerable
                    .Range(0, read.Count)
                    .Where(r => !used.Contains(r))
                    .OrderBy(r => Math.Abs(read[r].Start - start))
                    .ToList();
                if (near.Count == 0 || (Math.Abs(read[near[0]].Start - start) > NearEnough && (i > 0 || near[0] > 0)))
                {
                    isRight = false;
                    presses += ToCut + (want.With is null ? 0 : ToChoose) + ToAdd * (want.TapsMe + want.TapsPartner);
                    continue;
                }
                used.Add(near[0]);
                cut++;
                var got = read[near[0]];
                var name = got.With?.Name;
                var right = want.With is null
                    ? name is null || !told.Known.Contains(name, StringComparer.OrdinalIgnoreCase)
                    : string.Equals(name, want.With, StringComparison.OrdinalIgnoreCase);
                who += right ? 1 : 0;
                isRight &= right;
                presses += right ? 0 : ToChoose;
                if (want.Unclear)
                    continue;
                var tapped = got.Taps == new TapCount(want.TapsMe, want.TapsPartner);
                taps += tapped ? 1 : 0;
                // Whose finishes are counted stands beside Save, so a wrong one is seen.
                glanced++;
                presses +=
                    ToTake * (Math.Max(0, got.Taps.Me - want.TapsMe) + Math.Max(0, got.Taps.Partner - want.TapsPartner))
                    + ToAdd * (Math.Max(0, want.TapsMe - got.Taps.Me) + Math.Max(0, want.TapsPartner - got.Taps.Partner));
                isRight &= tapped;
            }
            extra += Math.Max(0, read.Count - told.Rolls.Length);
            presses += ToCut * Math.Max(0, read.Count - told.Rolls.Length);
            whole += isRight ? 1 : 0;
            if (only is not null && (only == "show" && !isRight || only == told.Id))
            {
                Console.WriteLine($"{told.Id} {told.Manner}");
                foreach (var roll in read)
                    Console.WriteLine(
                        $"   [{roll.With?.Name ?? "-"} {roll.Taps.Me}-{roll.Taps.Partner}] {told.Text[roll.Start..Math.Min(roll.End, roll.Start + 70)].ReplaceLineEndings("/")}"
                    );
                Console.WriteLine("   want: " + string.Join(", ", told.Rolls.Select(r => $"{r.With ?? "-"} {r.TapsMe}-{r.TapsPartner}")));
            }
        }
        string Share(int part, int of) => ((double)part / Math.Max(1, of)).ToString("0.00", CultureInfo.InvariantCulture);
        Console.WriteLine(
            $"classes {all.Length}  rolls {rolls}  cut {Share(cut, rolls)}  too many {extra}  partner {Share(who, rolls)}  taps {Share(taps, clear)}  right throughout {whole}"
        );
        Console.WriteLine(
            $"  taps right after one glance at the line {Share(glanced, clear)}  presses to cuts, partners and taps all right {Share(presses, rolls)} a roll"
        );
    }
}
