using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>What one side scored of one kind over several rolls.</summary>
/// <param name="For">What.</param>
/// <param name="Times">How often.</param>
/// <param name="Points">How many points that made.</param>
public sealed record Conceded(ScoredFor For, int Times, int Points)
{
    /// <summary>In words: <c>takedown 4 times, 8</c>, <c>mount once, 4</c>.</summary>
    public string Say =>
        string.Create(CultureInfo.InvariantCulture, $"{Term.Say(For)} {(Times == 1 ? "once" : $"{Times} times")}, {Points}");
}
