using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>One focus of a block, as it was chosen.</summary>
/// <param name="Way">The exchange.</param>
/// <param name="GainPerRoll">What it was expected to bring a roll, beyond those before it; null where the practitioner chose it themselves.</param>
/// <param name="Low">Lower end of the likely range of that.</param>
/// <param name="High">Upper end.</param>
/// <param name="FindOut">The work is to find out first.</param>
/// <param name="Why">Why it was chosen.</param>
/// <param name="Rung">The rung it began on, or was moved to by hand.</param>
/// <param name="RungSince">The day it was moved by hand; null where it was not.</param>
public sealed record BlockFocus(
    Way Way,
    double? GainPerRoll,
    double? Low,
    double? High,
    bool FindOut,
    string Why,
    Rung Rung = Rung.Repetitions,
    DateOnly? RungSince = null
)
{
    /// <summary>A focus as it was proposed.</summary>
    public static BlockFocus Of(ProposedFocus proposed) =>
        new(proposed.Way, proposed.GainPerRoll, proposed.Low, proposed.High, proposed.FindOut, proposed.Why);
}
