using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A stretch of a roll between two starts.</summary>
public sealed record Exchange
{
    /// <summary>The place it started in, seen from me.</summary>
    public PlaceId? Start { get; init; }

    /// <summary>Why it ended; null when not told or still going.</summary>
    public ExchangeEnd? End { get; init; }

    /// <summary>Its notches in the order they happened.</summary>
    public IReadOnlyList<Notch> Notches { get; init; } = [];
}
