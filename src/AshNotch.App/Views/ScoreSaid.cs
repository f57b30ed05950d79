using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;

namespace AshNotch.App.Views;

/// <summary>A score as it stands on a board, mine first.</summary>
internal static class ScoreSaid
{
    /// <summary><c>7-2</c>, and advantages behind where there are any: <c>7-2, 1-0 adv.</c></summary>
    public static string Of(ScoreState state) =>
        string.Create(CultureInfo.InvariantCulture, $"{state.Me.Points}-{state.Partner.Points}")
        + Advantages(state.Me.Advantages, state.Partner.Advantages);

    /// <summary>What the referee said; null where no points were told.</summary>
    public static string? Of(OfficialResult? official) =>
        official is { Me.Points: { } mine, Partner.Points: { } theirs }
            ? string.Create(CultureInfo.InvariantCulture, $"{mine}-{theirs}")
                + Advantages(official.Me.Advantages ?? 0, official.Partner.Advantages ?? 0)
            : null;

    private static string Advantages(int mine, int theirs) =>
        mine + theirs == 0 ? "" : string.Create(CultureInfo.InvariantCulture, $", {mine}-{theirs} adv.");
}
