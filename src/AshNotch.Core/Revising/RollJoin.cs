using AshNotch.Core.Rolls;

namespace AshNotch.Core.Revising;

/// <summary>Two rolls made one, when one telling was cut where it should not have been.</summary>
public static class RollJoin
{
    /// <summary>The first roll with the second's exchanges, words and takeaways after its own; whom it was with and how it went stays the first's.</summary>
    public static Roll Of(Roll first, Roll second)
    {
        var (told, shift) = (first.Retelling, second.Retelling) switch
        {
            (null, null) => (null, 0),
            ({ } words, null) => (words, 0),
            (null, { } words) => (words, 0),
            ({ } a, { } b) when a.Length == 0 || char.IsWhiteSpace(a[^1]) => (a + b, a.Length),
            ({ } a, { } b) => ($"{a}\n{b}", a.Length + 1),
        };
        return first with
        {
            Partner = first.Partner ?? second.Partner,
            PartnerThen = first.Partner is null ? second.PartnerThen : first.PartnerThen,
            Starts = first.Starts is { } counted && second.Starts is { } more ? counted.Plus(more) : first.Starts ?? second.Starts,
            Retelling = told,
            Notes = string.Join('\n', new[] { first.Notes, second.Notes }.Where(n => !string.IsNullOrEmpty(n))) is { Length: > 0 } notes
                ? notes
                : null,
            Exchanges =
            [
                .. first.Exchanges,
                .. second.Exchanges.Select(e => e with { Notches = [.. e.Notches.Select(n => Shifted(n, shift))] }),
            ],
            Missed = [.. first.Missed, .. second.Missed],
            Takeaways = [.. first.Takeaways, .. second.Takeaways.Select(t => t with { Exchange = t.Exchange + first.Exchanges.Count })],
        };
    }

    private static Notch Shifted(Notch notch, int by) =>
        notch.Span is { } span ? notch with { Span = new Span(span.Start + by, span.End + by) } : notch;
}
