using AshNotch.Core.Rolls;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>One exchange proposed to be worked on.</summary>
/// <param name="Way">The exchange, on the side that goes worse where the record shows one.</param>
/// <param name="GainPerRoll">What it would bring beyond those named before it in its set: the mean over the draws.</param>
/// <param name="Low">Lower end of the likely range of that.</param>
/// <param name="High">Upper end.</param>
/// <param name="FindOut">Too little is known of it: the work is to find out first.</param>
/// <param name="Say">It as a piece of work, in a sentence.</param>
/// <param name="Why">Why this one, in a sentence.</param>
/// <param name="PerHour">What an hour of drilling it would bring; null until enough blocks speak.</param>
public sealed record ProposedFocus(
    Way Way,
    double GainPerRoll,
    double Low,
    double High,
    bool FindOut,
    string Say,
    string Why,
    PerHour? PerHour = null
);
