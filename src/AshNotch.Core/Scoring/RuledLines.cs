using AshNotch.Core.Rolls;

namespace AshNotch.Core.Scoring;

/// <summary>Lines of a score that somebody overruled; what was computed stays beside them.</summary>
internal static class RuledLines
{
    /// <summary>The lines with the rulings of a roll in their place; a ruling for what has no line makes one.</summary>
    public static List<LedgerLine> In(Roll roll, List<LedgerLine> lines)
    {
        for (var e = 0; e < roll.Exchanges.Count; e++)
        for (var n = 0; n < roll.Exchanges[e].Notches.Count; n++)
            foreach (var ruling in roll.Exchanges[e].Notches[n].Rulings)
                Put(lines, roll.Exchanges[e].Notches[n], e, n, ruling);
        return lines;
    }

    private static void Put(List<LedgerLine> lines, Notch notch, int e, int n, Ruling ruling)
    {
        var why = ruling.Note is { Length: > 0 } note ? $"Overruled: {note}" : "Overruled.";
        var at = lines.FindIndex(l => (l.Exchange, l.Notch, l.For, l.By) == (e, n, ruling.For, notch.By));
        if (at >= 0)
            lines[at] = lines[at] with
            {
                Points = ruling.Points,
                Advantages = ruling.Advantages,
                Computed = new Computed(lines[at].Points, lines[at].Advantages, lines[at].Why),
                Why = why,
            };
        else
            lines.Insert(
                lines.FindLastIndex(l => l.Exchange < e || (l.Exchange == e && l.Notch <= n)) + 1,
                new LedgerLine(e, n, notch.At, notch.By, ruling.For, ruling.Points, ruling.Advantages, 0, why)
                {
                    Computed = new Computed(0, 0, "Nothing was computed for it."),
                }
            );
    }
}
