using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>A feint: a move that is shown from a place and taken back, after which the odds of another from there are others for two steps.</summary>
/// <param name="From">Index of the place.</param>
/// <param name="After">What is shown.</param>
/// <param name="Move">What it is to open.</param>
/// <param name="Odds">How many times the odds are; 1 for a feint that nobody falls for.</param>
/// <param name="Comes">The chance of that other move to come off in one step there, otherwise.</param>
/// <param name="Share">In what share of the steps there it is shown.</param>
internal sealed record Feint(int From, MoveId After, MoveId Move, double Odds, double Comes, double Share)
{
    /// <summary>How many steps it lasts.</summary>
    public const int Steps = 2;

    /// <summary>The chance of the other move to come off in a step.</summary>
    /// <param name="edge">What the partner takes off its log odds.</param>
    /// <param name="isOpen">The feint was shown just now.</param>
    public double Chance(double edge, bool isOpen)
    {
        var odds = Comes / (1 - Comes) * Math.Exp(-edge) * (isOpen ? Odds : 1);
        return odds / (1 + odds);
    }

    /// <summary>A feint before what comes off most often: a move that they never mean.</summary>
    public static Feint Of(SimulatedPractitioner practitioner, (int From, MoveId Move) best, double odds, double comes, double share)
    {
        var shown = MatVocabulary.BuiltIn.Moves.First(m => m.IsSubmission && practitioner.Exits.All(e => e.Move != m.Id));
        return new Feint(best.From, shown.Id, best.Move, odds, comes, share);
    }
}
