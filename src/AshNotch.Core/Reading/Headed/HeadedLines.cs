using System.Text;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Headed;

/// <summary>
/// The lines of a telling that stand under a heading such as <c>Takeaways:</c> or <c>Coach said:</c>: they are kept to be remembered, and
/// nothing in them happened in a roll.
/// </summary>
/// <param name="Plain">The telling with blanks in their place, so that every offset stays.</param>
/// <param name="Lines">What is to be remembered, in order.</param>
internal sealed record HeadedLines(string Plain, IReadOnlyList<HeadedLine> Lines)
{
    private const int LongestLine = 1000;
    private static readonly char[] Around = [' ', '\t', '\r', '\n', ';', '-', '*', '•', '·', '+', '–', '"', '“', '”'];
    private static readonly string[] Pronouns = ["he", "she", "they", "him", "her", "them", "partner"];

    /// <summary>Finds them.</summary>
    public static HeadedLines Of(string text)
    {
        var words = Word.Split(text);
        var plain = new StringBuilder(text);
        var lines = new List<HeadedLine>();
        for (var i = 0; i < words.Count; i++)
        {
            if (Hazard(text, words, i) is { } hazard)
                lines.Add(hazard);
            if (!(i == 0 || words[i].AfterStop))
                continue;
            if (Heading(text, words, i) is { } head)
            {
                var end = End(text, words, i, head);
                foreach (var (start, said) in Items(text, head.After, end))
                    lines.Add(new HeadedLine(start, $"{head.Called}{said}", head.Kind, head.By));
                Blank(plain, words[i].Start, end);
                while (i + 1 < words.Count && words[i + 1].Start < end)
                    i++;
            }
            else if (Taught(text, words, i) is { } taught)
            {
                lines.Add(taught.Line);
                if (!taught.IsDrilled)
                    Blank(plain, words[i].Start, taught.End);
            }
        }
        return new HeadedLines(plain.ToString(), lines);
    }

    private static Head? Heading(string text, IReadOnlyList<Word> words, int first)
    {
        foreach (var (kind, phrase, stays) in HeadPhrases.Headings)
        {
            if (!Stands(words, first, phrase))
                continue;
            var last = first + phrase.Length - 1;
            var after = words[last].End;
            while (after < text.Length && text[after] is '*' or '_' or ' ' or '\t' or '\r')
                after++;
            var isLine = IsLineHead(words, first);
            var colon = after < text.Length && (text[after] == ':' && !IsClock(text, after) || isLine && text[after] == '=');
            var dash =
                isLine && after + 1 < text.Length && text[after] is '-' or '–' or '—' && after > words[last].End && text[after + 1] == ' ';
            var alone = isLine && kind == HeadedKind.Takeaway && after < text.Length && text[after] == '\n';
            if (!colon && !dash && !alone)
                return null;
            var called = stays ? $"{Capital(text[words[first].Start..words[last].End])}: " : "";
            return new Head(kind, By(words, first, phrase), colon || dash ? after + 1 : after, isLine, called);
        }
        return null;
    }

    private static bool Stands(IReadOnlyList<Word> words, int first, string[] phrase)
    {
        if (first + phrase.Length > words.Count)
            return false;
        for (var k = 0; k < phrase.Length; k++)
            if (!Says(words[first + k], phrase[k]) || k > 0 && words[first + k].AfterPause)
                return false;
        return true;
    }

    private static bool Says(Word word, string said) =>
        said switch
        {
            HeadPhrases.Name => IsName(word),
            HeadPhrases.Teacher => Clauses.Grammar.Is("adviser", word.Text),
            _ => word.Text == said,
        };

    private static bool IsName(Word word) => word.Text.Length > 1 && word.Text is not "we" and not "it" && !char.IsDigit(word.Text[0]);

    // "At 2:30".
    private static bool IsClock(string text, int colon) =>
        colon + 1 < text.Length && char.IsDigit(text[colon + 1]) && char.IsDigit(text[colon - 1]);

    private static bool IsLineHead(IReadOnlyList<Word> words, int i) => i == 0 || words[i].Before.Contains('\n', StringComparison.Ordinal);

    private static string? By(IReadOnlyList<Word> words, int first, string[] phrase)
    {
        if (Array.IndexOf(phrase, HeadPhrases.Name) is >= 0 and var at)
            return Pronouns.Contains(words[first + at].Text) ? "partner" : Capital(words[first + at].Text);
        return phrase
            .Select((w, k) => w == HeadPhrases.Teacher ? words[first + k].Text : w.TrimEnd('s'))
            .FirstOrDefault(w => Clauses.Grammar.Is("adviser", w));
    }

    private static string Capital(string name) => $"{char.ToUpperInvariant(name[0])}{name[1..]}";

