using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>How far up its ladder a focus is, by what was done: a rung up when the checks of two sessions were met, one down when not.</summary>
public static class Progress
{
    private const int InARow = 2;

    // A session meets its checks, or keeps its starts, when it does so three times in five. The authors' judgement.
    private const double Enough = 0.6;

    /// <summary>The block with each focus on the rung it has come to.</summary>
    public static Block Now(Block block, IEnumerable<DrilledSession> done)
    {
        var sessions = done.Where(d => d.Block == block.Id).OrderBy(d => d.Date).ToList();
        return block with { Focuses = [.. block.Focuses.Select((f, i) => f with { Rung = RungOf(f, i, sessions) })] };
    }

    private static Rung RungOf(BlockFocus focus, int index, List<DrilledSession> sessions)
    {
        var rung = (int)focus.Rung;
        var row = 0;
        foreach (var session in sessions.Where(s => focus.RungSince is not { } moved || s.Date > moved))
        {
            if (Met([.. session.Rounds.Where(r => r.Focus == index)]) is not { } met)
                continue;
            row = met ? Math.Max(row, 0) + 1 : Math.Min(row, 0) - 1;
            if (Math.Abs(row) < InARow)
                continue;
            rung = Math.Clamp(rung + Math.Sign(row), (int)Rung.Repetitions, (int)Rung.Live);
            row = 0;
        }
        return (Rung)rung;
    }

    // Null where nothing was counted. Checks say more than starts: a start can be kept without what is drilled.
    private static bool? Met(List<DrilledRound> rounds)
    {
        var checks = rounds.SelectMany(r => r.Checks).Where(c => c.Of > 0).ToList();
        if (checks.Count > 0)
            return checks.Sum(c => c.Met) >= Enough * checks.Sum(c => c.Of);
        var starts = rounds.Select(r => r.Starts).Where(s => s is { All: > 0 }).ToList();
        return starts.Count == 0 ? null : starts.Sum(s => s!.Kept) >= Enough * starts.Sum(s => s!.All);
    }
}
