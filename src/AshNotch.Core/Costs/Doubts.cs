using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Costs;

/// <summary>What to keep in mind before trusting the order of a ranking.</summary>
internal static class Doubts
{
    // From how many rolls on the order is worth trusting, and when one exchange stands out. The authors' judgement.
    private const int FewRolls = 12;
    private const double StandsOut = 0.25;
    private const double MuchLeftOut = 0.75;

    /// <summary>The heaviest doubt in a sentence, or null.</summary>
    public static string? Of(Walk walk, SkillModel model, IReadOnlyList<WeakSpot> spots)
    {
        if (spots.Count == 0)
            return null;
        if (walk.Rolls.Count < FewRolls)
            return $"With {(walk.Rolls.Count == 1 ? "one roll" : $"{walk.Rolls.Count} rolls")} this is a first idea, and the order will "
                + "change. Tell whom each roll was with, and what was stopped.";
        if (walk.PlacesLeftOut > 0)
            return $"Your log names {walk.PlacesLeftOut + Walk.MostOwnPlaces} places of your own; the {Walk.MostOwnPlaces} you told "
                + "most of are followed. Give the others names of ours, and they count.";
        if (spots[0].FirstShare < StandsOut)
            return "No one exchange stands out yet: several could be the one that would change most.";
        if (model.Unwritten.LandingShare < MuchLeftOut)
            return string.Create(
                CultureInfo.InvariantCulture,
                $"About {100 * (1 - model.Unwritten.LandingShare):0} in 100 changes of place seem to be left out of what you told. "
                    + $"The ranges allow for that."
            );
        return null;
    }
}
