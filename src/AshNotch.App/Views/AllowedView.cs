using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>What rules let somebody do.</summary>
/// <param name="Rules">Id of the rules.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Source">Where they come from.</param>
/// <param name="Belt">The belt that is looked at.</param>
/// <param name="Age">The age division that is looked at.</param>
/// <param name="Attire">What is worn; null for both.</param>
/// <param name="Moves">Each move that the rules name.</param>
/// <param name="NotKnown">How many moves no rule known here names.</param>
public sealed record AllowedView(
    string Rules,
    string Name,
    string Source,
    Belt Belt,
    AgeDivision Age,
    Attire? Attire,
    IReadOnlyList<AllowedView.AllowedMove> Moves,
    int NotKnown
)
{
    /// <summary>What they say of each move.</summary>
    public static AllowedView Of(MatchRules rules, Competitor who, MatVocabulary vocabulary)
    {
        List<(Move Move, Allowed Said)> all = [.. vocabulary.Moves.Select(m => (m, Allowed.Of(m, rules, who)))];
        return new AllowedView(
            rules.Id,
            rules.Name,
            rules.Source,
            who.Belt,
            who.Age,
            who.Attire,
            [
                .. all.Where(a => a.Said.Standing != AllowedStanding.NotKnown)
                    .OrderByDescending(a => a.Said.Standing)
                    .Select(a => new AllowedMove(a.Move.Id.Value, a.Move.Name, a.Said.Standing, a.Said.Why!, a.Move.Caution)),
            ],
            all.Count(a => a.Said.Standing == AllowedStanding.NotKnown)
        );
    }

    /// <summary>A move.</summary>
    /// <param name="Id">Its id.</param>
    /// <param name="Name">Its name.</param>
    /// <param name="Standing">Whether it is barred.</param>
    /// <param name="Why">The rule.</param>
    /// <param name="Caution">What to say where it is shown.</param>
    public sealed record AllowedMove(string Id, string Name, AllowedStanding Standing, string Why, string? Caution);
}
