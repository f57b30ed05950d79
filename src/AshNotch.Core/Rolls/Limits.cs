namespace AshNotch.Core.Rolls;

/// <summary>
/// What a value of the record may be, generous enough for every practitioner and narrow enough to catch a slip of the finger.
/// </summary>
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

    /// <summary>The most starts of one drilled round.</summary>
    public const int MostStarts = 1000;

    /// <summary>Longest retelling or note, in characters.</summary>
    public const int LongestText = 100_000;

    /// <summary>Longest name or id, in characters.</summary>
    public const int LongestName = 120;

    /// <summary>Most notches in one roll.</summary>
    public const int MostNotches = 2_000;

    /// <summary>Most checks of a mission.</summary>
    public const int MostChecks = 3;
}
