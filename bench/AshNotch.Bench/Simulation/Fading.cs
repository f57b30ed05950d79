using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>A move whose odds fall as it is tried: between me and one partner, or with everybody.</summary>
/// <param name="From">Index of the place.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move.</param>
/// <param name="Partner">With whom it falls; null for everybody.</param>
/// <param name="Watched">Whose tries are counted.</param>
/// <param name="Before">After so many tries with them it begins to fall.</param>
/// <param name="Over">Over so many it falls; 0 for at once.</param>
/// <param name="Odds">What the odds of a try to come off are multiplied by in the end.</param>
internal sealed record Fading(int From, Who By, MoveId Move, string? Partner, string Watched, int Before, int Over, double Odds)
{
    /// <summary>How often it was tried with the watched partner, written or not.</summary>
    public int Tries { get; private set; }

    /// <summary>Whether an exit is it.</summary>
    public bool Is(TrueExit exit) => exit.From == From && exit.By == By && exit.Move == Move;

    /// <summary>Whether a written notch is it.</summary>
    public bool Is(Notch notch, IReadOnlyList<PlaceId> places) => notch.By == By && notch.Move == Move && notch.From == places[From];

    /// <summary>Counts a try.</summary>
    public void Count(string partner) => Tries += partner == Watched ? 1 : 0;

    /// <summary>The share of what would have come off that is stopped now, where so much of the tries came off at first.</summary>
    public double Stopped(string partner, double comes)
    {
        if (Partner is not null && Partner != partner)
            return 0;
        var done = Over == 0 ? (Tries >= Before ? 1.0 : 0) : Math.Clamp((Tries - Before) / (double)Over, 0, 1);
        var odds = comes / (1 - comes) * Math.Pow(Odds, done);
        return 1 - odds / (1 + odds) / comes;
    }
}
