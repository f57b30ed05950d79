using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>How many taps a roll ended exchanges with.</summary>
/// <param name="Me">What I finished.</param>
/// <param name="Partner">What the partner finished.</param>
public readonly record struct TapCount(int Me, int Partner)
{
    /// <summary>The taps among notches, certain or asked.</summary>
    public static TapCount Of(IEnumerable<Exchange> exchanges)
    {
        var taps = exchanges.SelectMany(e => e.Notches).Where(n => n.Outcome == Outcome.Tap).ToList();
        return new TapCount(taps.Count(t => t.By == Who.Me), taps.Count(t => t.By == Who.Partner));
    }
}
