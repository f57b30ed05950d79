using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;

namespace AshNotch.Core.Rolls;

/// <summary>Puts something else in the place of people's names, wherever they stand as words of their own.</summary>
public sealed class NameSwap
{
    private readonly Dictionary<string, string> stands = new(StringComparer.OrdinalIgnoreCase);
    private readonly Regex? names;

    private NameSwap(IEnumerable<(string Name, string Stand)> who, Func<string, bool> isTerm)
    {
        foreach (var (name, stand) in who)
        {
            if (name.Trim() is { Length: > 0 } bare)
                stands.TryAdd(bare, stand);
        }
        if (stands.Count == 0)
            return;
        // Whoever is called like a move, say Bridge, goes only where the name is written as theirs is; the longest name is looked for first.
        var parts = stands.Keys.OrderByDescending(n => n.Length).Select(n => isTerm(n) ? $"(?-i:{Regex.Escape(n)})" : Regex.Escape(n));
        names = new Regex(
            $@"(?<![\p{{L}}\p{{N}}])(?:{string.Join('|', parts)})(?![\p{{L}}\p{{N}}])",
            RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
            TimeSpan.FromSeconds(5)
        );
    }

    /// <summary>Of a partner who is forgotten: <c>someone</c> stands where they stood.</summary>
    public static NameSwap Forgetting(Partner partner, Func<string, bool> isTerm) =>
        new(partner.AlsoCalled.Append(partner.Name).Select(n => (n, "someone")), isTerm);

    /// <summary>Of partners by number: <c>Partner 1</c>, <c>Partner 2</c> and so on, in the order they are kept.</summary>
    public static NameSwap Numbering(IEnumerable<Partner> partners, Func<string, bool> isTerm) =>
        new(partners.SelectMany((p, i) => p.AlsoCalled.Append(p.Name).Select(n => (n, Number(i)))), isTerm);

    /// <summary>What stands for the partner at a place in the list, from 0 on.</summary>
    public static string Number(int index) => string.Create(CultureInfo.InvariantCulture, $"Partner {index + 1}");

    /// <summary>Whether a text holds one of the names.</summary>
    public bool IsIn(string? text) => text is not null && names?.IsMatch(text) == true;

    /// <summary>The text without them.</summary>
    public string In(string text) => Moved(text).Text;

    /// <summary>The text without them, and where a character of it stands now: what stood in a name stands at its end.</summary>
    public (string Text, Func<int, int> Moved) Moved(string text)
    {
        if (names is null || names.Matches(text) is not { Count: > 0 } found)
            return (text, at => at);
        var built = new StringBuilder();
        var moves = new List<(int Start, int End, int NewStart, int NewEnd)>();
        var last = 0;
        foreach (Match match in found)
        {
            built.Append(text, last, match.Index - last);
            var start = built.Length;
            built.Append(stands[match.Value]);
            last = match.Index + match.Length;
            moves.Add((match.Index, last, start, built.Length));
        }
        built.Append(text, last, text.Length - last);
        return (built.ToString(), At);

        int At(int at)
        {
            var shift = 0;
            foreach (var (start, end, newStart, newEnd) in moves)
            {
                if (at <= start)
                    break;
                if (at < end)
                    return newEnd;
                shift = newEnd - end;
            }
            return at + shift;
        }
    }
}
