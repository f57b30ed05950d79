using AshNotch.Core.Drilling.Areas;

namespace AshNotch.App.Views;

/// <summary>An area of the game.</summary>
/// <param name="Area">Its id.</param>
/// <param name="Say">Its name.</param>
/// <param name="Last">How it was rated last; null when never.</param>
/// <param name="Before">How it was rated the time before; null when never.</param>
/// <param name="Record">What the record says of it.</param>
public sealed record AreaView(string Area, string Say, SelfRating? Last, SelfRating? Before, string Record);
