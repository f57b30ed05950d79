using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>The focus in force.</summary>
/// <param name="Focus">What was chosen.</param>
/// <param name="Say">It in words.</param>
/// <param name="Spot">How it stands in the ranking now; null when it no longer appears.</param>
/// <param name="Caution">What to say of the move.</param>
public sealed record FocusView(FocusDocument Focus, string Say, WeakSpot? Spot, string? Caution)
{
    /// <summary>The view of the focus in force, or null where there is none.</summary>
    public static FocusView? Of(FocusInForce? focus) =>
        focus is null ? null : new FocusView(DrillWriting.Document(focus.Focus), focus.Say, focus.Spot, focus.Caution);
}
