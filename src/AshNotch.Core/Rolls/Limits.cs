namespace AshNotch.Core.Rolls;

/// <summary>What a value of the record may be, generous enough for every practitioner and narrow enough to catch a slip of the finger.</summary>
public static class Limits
{
    /// <summary>The first day a log may name.</summary>
    public static DateOnly FirstDay { get; } = new(1950, 1, 1);

    /// <summary>The last day a log may name.</summary>
    public static DateOnly LastDay { get; } = new(2099, 12, 31);

    /// <summary>Lightest weight in kilograms.</summary>
    public const double LightestKg = 15;

    /// <summary>Heaviest weight in kilograms.</summary>
    public const double HeaviestKg = 350;

    /// <summary>Most stripes on a belt (degrees on a black belt).</summary>
    public const int MostStripes = 6;

    /// <summary>Longest roll, in minutes.</summary>
    public const double LongestMinutes = 180;

    /// <summary>Longest retelling or note, in characters.</summary>
    public const int LongestText = 100_000;

    /// <summary>Longest name or id, in characters.</summary>
    public const int LongestName = 120;

    /// <summary>Most notches in one roll.</summary>
    public const int MostNotches = 2_000;

    /// <summary>Most checks of a mission.</summary>
    public const int MostChecks = 3;

    /// <summary>The causes offered for why something happened. Common practice; users add their own.</summary>
    public static IReadOnlyList<string> Causes { get; } =
    [
        "grip lost",
        "posture broken",
        "elbow away from the body",
        "reached",
        "weight on the wrong side",
        "too far away",
        "too close, no frames",
        "late",
        "telegraphed",
        "let go too late",
        "rushed",
        "tunnel vision",
        "no plan from here",
        "did not know the move",
        "strength or size",
        "tired",
        Surroundings,
        Clock,
    ];

    /// <summary>A cause that lies with the wall or a collision: shown, but it teaches the model nothing.</summary>
    public const string Surroundings = "surroundings";

    /// <summary>A cause that lies with the clock: shown, but it teaches the model nothing.</summary>
    public const string Clock = "clock";
}
