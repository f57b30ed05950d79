using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>One round to be done, in words that can be carried onto the mat.</summary>
/// <param name="Way">What it is for.</param>
/// <param name="Work">That as a piece of work, in a sentence.</param>
/// <param name="Rung">How far up the ladder.</param>
/// <param name="Start">The place that is started from, seen from me; null for live rolls, which start as they do.</param>
/// <param name="Minutes">How long.</param>
/// <param name="Starts">How many starts each, then swap; 0 where they are not counted.</param>
/// <param name="Say">How it goes: where it starts, and who wins how.</param>
/// <param name="Asks">What the partner is asked to give.</param>
/// <param name="Cues">What to look for.</param>
/// <param name="Do">What to do.</param>
/// <param name="Dont">What not to do.</param>
/// <param name="Checks">Up to three checks, answered per try.</param>
/// <param name="Cautions">What to say where it can hurt.</param>
public sealed record Round(
    Way Way,
    string Work,
    Rung Rung,
    PlaceId? Start,
    int Minutes,
    int Starts,
    string Say,
    string Asks,
    IReadOnlyList<string> Cues,
    IReadOnlyList<string> Do,
    IReadOnlyList<string> Dont,
    IReadOnlyList<string> Checks,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>The practitioner's own cues for it, which stand first.</summary>
    public IReadOnlyList<string> Own { get; init; } = [];
}
