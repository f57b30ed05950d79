using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A roll as a referee would have scored it.</summary>
/// <param name="Rules">Id of the rules.</param>
/// <param name="Name">What they are called.</param>
/// <param name="Source">Where their values come from.</param>
/// <param name="Match">It was a match.</param>
/// <param name="Say">How it stands, a sentence.</param>
/// <param name="Me">My points.</param>
/// <param name="Partner">Theirs.</param>
/// <param name="IfNotHeld">What hangs on what nothing says of, a sentence; null where nothing does.</param>
/// <param name="Lines">What scored, and what did not.</param>
/// <param name="Flips">What would change who is ahead.</param>
/// <param name="Lead">What protects the lead.</param>
/// <param name="Faults">Times that do not go together, each a sentence.</param>
/// <param name="Official">What the referee said; null where nobody told.</param>
/// <param name="Differs">In what the referee's score differs, each a sentence.</param>
/// <param name="Others">The rules it can be scored by.</param>
/// <param name="Events">What a line can be for.</param>
public sealed record LedgerView(
    string Rules,
    string Name,
    string Source,
    bool Match,
    string Say,
    int Me,
    int Partner,
    string? IfNotHeld,
    IReadOnlyList<LedgerView.Line> Lines,
    IReadOnlyList<string> Flips,
    IReadOnlyList<string> Lead,
    IReadOnlyList<string> Faults,
    OfficialDocument? Official,
    IReadOnlyList<string> Differs,
    IReadOnlyList<LedgerView.Choice> Others,
    IReadOnlyList<LedgerView.Choice> Events
)
{
    /// <summary>The view of a ledger.</summary>
    public static LedgerView Of(LoggedRoll logged, MatchRules rules, Rulebook book, LogCache cache)
    {
        var ledger = Ledger.Of(logged.Roll, rules, cache.Vocabulary, Pairing.Of(logged, cache.Log.Practitioner));
        return new LedgerView(
            rules.Id,
            rules.Name,
            rules.Source,
            logged.Roll.Kind == RollKind.Match,
            LedgerWords.Standing(ledger),
            ledger.State.Me.Points,
            ledger.State.Partner.Points,
            LedgerWords.IfNotHeld(ledger),
            [.. ledger.Lines.Select(Line.Of)],
            LedgerWords.Flips(ledger),
            LeadWords.Of(ledger, cache.Lead),
            [.. ledger.Faults.Select(f => f.Say)],
            MatchWriting.Document(logged.Roll.Official),
            Compared.Of(logged.Roll.Official, ledger),
            [.. book.All.Select(r => new Choice(r.Id, r.Name))],
            [.. rules.Scores.Select(s => new Choice(Term.Of(s.For), Term.Say(s.For)))]
        );
    }

    /// <summary>A line of a ledger.</summary>
    /// <param name="Exchange">Index of the exchange.</param>
    /// <param name="Notch">Index of the notch; null for a penalty.</param>
    /// <param name="At">When.</param>
    /// <param name="By">Whose.</param>
    /// <param name="Event">The term of what it is for.</param>
    /// <param name="For">The same in words.</param>
    /// <param name="Points">Points.</param>
    /// <param name="Advantages">Advantages.</param>
    /// <param name="Gained">What it brings, in words.</param>
    /// <param name="Why">Why.</param>
    /// <param name="Computed">What was computed where it was overruled; else null.</param>
    /// <param name="HeldUnsaid">Nothing says whether it was held.</param>
    public sealed record Line(
        int Exchange,
        int? Notch,
        string? At,
        Who By,
        ScoredFor Event,
        string For,
        int Points,
        int Advantages,
        string Gained,
        string Why,
        string? Computed,
        bool HeldUnsaid
    )
    {
        /// <summary>The view of a line.</summary>
        public static Line Of(LedgerLine line) =>
            new(
                line.Exchange,
                line.Notch,
                line.At?.ToString(),
                line.By,
                line.For,
                Term.Say(line.For),
                line.Points,
                line.Advantages,
                LedgerWords.Gained(line),
                line.Why,
                line.Computed is { } was
                    ? $"By what is written {LedgerWords.Gained(line with { Points = was.Points, Advantages = was.Advantages })}: {was.Why}"
                    : null,
                line.HeldUnsaid
            );
    }

    /// <summary>Something to choose.</summary>
    public sealed record Choice(string Id, string Name);
}
