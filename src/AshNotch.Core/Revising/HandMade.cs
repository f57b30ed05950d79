using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Revising;

/// <summary>
/// What somebody put right in a kept roll: everything in which it differs from what its own telling reads as. It is found by reading that
/// telling once more, so it needs no marks in the record.
/// </summary>
/// <param name="Corrections">Notches that were changed or taken out, tied to their words.</param>
/// <param name="Added">Notches that no words stand for.</param>
/// <param name="Takeaways">Takeaways that were written by hand.</param>
/// <param name="Struck">Takeaways of the telling that were taken out.</param>
internal sealed record HandMade(
    IReadOnlyList<Correction> Corrections,
    IReadOnlyList<Wordless> Added,
    IReadOnlyList<Takeaway> Takeaways,
    IReadOnlyList<string> Struck
)
{
    /// <summary>What was put right in a roll.</summary>
    /// <param name="kept">The roll.</param>
    /// <param name="read">What its telling reads as.</param>
    public static HandMade In(Roll kept, WholeReading read)
    {
        // Words that tell of the same twice have one tie.
        var told = read.Notches.Where(n => n.Span is not null).DistinctBy(n => n.Span).ToDictionary(n => n.Span!.Value);
        var corrections = new List<Correction>();
        var added = new List<Wordless>();
        Notch? before = null;
        foreach (var exchange in kept.Exchanges)
        {
            before = null;
            foreach (var notch in exchange.Notches)
            {
                if (notch.Span is { } span && told.Remove(span, out var asRead))
                {
                    if (!asRead.SaysTheSame(notch))
                        corrections.Add(read.Tied(span, notch));
                    before = notch;
                }
                else
                {
                    added.Add(new Wordless(notch with { Span = null }, before, exchange));
                }
            }
        }
        corrections.AddRange(told.Keys.Select(span => read.Tied(span, null)));
        return new HandMade(
            corrections,
            added,
            [.. kept.Takeaways.Where(t => !read.Takeaways.Any(r => r.Text == t.Text))],
            [.. read.Takeaways.Select(t => t.Text).Where(t => !kept.Takeaways.Any(k => k.Text == t))]
        );
    }
}

/// <summary>A notch that no words of the telling stand for.</summary>
/// <param name="Notch">The notch.</param>
/// <param name="Before">The notch with words before it in its exchange; null where there is none.</param>
/// <param name="Of">The exchange it stands in.</param>
internal sealed record Wordless(Notch Notch, Notch? Before, Exchange Of);
