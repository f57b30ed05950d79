using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What came of the attempt before.</summary>
/// <param name="Span">The words.</param>
/// <param name="Reply">What they say of it.</param>
internal sealed record ReplyClaim(Span Span, Outcome Reply) : Claim(Span)
{
    /// <summary>It was finished, which is said of a submission where there is one.</summary>
    public bool IsFinish { get; init; }

    /// <summary>Somebody did what they wanted, or were told to do.</summary>
    public bool IsOfWish { get; init; }

    /// <summary>Somebody fell, and the other one is meant to have made them.</summary>
    public bool IsFall { get; init; }

    /// <summary>A bare "no", which may deny what was said before it; and whether it surely does, as that was asked or named.</summary>
    public (bool Said, bool IsSure) Denial { get; init; }

    /// <summary>It speaks of the same thing done once more, "the second one was blocked".</summary>
    public bool IsNext { get; init; }

    /// <summary>It came out as the one before, "so was the second one".</summary>
    public bool IsLike { get; init; }

    /// <summary>The other one did in turn what was done to them, "he paid me back with the same".</summary>
    public bool IsReturn { get; init; }

    /// <summary>What comes next may say otherwise.</summary>
    public bool IsOpen { get; init; }

    /// <summary>Whatever the other one did: it says no more than that.</summary>
    public bool IsWeak { get; init; }
}
