using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Grain;

/// <summary>A place on the map, or several rare ones of a family together.</summary>
/// <param name="Id">The place's id, or that of the family and side.</param>
/// <param name="Name">It in words.</param>
/// <param name="Band">How high it lies: from -3 (nearly lost) over 0 (even) to 3 (nearly won); 4 and -4 are the taps.</param>
/// <param name="VisitsPerRoll">Expected steps there in a roll.</param>
/// <param name="Value">Expected net result from there to the end of the roll; null for a tap.</param>
/// <param name="Seen">Steps logged there.</param>
/// <param name="Places">The places it stands for.</param>
/// <param name="Say">How often one is there and how a roll goes on from it, in words; null for a tap.</param>
public sealed record Knot(
    string Id,
    string Name,
    int Band,
    double VisitsPerRoll,
    double? Value,
    int Seen,
    IReadOnlyList<PlaceId> Places,
    string? Say
)
{
    /// <summary>Where a tap of mine leads.</summary>
    public const string IFinish = "i-finish";

    /// <summary>Where a tap of theirs leads.</summary>
    public const string TheyFinish = "they-finish";
}
