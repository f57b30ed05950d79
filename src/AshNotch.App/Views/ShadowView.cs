using AshNotch.Core.Matches;

namespace AshNotch.App.Views;

/// <summary>What rolls would have come to on points.</summary>
/// <param name="All">All of them together.</param>
/// <param name="Partners">With each partner, who scored most on me first.</param>
/// <param name="Weeks">Week by week, the newest first.</param>
public sealed record ShadowView(
    ShadowView.ShadowRow All,
    IReadOnlyList<ShadowView.ShadowRow> Partners,
    IReadOnlyList<ShadowView.ShadowRow> Weeks
)
{
    /// <summary>Some rolls together.</summary>
    /// <param name="Id">The partner, or the first day of the week.</param>
    /// <param name="Name">What they are called.</param>
    /// <param name="Rolls">How many rolls.</param>
    /// <param name="Scored">My points.</param>
    /// <param name="Lost">Theirs.</param>
    /// <param name="MyTaps">How often I made them tap.</param>
    /// <param name="TheirTaps">How often they made me tap.</param>
    /// <param name="Mine">What I scored, each in words.</param>
    /// <param name="Theirs">What I conceded, each in words.</param>
    public sealed record ShadowRow(
        string Id,
        string Name,
        int Rolls,
        int Scored,
        int Lost,
        int MyTaps,
        int TheirTaps,
        IReadOnlyList<string> Mine,
        IReadOnlyList<string> Theirs
    )
    {
        /// <summary>The row of a shadow.</summary>
        public static ShadowRow Of(string id, string name, Shadow shadow) =>
            new(
                id,
                name,
                shadow.Rolls,
                shadow.Scored,
                shadow.Lost,
                shadow.MyTaps,
                shadow.TheirTaps,
                [.. shadow.Mine.Select(m => m.Say)],
                [.. shadow.Theirs.Select(m => m.Say)]
            );
    }
}
