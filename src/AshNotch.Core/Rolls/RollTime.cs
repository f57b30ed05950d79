using System.Globalization;

namespace AshNotch.Core.Rolls;

/// <summary>
/// A time of a roll in whole seconds: since it began where it is elapsed, on the clock where it is remaining. Written <c>m:ss</c>.
/// </summary>
/// <param name="Seconds">Seconds, from 0.</param>
public readonly record struct RollTime(int Seconds) : IComparable<RollTime>
{
    /// <summary>The time of so many seconds, or null where there are none.</summary>
    public static RollTime? Of(int? seconds) => seconds is { } s ? new RollTime(s) : null;

    /// <summary>Reads minutes and seconds, such as <c>2:05</c>, up to the longest roll; false when it is none.</summary>
    public static bool TryRead(string? text, out RollTime time)
    {
        time = default;
        var parts = (text ?? "").Split(':');
        if (parts.Length != 2 || parts[1].Length != 2)
            return false;
        if (!int.TryParse(parts[0], NumberStyles.None, CultureInfo.InvariantCulture, out var minutes) || minutes > Limits.LongestMinutes)
            return false;
        if (!int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var seconds) || seconds >= 60)
            return false;
        time = new RollTime(60 * minutes + seconds);
        return true;
    }

    /// <inheritdoc/>
    public int CompareTo(RollTime other) => Seconds.CompareTo(other.Seconds);

    /// <summary>Earlier.</summary>
    public static bool operator <(RollTime left, RollTime right) => left.Seconds < right.Seconds;

    /// <summary>Later.</summary>
    public static bool operator >(RollTime left, RollTime right) => left.Seconds > right.Seconds;

    /// <summary>Not later.</summary>
    public static bool operator <=(RollTime left, RollTime right) => left.Seconds <= right.Seconds;

    /// <summary>Not earlier.</summary>
    public static bool operator >=(RollTime left, RollTime right) => left.Seconds >= right.Seconds;

    /// <summary>As written: <c>2:05</c>.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Seconds / 60}:{Seconds % 60:00}");
}
