using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>What a roll that comes in over the web must pass on its way to the log.</summary>
internal static class RollIntake
{
    /// <summary>The head of the session a roll goes into; null leaves it where it stands.</summary>
    public static Session? Head(SessionDocument? written, Checker check)
    {
        if (written is null)
            return null;
        var session = LogReader.ReadHead(written, "", check, "session.");
        if (session.Date is null)
            check.Fault("session.date", "is missing; write it as 2026-03-02.");
        return session;
    }

    /// <summary>Its id must be the address's.</summary>
    public static void Check(Roll roll, string id, Checker check)
    {
        check.Id(id, "id");
        if (roll.Id != id)
            check.Fault("roll.id", "is another than in the address.");
    }
}
