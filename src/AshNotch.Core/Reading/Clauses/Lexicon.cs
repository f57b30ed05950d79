using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>The verbs and phrases of a telling, by what they do. Read from <c>lexicon.txt</c> and
/// <c>bodies.txt</c>, whose rows carry the examples they are tested by.</summary>
internal sealed class Lexicon
{
    private readonly PhraseTree phrases = new();

    private Lexicon(IReadOnlyList<LexiconRow> rows)
    {
        Rows = rows;
        foreach (var row in rows)
            phrases.Add(row);
    }

    /// <summary>The lexicon as shipped.</summary>
    public static Lexicon BuiltIn { get; } = new([.. Read()]);

    /// <summary>Its rows.</summary>
    public IReadOnlyList<LexiconRow> Rows { get; }

    /// <summary>The longest phrase from a word on, and what it does; null when there is none.</summary>
    /// <param name="words">The words.</param>
    /// <param name="first">Index of its first.</param>
    /// <param name="until">Index of the word that it may not reach.</param>
    public Hit? At(IReadOnlyList<Word> words, int first, int until = int.MaxValue) => phrases.At(words, first, until);

    /// <summary>The same for what goes on after a "be" that stands in the word before: "he's down".</summary>
    public Hit? AfterBe(IReadOnlyList<Word> words, int first) =>
        phrases.After("is", words, first) is { } found && found.Acts.Contains(Act.Falls) ? found : null;

    private static IEnumerable<LexiconRow> Read()
    {
        Act? act = null;
        string? move = null;
        foreach (var line in ((string[])["lexicon.txt", "bodies.txt"]).SelectMany(ShippedFile.Rows))
        {
            if (line[0] == '[')
            {
                var head = line.Trim('[', ']').Split(' ');
                act = Enum.Parse<Act>(head[0].Replace("-", "", StringComparison.Ordinal), ignoreCase: true);
                move = head.Length > 1 ? head[1] : null;
                continue;
            }
            var parts = line.Split(" => ");
            var shown = parts.Length > 1 ? parts[1].Split('|') : [];
            yield return new LexiconRow(
                act!.Value,
                move,
                parts[0].Split(", "),
                shown.Length > 0 ? shown[0].Trim() : "",
                shown.Length > 1 ? shown[1].Trim() : ""
            );
        }
    }
}
