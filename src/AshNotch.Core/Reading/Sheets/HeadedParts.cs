using System.Text;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>The parts of a line that stand under a head of their own: "got: an armbar. gave: a pass", "W vs white, armbar".</summary>
internal sealed class HeadedParts(string text, int start, int end, StringBuilder plain, List<Side> sides)
{
    // No list is longer, and a line of nothing but heads is read in a time that grows with its length.
    private const int MostListed = 100;

    private static readonly (string Kind, Who Who, bool? CameOff)[] Heads =
    [
        ("me", Who.Me, null),
        ("partner", Who.Partner, null),
        ("me-failed", Who.Me, false),
    ];

    private readonly IReadOnlyList<Word> words = Word.Split(text[start..end]);

    // A minus alone may be a dash.
    private readonly bool isSigned = Enumerable
        .Range(0, 10)
        .Any(n => text.AsSpan(start, end - start).Contains($"+{n}", StringComparison.Ordinal));

    /// <summary>Reads them.</summary>
    public void Read()
    {
        BlankLegends();
        var heads = new List<(int From, int After, Who? Who, bool? CameOff)>();
        for (var i = 0; i < words.Count; i++)
        {
            var signs = words[i].Before;
            if (SideWords.HasSign("tick", signs) || SideWords.HasSign("cross", signs))
                heads.Add((start + words[i].Start, start + words[i].Start, null, SideWords.HasSign("tick", signs)));
            if ((i == 0 || Opens(i)) && CountedHead.At(words, i) is { } counted)
            {
                var list = start + words[counted.List].Start;
                heads.Add((start + words[i].Start, list, counted.Who, counted.CameOff));
                heads.Add((EndOfList(counted.List), EndOfList(counted.List), null, null));
                Sheet.Blank(plain, start + words[i].Start, list);
                i = counted.List - 1;
            }
            else if (Signed(i) is { } signed)
            {
                var list = start + words[i + 1].Start;
                heads.Add((start + words[i].Start - 1, list, signed, true));
                var over = EndOfSigned(i + 1);
                heads.Add((over, over, null, null));
                Sheet.Blank(plain, start + words[i].Start - 1, list);
            }
            else if ((Spoken(i) ?? Result(i)) is var (from, after, who, cameOff))
            {
                heads.Add((from, after, who, cameOff));
                // "Lost to him" says more than whose it was.
                if (after - from == 1 || cameOff is null || text[after - 1] is ':')
                    Sheet.Blank(plain, from, after);
            }
        }
        foreach (
            var (head, next) in heads
                .Zip(heads.Skip(1).Select(h => h.From).Append(end))
                .Where(h => h.First.Who is not null || h.First.CameOff is not null)
        )
            sides.Add(new Side(head.After, next, head.Who, head.CameOff));
    }

    // "+1 armbar, -2 (choke, kimura)": so many for me, so many against.
    private Who? Signed(int i) =>
        i + 1 < words.Count
        && words[i].Text.Length == 1
        && char.IsAsciiDigit(words[i].Text[0])
        && (words[i].Before is "+" or "-" || words[i].Before is [.., ' ' or '(', '+' or '-'])
        && !char.IsAsciiDigit(words[i + 1].Text[0])
        && isSigned
            ? words[i].Before[^1] == '+'
                ? Who.Me
                : Who.Partner
            : null;

    private int EndOfSigned(int list)
    {
        var last = list;
        while (last + 1 < words.Count && last < list + MostListed && !words[last + 1].AfterStop && Signed(last + 1) is null)
            last++;
        return start + words[last].End;
    }

    // A list in brackets ends with them, another with its sentence.
    private int EndOfList(int list)
    {
        var closes = words[list].Before.Contains('(', StringComparison.Ordinal) ? ")" : ".;!?";
        var last = Math.Min(words.Count, list + MostListed);
        for (var i = list + 1; i < last; i++)
            if (words[i].Before.AsSpan().IndexOfAny(closes) >= 0)
                return start + words[i - 1].End;
        return last == words.Count ? end : start + words[last - 1].End;
    }

    // "W=I tapped them, L=they tapped me": what the signs stand for, and nothing that happened.
    private void BlankLegends()
    {
        for (var i = 0; i < words.Count; i++)
            if (IsLegend(i))
            {
                var after = i + 1;
                while (after < words.Count && words[after].Before.AsSpan().IndexOfAny(",;.)/") < 0 && !IsLegend(after))
                    after++;
                Sheet.Blank(plain, start + words[i].Start, start + words[after - 1].End);
                i = after - 1;
            }

        bool IsLegend(int i) => words[i].Text.Length == 1 && start + words[i].End < end && text[start + words[i].End] == '=';
    }

    // "got: ..."
    private (int, int, Who?, bool?)? Spoken(int first)
    {
        if (first > 0 && !Opens(first))
            return null;
        foreach (var (kind, who, cameOff) in Heads)
        foreach (var phrase in SideWords.Of(kind))
            if (Phrase.Stands(phrase, words, first) && After(first + phrase.Length - 1, ":→=") is { } after)
                return (start + words[first].Start, after, who, cameOff);
        return null;
    }

    // "W vs ...", "L: ..."
    private (int, int, Who?, bool?)? Result(int first)
    {
        // "Oak - W (guillotine)".
        var isMarked = first > 0 && words[first].Before is " - " or " – " or ": " && text[start + words[first].Start] is 'W' or 'L';
        if (first > 0 && !words[first].AfterStop && !IsBullet(first) && !isMarked)
            return null;
        var isWon = SideWords.Has("won", words[first].Text);
        if (!isWon && !SideWords.Has("lost", words[first].Text))
            return null;
        var isHead =
            first + 1 < words.Count
            && (
                SideWords.Has("with", words[first + 1].Text)
                || After(first, ":→") is not null
                || words[first + 1].Before is " - " or " – "
                || isMarked && (words[first + 1].Before.AsSpan().ContainsAny("(,:;") || words[first + 1].Text == words[first].Text)
            );
        return isHead
            ? (start + words[first].Start, After(first, ":") ?? start + words[first].End, isWon ? Who.Me : Who.Partner, true)
            : null;
    }

    // A part begins: the line, a sentence, after an arrow or a bracket.
    private bool Opens(int i) => words[i].AfterStop || words[i].Before.AsSpan().IndexOfAny("→:,(|") >= 0 || IsBullet(i);

    // "3. W vs ...".
    private bool IsBullet(int i) => i == 1 && words[0].Text.Length <= 2 && words[1].Before.AsSpan().IndexOfAny(".):") >= 0;

    private int? After(int last, string signs)
    {
        var at = start + words[last].End;
        while (at < end && text[at] is ' ' or '*' or '_')
            at++;
        return at < end && signs.Contains(text[at], StringComparison.Ordinal) ? at + 1 : null;
    }
}