    // In the run of a line one sentence, or what a list of takeaways holds; at the head of a line the line, and the list under it.
    private static int End(string text, IReadOnlyList<Word> words, int first, Head head)
    {
        var line = LineEnd(text, head.After);
        for (var i = first + 1; i < words.Count && words[i].Start < line; i++)
            if (words[i].Start >= head.After && words[i].AfterStop && words[i].Before.Length > 0 && Ends(i))
                return words[i].Start;
        var hasRest = text[head.After..line].Any(char.IsLetterOrDigit);
        var isBullet = IsBullet(text[(text.LastIndexOf('\n', Math.Max(0, words[first].Start - 1)) + 1)..]);
        if (!head.IsLine || hasRest && isBullet)
            return line;
        while (line < text.Length)
        {
            var next = LineEnd(text, line + 1);
            var below = text[(line + 1)..next];
            if (string.IsNullOrWhiteSpace(below) || !IsBullet(below) && (hasRest || Opens(below)))
                break;
            line = next;
        }
        return line;

        bool Ends(int i) =>
            i > first + 1 && Heading(text, words, i) is not null
            || head.Kind != HeadedKind.Takeaway
                && (!head.IsLine || head.Kind == HeadedKind.Taught)
                && text[head.After..words[i].Start].Any(char.IsLetterOrDigit);
    }

    // "Oak: ...", "Round 2".
    private static bool Opens(string line) =>
        line.IndexOf(':', StringComparison.Ordinal) is > 0 and < 25 || Word.Split(line) is [{ Text: "round" or "roll" or "r" }, ..];

    private static bool IsBullet(string line) =>
        line.TrimStart('\n', '\r', ' ', '\t')
            is [('-' or '*' or '•' or '·' or '+'), ' ', ..]
                or ['–', ' ', ..]
                or [>= '1' and <= '9', ('.' or ')'), ..];

    private static int LineEnd(string text, int from) =>
        from < text.Length && text.IndexOf('\n', from) is >= 0 and var at ? at : text.Length;

    private static IEnumerable<(int Start, string Text)> Items(string text, int from, int end)
    {
        var start = from;
        for (var i = from; i <= end; i++)
        {
            var isNumber = i < end && IsNumber(text, i, end);
            if (i < end && !isNumber && !IsEnd(text, i, end))
                continue;
            var said = text[start..(isNumber ? i : Math.Min(i + 1, end))].Trim(Around);
            if (said.Any(char.IsLetter))
                yield return (start, said[..Math.Min(said.Length, LongestLine)]);
            start = isNumber ? i + 2 : i + 1;
        }
    }

    private static bool IsEnd(string text, int at, int end) =>
        text[at] is '\n' or ';' || text[at] is '.' or '!' or '?' && (at + 1 >= end || char.IsWhiteSpace(text[at + 1]));

    // "1) the underhook 2) breathe": a number with a bracket begins the next.
    private static bool IsNumber(string text, int at, int end) =>
        at > 0 && at + 1 < end && char.IsAsciiDigit(text[at]) && text[at + 1] == ')' && char.IsWhiteSpace(text[at - 1]);

    // "Tapped late, my shoulder is sore", wherever it is told.
    private static HeadedLine? Hazard(string text, IReadOnlyList<Word> words, int first)
    {
        if (HeadPhrases.Hazards.FirstOrDefault(p => Stands(words, first, p)) is not { } phrase)
            return null;
        if (first > 0 && HeadPhrases.Denying.Contains(words[first - 1].Text))
            return null;
        var after = first + phrase.Length;
        while (after < words.Count && !words[after].AfterStop)
            after++;
        return new HeadedLine(words[first].Start, Capital(text[words[first].Start..words[after - 1].End]), HeadedKind.Takeaway, null);
    }

    // "Coach showed us the knee cut today": nothing of it happened in a roll.
    private static (HeadedLine Line, int End, bool IsDrilled)? Taught(string text, IReadOnlyList<Word> words, int first)
    {
        var at = first;
        string[]? phrase;
        while ((phrase = HeadPhrases.Taught.Concat(HeadPhrases.Drilled).FirstOrDefault(p => Stands(words, at, p))) is null)
        {
            if (!HeadPhrases.TaughtBefore.Contains(words[at].Text) || ++at >= words.Count || words[at].AfterStop)
                return null;
        }
        var from = at + phrase.Length;
        while (from < words.Count && HeadPhrases.TaughtFiller.Contains(words[from].Text) && !words[from].AfterStop)
            from++;
        var after = from;
        while (after < words.Count && !words[after].AfterStop && !GoesOn(words, after))
            after++;
        if (after == from)
            return null;
        var end = words[after - 1].End;
        return (
            new HeadedLine(words[first].Start, text[words[from].Start..end], HeadedKind.Taught, By(words, at, phrase)),
            end,
            HeadPhrases.Drilled.Contains(phrase)
        );
    }

    // "... then I rolled with", "..., I had Oak".
    private static bool GoesOn(IReadOnlyList<Word> words, int at) =>
        words[at].Text is "then" || words[at].AfterPause && words[at].Text is "i" or "he" or "she" or "they" or "rolled" or "first";

    private static void Blank(StringBuilder plain, int start, int end)
    {
        for (var c = start; c < end; c++)
            plain[c] = plain[c] == '\n' ? '\n' : ' ';
    }

    private sealed record Head(HeadedKind Kind, string? By, int After, bool IsLine, string Called);
}
