using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A roll as a referee would have scored it.</summary>
/// <param name="Rules">Id of the rules.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Source">Where their values come from.</param>
/// <param name="Say">How it stands, a sentence.</param>
/// <param name="IfNotHeld">What hangs on what nothing says of, a sentence; null where nothing does.</param>
/// <param name="Lines">What scored, and what did not.</param>
/// <param name="Flips">What would change who is ahead.</param>
/// <param name="Faults">Times that do not go together, each a sentence.</param>
/// <param name="Others">The rules it can be scored by.</param>
public sealed record LedgerView(
    string Rules,
    string Name,
    string Source,
    string Say,
    string? IfNotHeld,
    IReadOnlyList<LedgerView.Line> Lines,
    IReadOnlyList<string> Flips,
    IReadOnlyList<string> Faults,
    IReadOnlyList<LedgerView.Choice> Others
)
{
    /// <summary>The view of a ledger.</summary>
    public static LedgerView Of(LoggedRoll logged, MatchRules rules, MatVocabulary vocabulary)
    {
        var ledger = Ledger.Of(logged.Roll, rules, vocabulary);
        return new LedgerView(
            rules.Id,
            rules.Name,
            rules.Source,
            LedgerWords.Standing(ledger),
            LedgerWords.IfNotHeld(ledger),
            [
                .. ledger.Lines.Select(l => new Line(
                    l.Exchange,
                    l.Notch,
                    l.At?.ToString(),
                    l.By,
                    Term.Say(l.For),
                    LedgerWords.Gained(l),
                    l.Why
                )),
            ],
            [.. ledger.Flips.Select(f => f.Say)],
            [.. ledger.Faults.Select(f => f.Say)],
            [.. Rulesets.Matches.Select(r => new Choice(r.Id, r.Name))]
        );
    }

    /// <summary>A line of a ledger.</summary>
    public sealed record Line(int Exchange, int? Notch, string? At, Who By, string For, string Gained, string Why);

    /// <summary>Rules to choose.</summary>
    public sealed record Choice(string Id, string Name);
}
