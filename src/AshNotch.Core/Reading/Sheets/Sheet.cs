using System.Text;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>
/// What a telling that is kept as a sheet says by its form: lines headed <c>got:</c> and <c>gave:</c>, won and lost, the columns of a table,
/// ticks and crosses.
/// </summary>
/// <param name="Plain">The telling with stops in the place of such heads, so that every offset stays.</param>
/// <param name="Sides">The stretches under them, in order.</param>
internal sealed record Sheet(string Plain, IReadOnlyList<Side> Sides)
{
    /// <summary>Reads the form of a telling.</summary>
    public static Sheet Of(string text)
    {
        var plain = new StringBuilder(text);
        var sides = new List<Side>();
        var columns = new Columns();
        var isWeighed = text.Split('\n').Any(line => SideWords.Weighed(line) == Who.Me);
        for (var start = 0; start < text.Length; )
        {
            var end = text.IndexOf('\n', start) is >= 0 and var at ? at : text.Length;
            if (isWeighed && SideWords.Weighed(text[start..end]) is { } who)
                sides.Add(new Side(start, end, who, null));
            else if (!columns.Read(text, start, end, plain, sides))
                new HeadedParts(text, start, end, plain, sides).Read();
            start = end + 1;
        }
        return new Sheet(plain.ToString(), sides);
    }

    /// <summary>The stretch an offset lies in; null when nothing is said of it.</summary>
    public Side? At(int offset)
    {
        var (first, after) = (0, Sides.Count);
        while (first < after)
        {
            var middle = (first + after) / 2;
            if (Sides[middle].End <= offset)
                first = middle + 1;
            else
                after = middle;
        }
        return first < Sides.Count && Sides[first].Start <= offset ? Sides[first] : null;
    }

    /// <summary>Puts a stop in the place of a head.</summary>
    internal static void Blank(StringBuilder plain, int start, int end)
    {
        for (var i = start; i < end; i++)
            plain[i] = ' ';
        if (end > start)
            plain[end - 1] = ';';
    }
}
