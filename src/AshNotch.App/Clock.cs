namespace AshNotch.App;

/// <summary>The day, as the clock on the wall has it.</summary>
internal static class Clock
{
    /// <summary>Today, where the practitioner is.</summary>
    public static DateOnly Today(this TimeProvider clock) => DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
}
