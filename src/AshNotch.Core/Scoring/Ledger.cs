using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>A roll as a referee would have scored it. A training roll has none: it is as it would stand.</summary>
/// <param name="Rules">The rules.</param>
/// <param name="Lines">What scored, and what did not.</param>
/// <param name="State">What the lines come to.</param>
/// <param name="Leader">Who is ahead; null where it is level.</param>
/// <param name="By">What decides that.</param>
/// <param name="NotHeld">What it would come to if nothing was held of which nothing says so.</param>
/// <param name="Flips">Which single events would change who is ahead.</param>
/// <param name="Faults">Times that do not go together.</param>
public sealed record Ledger(
    MatchRules Rules,
    IReadOnlyList<LedgerLine> Lines,
    ScoreState State,
    Who? Leader,
    DecidedBy By,
    ScoreState NotHeld,
    IReadOnlyList<Flip> Flips,
    IReadOnlyList<LedgerFault> Faults
)
{
    /// <summary>Scores a roll. Each exchange begins a new sequence; totals run on.</summary>
    /// <param name="roll">The roll.</param>
    /// <param name="rules">The rules.</param>
    /// <param name="vocabulary">The places and moves.</param>
    /// <param name="two">Who the two are, for what a match's rules bar them from; null where that is not to be looked at.</param>
    /// <param name="left">Seconds left on the clock; null for what the last time that was written says.</param>
    public static Ledger Of(Roll roll, MatchRules rules, MatVocabulary vocabulary, Pairing? two = null, double? left = null)
    {
        var referee = new Referee(roll, rules, vocabulary, unknownIsHeld: true);
        var lines = RuledLines.In(roll, [.. referee.Lines()]);
        var penalties = PenaltyLines.Of(roll, rules, out var loser);
        lines.AddRange(penalties);
        var state = Sum(lines);
        var (leader, by) = state.Ahead(rules);
        if (referee.Finisher is { } finisher)
            (leader, by) = (finisher, DecidedBy.Tap);
        else if (loser is { } lost)
            (leader, by) = (lost.Other(), DecidedBy.Penalties);
        else if (leader is null && roll.Kind == RollKind.Match && rules.Decided.Contains(DecidedBy.Referee))
            by = DecidedBy.Referee;
        if (two is not null && roll.Kind == RollKind.Match)
            lines.AddRange(BarredLines.Of(roll, rules, vocabulary, two));
        var clock = new RollClock(roll);
        var isOver = by == DecidedBy.Tap || loser is not null;
        return new Ledger(
            rules,
            lines,
            state,
            leader,
            by,
            Sum([.. RuledLines.In(roll, [.. new Referee(roll, rules, vocabulary, unknownIsHeld: false).Lines()]), .. penalties]),
            isOver ? [] : Flip.Of(state, rules, left ?? clock.Left()),
            [.. clock.Faults(), .. PlaceFaults.Of(roll, vocabulary)]
        )
        {
            IsOver = isOver,
        };
    }

    /// <summary>The match is over, by a tap or by the last penalty.</summary>
    public bool IsOver { get; private init; }

    /// <summary>How it stood after each exchange; a penalty counts from the one on in which it was given.</summary>
    public IReadOnlyList<ScoreState> Running(int exchanges) =>
        [.. Enumerable.Range(0, exchanges).Select(e => Sum(Lines.Where(l => l.Exchange <= e)))];

    private static ScoreState Sum(IEnumerable<LedgerLine> lines) =>
        lines.Aggregate(ScoreState.Level, (state, line) => state.With(line.By, ScoreTotal.Nothing.With(line)));
}
