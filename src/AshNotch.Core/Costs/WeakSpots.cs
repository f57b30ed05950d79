using AshNotch.Core.Chain;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Costs;

/// <summary>The answer to what is really costing me.</summary>
/// <param name="Aim">The aim it was asked with.</param>
/// <param name="Rules">Name of the rules by which points are counted.</param>
/// <param name="Against">Whom the rolls are thought of against.</param>
/// <param name="ValuePerRoll">Expected net result of a roll, in the unit of the aim.</param>
/// <param name="Rolls">How many rolls it rests on.</param>
/// <param name="Notches">How many notches they hold.</param>
/// <param name="Doubt">What to keep in mind before trusting the order, or null.</param>
/// <param name="Caveat">What to keep in mind of the book.</param>
/// <param name="Spots">The ranking, largest gain first.</param>
/// <param name="Untested">What was left out of it for want of notches.</param>
public sealed record WeakSpots(
    Aim Aim,
    string Rules,
    Against Against,
    double ValuePerRoll,
    int Rolls,
    int Notches,
    string? Doubt,
    string Caveat,
    IReadOnlyList<WeakSpot> Spots,
    IReadOnlyList<Untested> Untested
)
{
    /// <summary>What of the log could not be ranked, in a sentence; null when nothing was left out.</summary>
    public string? LeftOut { get; init; }

    /// <summary>How many spots there are; the list may be cut to the first.</summary>
    public int InAll { get; init; } = Spots.Count;
}
