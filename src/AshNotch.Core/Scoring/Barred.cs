using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What the federation's rules bar a practitioner from (IBJJF rule book, from memory), for who asks without a match in mind.</summary>
public static class Barred
{
    /// <summary>Why a move is barred for somebody, in words without a stop; null where no rule known here bars it.</summary>
    /// <param name="move">The move.</param>
    /// <param name="belt">Their belt.</param>
    /// <param name="age">Their age division; adult when null.</param>
    /// <param name="attire">What is worn; null where both may be.</param>
    public static string? Why(Move move, Belt? belt, AgeDivision? age, Attire? attire)
    {
        var said = Allowed.Of(move, Rulebook.Shipped.Usual(attire), Competitor.Of(belt, age, attire));
        return said.Standing == AllowedStanding.Barred ? said.Why : null;
    }
}
