using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>Moves that rules let some do and others not. A move that a row names is allowed to whoever the row does not bar.</summary>
/// <param name="Moves">Ids of moves; null for none by name.</param>
/// <param name="Classes">Classes of submissions; null for none.</param>
/// <param name="FromBelt">The lowest belt that may; null where the belt does not decide.</param>
/// <param name="OnlyAttire">What must be worn; null where that does not decide.</param>
/// <param name="OnlyAges">The age divisions that may; null for all.</param>
/// <param name="NotAges">The age divisions that may not; null for none.</param>
/// <param name="Everyone">Nobody may.</param>
/// <param name="Why">The rule in words, without a stop.</param>
public sealed record BarredRow(
    IReadOnlyList<string>? Moves,
    IReadOnlyList<SubmissionClass>? Classes,
    Belt? FromBelt,
    Attire? OnlyAttire,
    IReadOnlyList<AgeDivision>? OnlyAges,
    IReadOnlyList<AgeDivision>? NotAges,
    bool Everyone,
    string Why
)
{
    /// <summary>It says something of a move.</summary>
    public bool Names(Move move) =>
        Moves?.Contains(move.Id.Value) == true || (move.SubmissionClass is { } attacks && Classes?.Contains(attacks) == true);

    /// <summary>It bars somebody.</summary>
    public bool Bars(Competitor who) =>
        Everyone
        || who.Belt < FromBelt
        || (OnlyAttire is { } only && who.Attire != only)
        || OnlyAges?.Contains(who.Age) == false
        || NotAges?.Contains(who.Age) == true;
}
