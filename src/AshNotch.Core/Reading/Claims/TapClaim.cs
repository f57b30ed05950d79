using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Somebody tapped.</summary>
/// <param name="Span">The words.</param>
internal sealed record TapClaim(Span Span) : Claim(Span)
{
    /// <summary>What it was most likely to, by the part of the body that was told of; null when nothing says so.</summary>
    public MoveId? Hurt { get; init; }
}

/// <summary>Nobody tapped, or this one did not.</summary>
/// <param name="Span">The words.</param>
internal sealed record NoTapClaim(Span Span) : Claim(Span);

/// <summary>Somebody finished so often; what with is told one by one after it.</summary>
/// <param name="Span">The words.</param>
/// <param name="Times">How often.</param>
internal sealed record SumClaim(Span Span, int Times) : Claim(Span)
{
    /// <summary>What all of them were, if said: "she choked me twice".</summary>
    public Move? Move { get; init; }
}
