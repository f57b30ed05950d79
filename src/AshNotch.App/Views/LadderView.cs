using AshNotch.Core.Partners;

namespace AshNotch.App.Views;

/// <summary>Partners for the focus, from easier to harder.</summary>
/// <param name="Say">The focus, in words.</param>
/// <param name="Rungs">The partners, the easiest first.</param>
/// <param name="Missing">Who is missing, each a sentence.</param>
public sealed record LadderView(string Say, IReadOnlyList<LadderView.LadderRung> Rungs, IReadOnlyList<string> Missing)
{
    /// <summary>One partner.</summary>
    /// <param name="Id">Their id.</param>
    /// <param name="Name">Their name.</param>
    /// <param name="Say">How it goes there, in words.</param>
    public sealed record LadderRung(string Id, string Name, string Say)
    {
        /// <summary>The view of a rung.</summary>
        public static LadderRung Of(Rung rung) => new(rung.Partner, rung.Name, BetweenWords.Yours(rung.Chance, rung.Rolls));
    }
}
