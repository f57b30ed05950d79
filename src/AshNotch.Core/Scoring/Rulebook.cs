using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>The rules there are: those that ship, and the user's own.</summary>
public sealed class Rulebook
{
    private const string Federation = "federation";

    /// <param name="own">The user's own; house rules among them stand in the place of those that ship.</param>
    public Rulebook(IReadOnlyList<MatchRules> own)
    {
        Own = own;
        All =
        [
            .. Rulesets.Matches.Select(m => own.FirstOrDefault(o => o.Id == m.Id) ?? m),
            .. own.Where(o => Rulesets.Matches.All(m => m.Id != o.Id)),
        ];
    }

    /// <summary>Those that ship alone.</summary>
    public static Rulebook Shipped { get; } = new([]);

    /// <summary>The user's own.</summary>
    public IReadOnlyList<MatchRules> Own { get; }

    /// <summary>All of them, the user's own last.</summary>
    public IReadOnlyList<MatchRules> All { get; }

    /// <summary>What the chain can count points by: one for each family of rules.</summary>
    public IEnumerable<Ruleset> Families => All.DistinctBy(m => m.Family).Select(Ruleset.Of);

    /// <summary>
    /// Rules by their own id, or by that of their family and what was worn (the gi where nobody said); null where none are called so.
    /// </summary>
    public MatchRules? Match(string id, Attire? attire) =>
        All.FirstOrDefault(m => m.Id == id)
        ?? All.FirstOrDefault(m => m.Family == id && m.Attire == (attire ?? Attire.Gi))
        ?? All.FirstOrDefault(m => m.Family == id);

    /// <summary>The federation's, for what is worn.</summary>
    public MatchRules Usual(Attire? attire) => Match(Federation, attire)!;

    /// <summary>What a roll is scored by: its own rules where they are known here, else the federation's for what was worn.</summary>
    public MatchRules Of(LoggedRoll logged) =>
        (logged.Roll.Rules is { } own ? Match(own, logged.Session.Attire) : null) ?? Usual(logged.Session.Attire);
}
