namespace AshNotch.App.Views;

/// <summary>Two rolls to be made one.</summary>
/// <param name="Other">Id of the roll whose notches come after this one's; it is deleted.</param>
/// <param name="Version">The version of this one that they are joined from.</param>
public sealed record JoinAsked(string? Other, int? Version = null);
