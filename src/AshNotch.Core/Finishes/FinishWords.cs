using System.Globalization;

namespace AshNotch.Core.Finishes;

/// <summary>What was finished, in words.</summary>
internal static class FinishWords
{
    public static string Whole(int mine, int theirs, int rolls, int tapped) =>
        (mine, theirs) switch
        {
            (0, 0) => $"Nobody tapped in {Rolls(rolls)}.",
            (_, 0) => $"You finished {Times(mine)} in {Rolls(rolls)}, and tapped in none.",
            (0, _) => $"They finished you {Times(theirs)}, in {tapped} of {Rolls(rolls)}; you finished nobody.",
            _ => $"You finished {Times(mine)}, they finished you {Times(theirs)}: you tapped in {tapped} of {Rolls(rolls)}.",
        };

    public static string Week(string monday) =>
        "week of "
        + DateOnly.ParseExact(monday, "yyyy-MM-dd", CultureInfo.InvariantCulture).ToString("d MMMM yyyy", CultureInfo.InvariantCulture);

    private static string Rolls(int count) => count == 1 ? "1 roll" : $"{count} rolls";

    private static string Times(int count) =>
        count switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{count} times",
        };
}
