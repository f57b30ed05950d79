namespace AshNotch.Core.Rolls;

/// <summary>Something a partner is owed: advice they asked for, a thing promised to be shown.</summary>
/// <param name="Text">What, in the user's words.</param>
/// <param name="Since">The day it was promised; null where none is told.</param>
/// <param name="Given">The day it was given; null as long as it is owed.</param>
public sealed record Owed(string Text, DateOnly? Since, DateOnly? Given)
{
    /// <summary>It has not been given yet.</summary>
    public bool IsOpen => Given is null;
}
