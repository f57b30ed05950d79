using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>Something the practitioner is afraid of, written once and held against the record.</summary>
/// <param name="Id">An id that does not change.</param>
/// <param name="Text">In their words: <c>their guillotine when I shoot</c>.</param>
/// <param name="Partner">With whom, by id; null for anyone.</param>
/// <param name="Move">What they do; null for anything.</param>
/// <param name="Place">Where it happens or leads, seen from me; null for anywhere.</param>
/// <param name="Mine">What I do when it comes; null where it is not tied to anything of mine.</param>
public sealed record Fear(string Id, string Text, string? Partner, MoveId? Move, PlaceId? Place, MoveId? Mine)
{
    /// <summary>Whether it says of what the record is to be asked.</summary>
    public bool IsTold => Move is not null || Place is not null;
}
