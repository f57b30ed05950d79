using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>
/// What some rolls would have come to on points, by kind: a roll with four finishes can hide four takedowns that were conceded.
/// </summary>
/// <param name="Rolls">How many rolls.</param>
/// <param name="Mine">What I scored, the most points first.</param>
/// <param name="Theirs">What I conceded, the most points first.</param>
/// <param name="MyTaps">How often I made them tap.</param>
/// <param name="TheirTaps">How often they made me tap.</param>
public sealed record Shadow(int Rolls, IReadOnlyList<Conceded> Mine, IReadOnlyList<Conceded> Theirs, int MyTaps, int TheirTaps)
{
    /// <summary>My points in all.</summary>
    public int Scored => Mine.Sum(m => m.Points);

    /// <summary>Theirs in all.</summary>
    public int Lost => Theirs.Sum(t => t.Points);

    /// <summary>Of some rolls, each by the rules it is scored by; practice is left out.</summary>
    public static Shadow Of(IEnumerable<LoggedRoll> rolls, Func<LoggedRoll, MatchRules> rules, MatVocabulary vocabulary)
    {
        List<LoggedRoll> live = [.. rolls.Where(r => !r.Roll.IsPractice)];
        List<LedgerLine> lines =
        [
            .. live.SelectMany(r => Ledger.Of(r.Roll, rules(r), vocabulary).Lines).Where(l => l.Points > 0 && l.For != ScoredFor.Penalty),
        ];
        return new Shadow(
            live.Count,
            Counted(lines, Who.Me),
            Counted(lines, Who.Partner),
            live.Sum(r => r.Roll.Taps(Who.Me)),
            live.Sum(r => r.Roll.Taps(Who.Partner))
        );
    }

    private static List<Conceded> Counted(List<LedgerLine> lines, Who by) =>
        [
            .. lines
                .Where(l => l.By == by)
                .GroupBy(l => l.For)
                .Select(g => new Conceded(g.Key, g.Count(), g.Sum(l => l.Points)))
                .OrderByDescending(c => c.Points)
                .ThenBy(c => c.For),
        ];
}
