using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>What a roll that comes in over the web must pass on its way into the log.</summary>
internal static class RollIntake
{
    /// <summary>The head of the session a roll goes into; without one given, the session it stands in.</summary>
    public static Session SessionOf(SessionDocument? head, Session? before, Log log, Checker check)
    {
        var session = head is null
            ? (before ?? new Session { Id = "" }) with
            {
                Rolls = [],
            }
            : log.SessionFor(LogReader.ReadHead(head, "", check, "session."), "s-" + Guid.CreateVersion7().ToString("N"));
        if (session.Date is null)
            check.Fault("session.date", "is missing; write it as 2026-03-02.");
        return session;
    }

    /// <summary>The roll with its partner as they were that day; the partner must be known.</summary>
    public static Roll Checked(Roll roll, string id, Roll? before, Log log, Checker check)
    {
        if (roll.Id != id)
            check.Fault("roll.id", "is another than in the address.");
        if (id.Length > Limits.LongestName)
            check.Fault("roll.id", "is too long.");
        if (roll.Partner is null)
            return roll;
        if (log.Partner(roll.Partner) is { } partner)
            return roll.OnTheDay(partner, before);
        check.Fault("roll.partner", "is not among the partners; add them first.");
        return roll;
    }
}
