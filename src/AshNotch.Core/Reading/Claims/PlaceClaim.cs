using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Claims;

/// <summary>How a place is meant.</summary>
internal enum Coming
{
    /// <summary>The two are there.</summary>
    Is,

    /// <summary>They come there.</summary>
    Reaches,

    /// <summary>Somebody wants to come there.</summary>
    Tries,

    /// <summary>Somebody leaves it.</summary>
    Leaves,
}

/// <summary>The two are in a place, or come to it.</summary>
/// <param name="Span">The words.</param>
internal sealed record PlaceClaim(Span Span) : NamedClaim(Span)
{
    /// <summary>How it is meant.</summary>
    public Coming Coming { get; init; }

    /// <summary>They landed or ended up there.</summary>
    public bool IsLanding { get; init; }

    /// <summary>It was said to be an escape.</summary>
    public bool IsEscape { get; init; }

    /// <summary>Said by itself of where what was told before began.</summary>
    public bool IsOrigin { get; init; }

    /// <summary>A sentence opens with it.</summary>
    public bool IsSentenceOpener { get; init; }
}
