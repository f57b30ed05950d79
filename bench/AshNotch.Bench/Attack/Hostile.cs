using System.Diagnostics;
using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Captions;

namespace AshNotch.Bench.Attack;

/// <summary>Texts that nobody tells, at three lengths: what reading them takes, and how that grows. Twice as long may take twice as long.</summary>
internal static class Hostile
{
    // Four times as long may take four times as long, and as much again for what else the machine does; what takes no time grows as it likes.
    private const double Growth = 8;
    private const double NoTime = 0.5;
    private static readonly int[] Lengths = [25_000, 50_000, 100_000];

    private static readonly (string Name, string Piece)[] Pieces =
    [
        ("guard", "guard "),
        ("my his", "my his my his my guard "),
        ("combining characters", "e\u0301\u0302\u0303"),
        ("places without stops", "half guard mount side control back control turtle "),
        ("misspelt moves", "triangel choek armbra kimrua "),
        ("taps without stops", "i tapped him he tapped me "),
        ("numbers", "one two 3 4 5:00 [1:20] "),
        ("commas", "I swept, he passed, I recovered, "),
        ("one word", "a"),
        ("names", "Oak Elm Ashby Rowan Hazel "),
        ("questions", "did he sweep me? or was it me? "),
        ("rolls", "Then with Oak. He swept me. "),
        ("letters apart", "a b c d e f g "),
        ("heads", "got: armbar. gave: a pass. "),
        ("counts", "sweeps 1-0 (scissor), passes: 2 for, 1 against, "),
        ("bare counts", "sweeps 3, passes 2, "),
        ("tables", "|got|gave|\n|armbar|pass|\n"),
        ("small words", "got right right right right right right right right "),
        ("ticks", "✅ armbar ❌ knee cut "),
    ];

    public static bool Run()
    {
        var book = Phrasebook.Of(MatVocabulary.BuiltIn);
        RollReader.Read("I pulled guard. He swept me.", book);
        Console.WriteLine($"hostile texts of {string.Join(", ", Lengths)} characters: seconds to read");
        var held = true;
        foreach (var (name, piece) in Pieces)
            held &= Row(name, Lengths.Select(n => Seconds(() => ClassReader.Read(Repeat(piece, n), book, []))));
        held &= Row(
            "captions of <",
            Lengths.Select(n => Seconds(() => CaptionReader.Read("WEBVTT\n\n00:01.000 --> 00:02.000\n" + new string('<', 9 * n))))
        );
        held &= Row(
            "captions of cues",
            Lengths.Select(n => Seconds(() => CaptionReader.Read("WEBVTT\n\n" + Repeat("00:01.000 --> 00:02.000\nguard\n\n", 9 * n))))
        );
        return held;
    }

    private static bool Row(string name, IEnumerable<double> seconds)
    {
        var took = seconds.ToList();
        var holds = took[^1] < NoTime || took[^1] < Growth * took[0];
        Console.WriteLine($"  {name, -24} {string.Join(" ", took.Select(s => $"{s, 8:0.000}"))} {(holds ? "" : "GROWS")}");
        return holds;
    }

    private static string Repeat(string piece, int length) => string.Concat(Enumerable.Repeat(piece, length / piece.Length + 1))[..length];

    private static double Seconds(Action read)
    {
        var watch = Stopwatch.StartNew();
        read();
        return watch.Elapsed.TotalSeconds;
    }
}
