using System.Text;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench;

/// <summary>A retelling with what a person says it means.</summary>
/// <remarks>
/// Written as text with marks: <c>[words=id]</c> names a place or move; with <c>me</c> or <c>they</c> after the id it is a notch,
/// landed unless <c>stopped</c>, <c>abandoned</c>, <c>near</c>, <c>threatened</c> or <c>tap</c> follows; <c>given:me</c> and
/// <c>given:partner</c> say who let it happen; <c>!</c> marks what was only thought of, advised, or of another day. Places are seen
/// from me.
/// </remarks>
internal sealed record AnnotatedRetelling(string File, string Title, string? Partner, string Text, IReadOnlyList<Mark> Marks)
{
    public static IReadOnlyList<AnnotatedRetelling> ReadFolder(string folder) =>
        [.. Directory.GetFiles(folder, "*.txt").Order(StringComparer.Ordinal).SelectMany(ReadFile)];

    private static IEnumerable<AnnotatedRetelling> ReadFile(string path)
    {
        foreach (var block in System.IO.File.ReadAllText(path).Split("== ", StringSplitOptions.RemoveEmptyEntries))
        {
            var head = block.Split('\n', 2);
            var title = head[0].Split('|');
            yield return Read(
                Path.GetFileName(path),
                title[0].Trim(),
                title.Length > 1 ? title[1].Split('=')[1].Trim() : null,
                head[1].Trim()
            );
        }
    }

    private static AnnotatedRetelling Read(string file, string title, string? partner, string marked)
    {
        var text = new StringBuilder();
        var marks = new List<Mark>();
        for (var i = 0; i < marked.Length; i++)
        {
            if (marked[i] != '[')
            {
                text.Append(marked[i]);
                continue;
            }
            var close = marked.IndexOf(']', i);
            var (words, says) = (marked[(i + 1)..close].Split('=')[0], marked[(i + 1)..close].Split('=')[1].Split(' '));
            var start = text.Length;
            text.Append(words);
            marks.Add(Mark.Read(start, text.Length, says));
            i = close;
        }
        return new AnnotatedRetelling(file, title, partner, text.ToString(), marks);
    }
}

/// <summary>One mark of an annotated retelling.</summary>
internal sealed record Mark(int Start, int End, string Id, Who? By, Outcome Outcome, Who? Given, bool OnlySaid)
{
    public bool IsPlace => Id.Contains('/', StringComparison.Ordinal);

    public static Mark Read(int start, int end, string[] says)
    {
        Who? by = null;
        Who? given = null;
        var outcome = Outcome.Landed;
        var onlySaid = false;
        foreach (var word in says.Skip(1))
        {
            if (word is "me" or "they")
                by = word == "me" ? Who.Me : Who.Partner;
            else if (word == "!")
                onlySaid = true;
            else if (word.StartsWith("given:", StringComparison.Ordinal))
                given = word.EndsWith("me", StringComparison.Ordinal) ? Who.Me : Who.Partner;
            else if (!Term.TryRead(word, out outcome))
                throw new InvalidDataException($"the mark '{string.Join(' ', says)}' says '{word}', which means nothing.");
        }
        if (MatVocabulary.BuiltIn.Move(new MoveId(says[0])) is null && MatVocabulary.BuiltIn.Place(new PlaceId(says[0])) is null)
            throw new InvalidDataException($"there is no move or place '{says[0]}'.");
        return new Mark(start, end, says[0], by, outcome, given, onlySaid);
    }
}
