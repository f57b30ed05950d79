namespace AshNotch.App.Views;

/// <summary>Something a partner is owed: promised, given, or not owed after all.</summary>
/// <param name="Text">What, in the user's words.</param>
/// <param name="IsGiven">It was given today.</param>
/// <param name="IsGone">It was never owed.</param>
/// <param name="Since">Since when, where it is put back; else since today.</param>
public sealed record OwedChange(string Text, bool IsGiven = false, bool IsGone = false, string? Since = null);
