namespace AshNotch.Core.Rolls;

/// <summary>What the practitioner takes away from a roll.</summary>
/// <param name="Text">The takeaway.</param>
/// <param name="Exchange">Index of the exchange it is tied to, from 0; null when untied.</param>
/// <param name="Notch">Index of the notch in that exchange, from 0; null when untied.</param>
public sealed record Takeaway(string Text, int? Exchange = null, int? Notch = null)
{
    /// <summary>The takeaway, untied where the notch it was tied to is no longer there.</summary>
    public Takeaway Within(IReadOnlyList<Exchange> exchanges) =>
        Exchange is { } e && (e >= exchanges.Count || Notch >= exchanges[e].Notches.Count) ? new Takeaway(Text) : this;
}
