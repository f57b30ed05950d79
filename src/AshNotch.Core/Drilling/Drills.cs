namespace AshNotch.Core.Drilling;

/// <summary>What one practitioner chose to drill.</summary>
public sealed record Drills
{
    /// <summary>Nothing was chosen yet.</summary>
    public static Drills None { get; } = new();

    /// <summary>What was chosen, newest last.</summary>
    public IReadOnlyList<Focus> Focuses { get; init; } = [];
}
