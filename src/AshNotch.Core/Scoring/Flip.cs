using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>One event that would put somebody ahead who is not.</summary>
/// <param name="By">Who would make it.</param>
/// <param name="Event">What: the term of a scoring event, or <c>advantage</c>.</param>
/// <param name="Score">The score it would make, theirs who make it first.</param>
/// <param name="Say">It in words.</param>
public sealed record Flip(Who By, string Event, string Score, string Say)
{
    private const string AnAdvantage = "advantage";

    /// <summary>The single events of either side that would put them ahead as it stands.</summary>
    /// <param name="state">How it stands.</param>
    /// <param name="rules">What is worth what.</param>
    /// <param name="left">Time left, in seconds; null where nobody knows.</param>
    public static IReadOnlyList<Flip> Of(ScoreState state, MatchRules rules, double? left)
    {
        var leader = state.Ahead(rules).Leader;
        var flips = new List<Flip>();
        foreach (var who in Enum.GetValues<Who>())
        {
            if (who == leader)
                continue;
            // No place can be held any more; only what is close yet counts.
            var hasTime = left is not { } seconds || seconds >= rules.Seconds;
            foreach (var score in hasTime ? rules.Scores : [])
                Add(who, Term.Of(score.For), Term.Say(score.For), new ScoreTotal(score.Points, 0, 0));
            if (rules.Advantages && left is not <= 0)
                Add(who, AnAdvantage, "an advantage", new ScoreTotal(0, 1, 0));
        }
        return flips;

        void Add(Who who, string id, string name, ScoreTotal more)
        {
            var then = state.With(who, more);
            if (then.Ahead(rules) is not { Leader: { } ahead } || ahead != who)
                return;
            var (mine, theirs) = (then.Of(who), then.Of(who.Other()));
            var score =
                mine.Points != theirs.Points
                    ? $"{mine.Points}-{theirs.Points}"
                    : $"{mine.Points}-{theirs.Points}, {mine.Advantages}-{theirs.Advantages} in advantages";
            var subject = who == Who.Me ? "you" : "them";
            var article = id == AnAdvantage || id == Term.Of(ScoredFor.KneeOnBelly) || id == Term.Of(ScoredFor.Mount) ? "" : "a ";
            if (id == Term.Of(ScoredFor.Back))
                (article, name) = ("", "the back with hooks");
            var what = article + name;
            flips.Add(new Flip(who, id, score, $"{char.ToUpperInvariant(what[0])}{what[1..]} puts {subject} ahead, {score}."));
        }
    }
}
