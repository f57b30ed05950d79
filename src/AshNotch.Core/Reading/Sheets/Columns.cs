using System.Text;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>The columns of a table, <c>|who|got|gave|</c>: what stands in them is of whom their head says.</summary>
internal sealed class Columns
{
    private Who?[] heads = [];

    /// <summary>Reads a line; false when it is none of a table whose columns say whose they are.</summary>
    public bool Read(string text, int start, int end, StringBuilder plain, List<Side> sides)
    {
        var bars = Enumerable.Range(start, end - start).Where(i => text[i] == '|').ToList();
        if (bars.Count < 2)
        {
            heads = [];
            return false;
        }
        var cells = bars.Prepend(start - 1).Zip(bars.Append(end), (from, until) => (Start: from + 1, End: until)).ToList();
        var named = cells.Select(c => SideOf(text[c.Start..c.End])).ToArray();
        if (named.Any(n => n is not null))
        {
            heads = named;
            Sheet.Blank(plain, start, end);
            return true;
        }
        if (heads.Length == 0)
            return false;
        foreach (var bar in bars)
            plain[bar] = ';';
        sides.AddRange(cells.Zip(heads).Where(c => c.Second is not null).Select(c => new Side(c.First.Start, c.First.End, c.Second, true)));
        return true;
    }

    private static Who? SideOf(string cell)
    {
        var words = Word.Split(cell).Select(w => w.Text).ToArray();
        return IsAny("me") ? Who.Me
            : IsAny("partner") ? Who.Partner
            : null;

        bool IsAny(string side) => SideWords.Of(side).Concat(SideWords.Of($"{side}-column")).Any(p => p.SequenceEqual(words));
    }
}
