using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Taps;

/// <summary>How many taps a roll's own words sum up.</summary>
/// <param name="Me">What I finished; null where they say nothing of it.</param>
/// <param name="Partner">What the partner finished; null where they say nothing of it.</param>
/// <param name="IsBare">It is a bare pair such as <c>1-1</c>, which may mean points as well.</param>
/// <param name="Words">The words.</param>
public sealed record ToldTaps(int? Me, int? Partner, bool IsBare, Span Words)
{
    /// <summary>It is a score in points: the words speak of a referee's.</summary>
    public bool IsPoints { get; init; }

    /// <summary>The words that say it of me.</summary>
    public Span? MeAt { get; init; }

    /// <summary>The words that say it of the partner.</summary>
    public Span? PartnerAt { get; init; }
}
