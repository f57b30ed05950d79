using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>What a roll must pass on its way into the log.</summary>
internal static class RollIntake
{
    /// <summary>The session a roll goes into: as named, else the one of that day, kind and attire, else a new one.</summary>
    public static Session SessionOf(SessionDocument? head, Session? before, Log log, Checker check)
    {
        var session = head is null
            ? (before ?? new Session { Id = "" }) with
            {
                Rolls = [],
            }
            : Named(LogReader.ReadHead(head, "", check, "session."), log);
        if (session.Date is null)
            check.Fault("session.date", "is missing; write it as 2026-03-02.");
        return session;
    }

    /// <summary>The roll as it is kept: its partner is known, with belt and weight as they are on the day unless the roll says otherwise.</summary>
    public static Roll Checked(Roll roll, string id, Roll? before, Log log, Checker check)
    {
        if (roll.Id != id)
            check.Fault("roll.id", "is another than in the address.");
        if (id.Length > Limits.LongestName)
            check.Fault("roll.id", "is too long.");
        var partner = log.Partners.FirstOrDefault(p => p.Id == roll.Partner);
        if (roll.Partner is not null && partner is null)
            check.Fault("roll.partner", "is not among the partners; add them first.");
        if (partner is null || roll.PartnerThen != new PartnerOfTheDay(null, null, null, null))
            return roll;
        return roll with { PartnerThen = before is not null && before.Partner == roll.Partner ? before.PartnerThen : partner.Today };
    }

    private static Session Named(Session wanted, Log log)
    {
        if (wanted.Id.Length > 0)
            return wanted;
        var same = log.Sessions.FirstOrDefault(s => s.Date == wanted.Date && s.Kind == wanted.Kind && s.Attire == wanted.Attire);
        return same is null
            ? wanted with
            {
                Id = "s-" + Guid.CreateVersion7().ToString("N"),
            }
            : same with
            {
                Rolls = [],
                Time = wanted.Time ?? same.Time,
                Notes = wanted.Notes ?? same.Notes,
                State = wanted.State ?? same.State,
            };
    }
}
