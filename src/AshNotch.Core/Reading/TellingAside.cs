using AshNotch.Core.Reading.Rounds;

namespace AshNotch.Core.Reading;

/// <summary>What was said beside a telling.</summary>
/// <param name="Partner">Id of the partner chosen for the first roll, or null.</param>
/// <param name="Corrections">What was put right in its reading.</param>
/// <param name="Named">Which partner's id a name means, where that was said; empty for somebody of whom no record is kept.</param>
public sealed record TellingAside(string? Partner, IReadOnlyList<Correction> Corrections, IReadOnlyDictionary<string, string> Named)
{
    /// <summary>Words that say nothing of the roll as a whole, though they were read so.</summary>
    public IReadOnlyList<string> Struck { get; init; } = [];

    /// <summary>Pairs such as <c>1-1</c> that were said to be points, not taps.</summary>
    public IReadOnlyList<string> Points { get; init; } = [];

    /// <summary>Pairs such as <c>1-1</c> that were said to be taps.</summary>
    public IReadOnlyList<string> Taps { get; init; } = [];

    /// <summary>It is a match that is told: a bare pair such as <c>4-2</c> is its score.</summary>
    public bool IsMatch { get; init; }

    /// <summary>Notches that were put in by hand.</summary>
    public IReadOnlyList<AddedNotch> Added { get; init; } = [];

    /// <summary>Where the user says that a roll begins, or that none does.</summary>
    public IReadOnlyList<CutByHand> Cuts { get; init; } = [];

    /// <summary>Whom the user says that a roll was with, whatever its words say.</summary>
    public IReadOnlyList<WithByHand> With { get; init; } = [];

    /// <summary>Nothing was said beside it.</summary>
    public static TellingAside Nothing { get; } = new(null, [], new Dictionary<string, string>());
}
