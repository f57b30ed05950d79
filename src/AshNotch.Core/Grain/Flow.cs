using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Grain;

/// <summary>How often one knot leads to another by one side's moves.</summary>
/// <param name="From">Id of the knot left.</param>
/// <param name="To">Id of the knot reached.</param>
/// <param name="By">Whose moves.</param>
/// <param name="PerRoll">Expected times in a roll.</param>
/// <param name="Low">In one draw of ten it is less.</param>
/// <param name="High">In one draw of ten it is more.</param>
/// <param name="Count">Times in the log.</param>
public sealed record Flow(string From, string To, Who By, double PerRoll, double Low, double High, int Count);
