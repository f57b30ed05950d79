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

    /// <summary>The place that was reached was held as rules ask.</summary>
    public const string Held = "Held for three seconds.";

    /// <summary>It was not.</summary>
    public const string NotHeld = "Never settled.";

    /// <summary>The round was over.</summary>
    public const string Time = "Time.";
}
