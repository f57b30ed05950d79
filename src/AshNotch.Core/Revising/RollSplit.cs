using AshNotch.Core.Rolls;

namespace AshNotch.Core.Revising;

/// <summary>One roll made two, where the second is found to begin.</summary>
/// <param name="First">The one that keeps the id, and all that was said of the roll as a whole.</param>
/// <param name="Second">The other, with nobody named yet.</param>
public sealed record RollSplit(Roll First, Roll Second)
{
    private const string SentenceEnds = ".!?\n";

    /// <summary>Splits a roll before one of its notches; null where that would leave one of the two without a notch.</summary>
    /// <param name="roll">The roll.</param>
    /// <param name="exchange">Index of the exchange that the notch stands in, from 0.</param>
    /// <param name="notch">Index of the notch in it, from 0.</param>
    /// <param name="newId">The id of the second.</param>
    public static RollSplit? Before(Roll roll, int exchange, int notch, string newId)
    {
        if (exchange < 0 || exchange >= roll.Exchanges.Count || notch < 0 || notch >= roll.Exchanges[exchange].Notches.Count)
            return null;
        var whole = roll.Exchanges[exchange];
        List<Exchange> before = [.. roll.Exchanges.Take(exchange)];
        if (notch > 0)
            before.Add(whole with { Notches = [.. whole.Notches.Take(notch)], End = null });
        List<Exchange> after = [notch == 0 ? whole : whole with { Start = null, Notches = [.. whole.Notches.Skip(notch)] }];
        after.AddRange(roll.Exchanges.Skip(exchange + 1));
        if (!before.Any(e => e.Notches.Count > 0))
            return null;
        var text = roll.Retelling ?? "";
        var cut = Cut(text, before, after);
        var untold = roll.Retelling is null;
        // What is tied to no notch goes with its words.
        bool GoesOn(string said) =>
            text[cut..].Contains(said, StringComparison.Ordinal) && !text[..cut].Contains(said, StringComparison.Ordinal);
        bool IsLater(Takeaway t) => t.Exchange is null ? GoesOn(t.Text) : IsAfter(t, exchange, notch);
        return new RollSplit(
            roll with
            {
                Exchanges = before,
                Retelling = untold ? null : text[..cut],
                Takeaways = [.. roll.Takeaways.Where(t => !IsLater(t))],
                Missed = [.. roll.Missed.Where(m => !GoesOn(m.Text))],
            },
            new Roll
            {
                Id = newId,
                Kind = roll.Kind,
                // Else what was practice would be live.
                Intensity = roll.IsPractice ? roll.Intensity : null,
                Rules = roll.Rules,
                Exchanges = [.. after.Select(e => e with { Notches = [.. e.Notches.Select(n => Shifted(n, cut))] })],
                Retelling = untold || cut == text.Length ? null : text[cut..],
                Takeaways = [.. roll.Takeaways.Where(IsLater).Select(t => Moved(t, exchange, notch))],
                Missed = [.. roll.Missed.Where(m => GoesOn(m.Text))],
            }
        );
    }

    // The words go with their notches, whole sentences where they can: where the sentence of the first notch after the cut begins.
    private static int Cut(string text, List<Exchange> before, List<Exchange> after)
    {
        var starts = after.SelectMany(e => e.Notches).Select(n => n.Span?.Start).OfType<int>().Where(s => s <= text.Length).ToList();
        if (starts.Count == 0)
            return text.Length;
        var least = before.SelectMany(e => e.Notches).Select(n => n.Span?.End ?? 0).Append(0).Max();
        var first = starts.Min();
        var at = first;
        while (at > Math.Min(least, first) && !SentenceEnds.Contains(text[at - 1], StringComparison.Ordinal))
            at--;
        while (at < first && char.IsWhiteSpace(text[at]))
            at++;
        return at;
    }

    private static Notch Shifted(Notch notch, int cut) =>
        notch.Span is not { } span ? notch
        : span.Start < cut ? notch with { Span = null }
        : notch with { Span = new Span(span.Start - cut, span.End - cut) };

    private static bool IsAfter(Takeaway takeaway, int exchange, int notch) =>
        takeaway.Exchange > exchange || (takeaway.Exchange == exchange && (takeaway.Notch ?? 0) >= notch);

    private static Takeaway Moved(Takeaway takeaway, int exchange, int notch) =>
        takeaway with
        {
            Exchange = takeaway.Exchange - exchange,
            Notch = takeaway.Exchange == exchange ? takeaway.Notch - notch : takeaway.Notch,
        };
}
