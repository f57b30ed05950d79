namespace AshNotch.Core.Reading;

/// <summary>Plain lines of what needs no move named, each of which reads back as just that.</summary>
public static class PlainEvents
{
    /// <summary>The partner tapped, to what nobody said.</summary>
    public const string TheyTapped = "I tapped them.";

    /// <summary>The practitioner tapped, to what nobody said.</summary>
    public const string ITapped = "They tapped me.";

    /// <summary>Both agreed to start again.</summary>
    public const string Reset = "Reset.";

    /// <summary>The round was over.</summary>
    public const string Time = "Time.";
}
