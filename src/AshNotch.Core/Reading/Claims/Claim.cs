using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>A claim of one clause, with what it leaves open.</summary>
/// <param name="Span">The words.</param>
internal abstract record Claim(Span Span)
{
    /// <summary>Who acts, taps or replies; empty when nothing speaks for either.</summary>
    public IReadOnlyList<May<Who>> Whos { get; init; } = [];

    /// <summary>The clause itself says who.</summary>
    public bool IsWhoSaid { get; init; }

    /// <summary>The name it comes from.</summary>
    public Found? Found { get; init; }

    /// <summary>It follows the claim before it in one breath.</summary>
    public bool IsJoined { get; init; }

    /// <summary>It was said to be once more.</summary>
    public bool IsAgain { get; init; }

    /// <summary>Why.</summary>
    public IReadOnlyList<Because> Why { get; init; } = [];
}

/// <summary>A claim made by naming a move or a place.</summary>
/// <param name="Span">The words.</param>
internal abstract record NamedClaim(Span Span) : Claim(Span)
{
    /// <summary>How it came out.</summary>
    public IReadOnlyList<May<Outcome>> Outcomes { get; init; } = [];

    /// <summary>Where it leads, or the place that is claimed.</summary>
    public IReadOnlyList<May<Place>> To { get; init; } = [];

    /// <summary>The side.</summary>
    public BodySide? Side { get; init; }

    /// <summary>Only the name stands there.</summary>
    public bool IsBare { get; init; }

    /// <summary>It is told in a sentence of its own.</summary>
    public bool IsSentence { get; init; }

    /// <summary>It was heard, not read as it is spelled.</summary>
    public bool IsByEar { get; init; }

    /// <summary>It is told a second time, in sum or in praise.</summary>
    public bool IsRecap { get; init; }
}
