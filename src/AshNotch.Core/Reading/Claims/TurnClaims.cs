using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Somebody wanted to do a move, or to come to a place.</summary>
/// <param name="Span">The words.</param>
internal sealed record WishClaim(Span Span) : Claim(Span)
{
    /// <summary>The move.</summary>
    public Move? Move { get; init; }

    /// <summary>The place, where no move is named.</summary>
    public IReadOnlyList<May<Place>> To { get; init; } = [];

    /// <summary>They were told to, and have wanted nothing yet.</summary>
    public bool IsWeak { get; init; }
}

/// <summary>The exchange ended.</summary>
/// <param name="Span">The words.</param>
/// <param name="End">How; null when the next one is only numbered.</param>
internal sealed record EndClaim(Span Span, ExchangeEnd? End) : Claim(Span);

/// <summary>What was said before is taken back.</summary>
/// <param name="Span">The words.</param>
internal sealed record RepairClaim(Span Span) : Claim(Span)
{
    /// <summary>The words may as well go on.</summary>
    public bool IsMild { get; init; }

    /// <summary>What was asked just before is denied.</summary>
    public bool IsDenial { get; init; }
}

/// <summary>What was said before does not count.</summary>
/// <param name="Span">The words.</param>
internal sealed record DiscountClaim(Span Span) : Claim(Span);

/// <summary>All is told once more from its beginning.</summary>
/// <param name="Span">The words.</param>
internal sealed record AnewClaim(Span Span) : Claim(Span);
