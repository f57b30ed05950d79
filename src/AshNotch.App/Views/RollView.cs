using System.Globalization;
using AshNotch.Core.Costs;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Views;

/// <summary>One roll whole.</summary>
/// <param name="Session">The head of its session.</param>
/// <param name="Roll">The roll in the open form.</param>
/// <param name="Row">Its row, with the picture.</param>
/// <param name="Takeaways">What was taken away.</param>
/// <param name="Missed">Chances that were missed.</param>
/// <param name="SetOut">What was set out, held against what happened.</param>
/// <param name="Cautions">What to say of the submissions in it, each once.</param>
/// <param name="Version">Grows with every change; sent back with one, so that nobody overwrites what they have not seen.</param>
/// <param name="Forms">How many earlier forms of it there are.</param>
/// <param name="Questions">What it leaves open.</param>
/// <param name="OfSession">How many rolls its session has.</param>
/// <param name="Next">The roll after it in its session, or null.</param>
/// <param name="Running">How it stood in points after each exchange, mine first; empty where nothing scored.</param>
public sealed record RollView(
    SessionDocument Session,
    RollDocument Roll,
    RollRow Row,
    IReadOnlyList<string> Takeaways,
    IReadOnlyList<string> Missed,
    IReadOnlyList<string> SetOut,
    IReadOnlyList<string> Cautions,
    int Version,
    int Forms,
    IReadOnlyList<KeptQuestion> Questions,
    int OfSession,
    NextRoll? Next,
    IReadOnlyList<string> Running
)
{
    /// <summary>The view of a roll.</summary>
    public static RollView Of(LoggedRoll logged, Log log, PlaceValues values, Phrasebook book, Rulebook rules, RollStanding standing) =>
        new(
            LogWriter.Head(logged.Session),
            LogWriter.Document(logged.Roll),
            RollRow.Of(logged, log, values),
            [.. logged.Roll.Takeaways.Select(t => t.Text)],
            [.. logged.Roll.Missed.Select(m => m.Text)],
            Core.Lessons.SetOut.Held(logged.Roll, book),
            Core.Rolls.Cautions.Of(logged.Roll, values.Vocabulary),
            standing.Version,
            standing.Forms,
            [.. KeptQuestion.Of(logged.Roll, values.Vocabulary), .. KeptQuestion.OfMatch(logged.Roll, rules.Of(logged), values.Vocabulary)],
            logged.Session.Rolls.Count,
            logged.Session.Rolls.ElementAtOrDefault(logged.Order + 1) is { } next
                ? new NextRoll(next.Id, log.Partner(next.Partner)?.Name ?? "Someone")
                : null,
            Scores(logged, rules.Of(logged), values.Vocabulary)
        );

    private static IReadOnlyList<string> Scores(LoggedRoll logged, MatchRules rules, MatVocabulary vocabulary)
    {
        var ledger = Ledger.Of(logged.Roll, rules, vocabulary);
        return ledger.Lines.All(l => l.Points == 0)
            ? []
            :
            [
                .. ledger
                    .Running(logged.Roll.Exchanges.Count)
                    .Select(s => string.Create(CultureInfo.InvariantCulture, $"{s.Me.Points}-{s.Partner.Points}")),
            ];
    }
}
