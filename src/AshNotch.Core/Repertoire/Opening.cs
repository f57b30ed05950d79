using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>A pair: after one thing was tried, whatever came of it, another of the same person comes off more often than it does otherwise.</summary>
/// <param name="After">What was tried before.</param>
/// <param name="Move">What comes off after it.</param>
/// <param name="Tries">How often the first was tried.</param>
/// <param name="Came">After how many of these the second came off within two steps.</param>
/// <param name="Usual">After how many it would have, from the same places against the same partners.</param>
/// <param name="Odds">How many times the odds are (Mantel and Haenszel 1959).</param>
/// <param name="Low">The lower end of their likely range, four times in five (Robins, Breslow and Greenland 1986).</param>
/// <param name="High">The upper end.</param>
/// <param name="Rolls">The rolls in which it came, oldest first.</param>
public sealed record Opening(
    SetUp After,
    MoveId Move,
    int Tries,
    int Came,
    double Usual,
    double Odds,
    double Low,
    double High,
    IReadOnlyList<string> Rolls
);
