using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>Of somebody what decides which moves their rules let them do. What is not known counts as what is allowed least.</summary>
/// <param name="Belt">Their belt.</param>
/// <param name="Age">Their age division.</param>
/// <param name="Attire">What is worn; null where both may be.</param>
public sealed record Competitor(Belt Belt, AgeDivision Age, Attire? Attire)
{
    /// <summary>Somebody of whom perhaps not all is known: a white belt and an adult where nothing says otherwise.</summary>
    public static Competitor Of(Belt? belt, AgeDivision? age, Attire? attire) =>
        new(belt ?? Rolls.Belt.White, age ?? AgeDivision.Adult, attire);
}
