using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Headed;

/// <summary>The headings that are known, by what they stand over; read from <c>heads.txt</c>.</summary>
internal static class HeadPhrases
{
    /// <summary>A word that may be anybody's name.</summary>
    public const string Name = "~";

    /// <summary>Stands for a word for who teaches.</summary>
    public const string Teacher = "@";

    private const string Called = "-called";

    /// <summary>The words of each heading, the longest first; one that says what it stands over stays before it.</summary>
    public static IReadOnlyList<(HeadedKind Kind, string[] Words, bool Stays)> Headings { get; } =
    [
        .. Rows()
            .Select(r => (IsKind: Enum.TryParse<HeadedKind>(r.Kind.Replace(Called, "", StringComparison.Ordinal), out var kind), kind, r))
            .Where(x => x.IsKind)
            .Select(x => (x.kind, x.r.Words, x.r.Kind.EndsWith(Called, StringComparison.Ordinal)))
            .OrderByDescending(r => r.Words.Length)
            .ThenBy(r => r.Words.Contains(Name)),
    ];

    /// <summary>The words that begin a sentence on what was taught, the longest first.</summary>
    public static IReadOnlyList<string[]> Taught { get; } = Of("Taught-said");

    /// <summary>Such words of drilling: the reader knows what follows as said and not done.</summary>
    public static IReadOnlyList<string[]> Drilled { get; } = Of("Drilled-said");

    /// <summary>Words that may stand before those: "tonight our coach had us ...".</summary>
    public static IReadOnlySet<string> TaughtBefore { get; } = Single("Taught-before");

    /// <summary>Words between those and what was taught: "had us drilling the ...".</summary>
    public static IReadOnlySet<string> TaughtFiller { get; } = Single("Taught-filler");

    /// <summary>The words of what is a hazard wherever it is said, the longest first.</summary>
    public static IReadOnlyList<string[]> Hazards { get; } = Of("Hazard-said");

    /// <summary>Words that deny what stands after them.</summary>
    public static IReadOnlySet<string> Denying { get; } = Single("Denied");

    private static HashSet<string> Single(string kind) => [.. Of(kind).Select(w => w[0])];

    private static string[][] Of(string kind) =>
        [.. Rows().Where(r => r.Kind == kind).Select(r => r.Words).OrderByDescending(w => w.Length)];

    private static IEnumerable<(string Kind, string[] Words)> Rows() =>
        from row in ShippedFile.Rows("heads.txt")
        let parts = row.Split(": ", 2)
        from phrase in parts[1].Split(';')
        select (parts[0], Split(phrase));

    private static string[] Split(string phrase) =>
        [.. phrase.Trim().Split(' ').Select(w => w is Name or Teacher ? w : Word.Split(w)[0].Text)];
}
