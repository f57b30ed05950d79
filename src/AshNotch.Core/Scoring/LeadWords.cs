using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What protects a lead, in words.</summary>
public static class LeadWords
{
    /// <summary>What protects the lead, and what to do with it as the school has it; empty where nobody leads or it is over.</summary>
    /// <param name="ledger">How it stands.</param>
    /// <param name="school">What is made of a lead.</param>
    public static IReadOnlyList<string> Of(Ledger ledger, LeadSchool school)
    {
        if (ledger.IsOver || ledger.Leader is not { } leader)
            return [];
        var enough = ledger.Flips.Where(f => f.By != leader).Select(f => f.Event).ToList();
        var (who, other) = leader == Who.Me ? ("You", "they") : ("They", "you");
        if (enough.Count == 0)
            return [$"No single event that {other} can still score flips it.", .. School(leader, school, isSafe: true)];
        var more = Safe(ledger, leader);
        var (own, others) = leader == Who.Me ? ("yours", "theirs") : ("theirs", "yours");
        var safer = more is null
            ? $"No single event of {own} puts it out of reach of one of {others}."
            : $"{who} would be out of reach of any one of them after {Named(more.Value)}.";
        return [safer, .. School(leader, school, isSafe: false)];
    }

    // The cheapest event after which no single one of the other is enough.
    private static ScoredFor? Safe(Ledger ledger, Who leader)
    {
        var (mine, theirs) = (ledger.State.Of(leader).Points, ledger.State.Of(leader.Other()).Points);
        var most = ledger.Rules.Scores.Max(s => s.PastGuard ?? s.Points);
        return ledger.Rules.Scores.OrderBy(s => s.Points).FirstOrDefault(s => mine + s.Points - theirs > most)?.For;
    }

    private static IEnumerable<string> School(Who leader, LeadSchool school, bool isSafe)
    {
        if (leader != Who.Me)
            yield break;
        if (school != LeadSchool.Finish)
            yield return isSafe
                ? "Protect it: hold the place you have, and open nothing."
                : "Protect it: stay where none of these can start, and make them move first.";
        if (school != LeadSchool.Protect)
            yield return "Finish: the tap ends it whatever the score; go for those that leave you on top when they fail.";
    }

    private static string Named(ScoredFor scored) =>
        scored switch
        {
            ScoredFor.Back => "the back with hooks",
            ScoredFor.KneeOnBelly or ScoredFor.Mount => Term.Say(scored),
            _ => $"a {Term.Say(scored)}",
        };
}
