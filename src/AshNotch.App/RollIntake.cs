using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>What a roll that comes in over the web must pass on its way to the log.</summary>
internal static class RollIntake
{
    private const int FarthestEast = 14;
    private static readonly DateOnly Earliest = new(1950, 1, 1);

    /// <summary>The head of the session a roll goes into; null leaves it where it stands.</summary>
    public static Session? Head(SessionDocument? written, Checker check, TimeProvider clock)
    {
        if (written is null)
            return null;
        var session = LogReader.ReadHead(written, "", check, "session.");
        if (session.Date is null)
            check.Fault("session.date", "is missing; write it as 2026-03-02.");
        else if (session.Date > LatestDay(clock))
            check.Fault("session.date", $"{session.Date:yyyy-MM-dd} is still to come; a roll is told for today or a day before.");
        else if (session.Date < Earliest)
            check.Fault("session.date", $"{session.Date:yyyy-MM-dd} is too long ago; look at the year.");
        return session;
    }

    /// <summary>The latest day that may have been: it is already tomorrow somewhere, and the one who tells may be there.</summary>
    public static DateOnly LatestDay(TimeProvider clock) => DateOnly.FromDateTime(clock.GetUtcNow().UtcDateTime.AddHours(FarthestEast));

    /// <summary>Its id must be the address's.</summary>
    public static void Check(Roll roll, string id, Checker check)
    {
        check.Id(id, "id");
        if (roll.Id != id)
            check.Fault("roll.id", "is another than in the address.");
    }
}
