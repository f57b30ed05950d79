using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary><c>score FILE</c>: the ledgers of a log.</summary>
internal static class ScoreVerb
{
    public static int Run(string file, string? rules, string? roll, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ImportExport.ReportOwnTerms(read.OwnTerms, output);
        var rolls = read.Log.Rolls.Where(r => roll is null || r.Roll.Id == roll).ToList();
        if (roll is not null && rolls.Count == 0)
            throw new FaultyInputException([new Fault("--roll", $"'{roll}' is no roll of this log.")]);
        var (book, id) = Known(read.Diary, rules);
        if (id is not null && book.Match(id, null) is null)
        {
            output.Say($"--rules is one of {string.Join(", ", book.All.Select(r => r.Id))}, or a file of rules.");
            return 2;
        }
        return output.Json(
            new ScoreAnswer(
                id,
                [
                    .. rolls.Select(r =>
                        ScoreAnswer.RollScored.Of(r.Roll, Scored(r, Rules(r, id, book, output), read.Log, vocabulary, output))
                    ),
                ]
            ),
            AnswerJson.Default.ScoreAnswer
        );
    }

    // The user's own come with their log, or in a file of their own, of which the first is meant.
    private static (Rulebook Book, string? Id) Known(Diary diary, string? asked)
    {
        if (asked is null || new Rulebook(diary.Matches.Rulesets).Match(asked, null) is not null || !File.Exists(asked))
            return (new Rulebook(diary.Matches.Rulesets), asked);
        var own = RulesReading.ReadFile(File.ReadAllText(asked));
        return (new Rulebook(own), own[0].Id);
    }

    private static Ledger Scored(LoggedRoll logged, MatchRules rules, Log log, MatVocabulary vocabulary, Output output)
    {
        var ledger = Ledger.Of(logged.Roll, rules, vocabulary, Pairing.Of(logged, log.Practitioner));
        foreach (var fault in ledger.Faults)
            output.Say($"{logged.Roll.Id}, exchange {fault.Exchange}, notch {fault.Notch}: {fault.Say}");
        return ledger;
    }

    private static MatchRules Rules(LoggedRoll logged, string? asked, Rulebook book, Output output)
    {
        if (asked is not null)
            return book.Match(asked, logged.Session.Attire)!;
        if (logged.Roll.Rules is { } own && book.Match(own, logged.Session.Attire) is null)
            output.Say($"{logged.Roll.Id}: the rules '{own}' are not known here; scored by the federation's.");
        return book.Of(logged);
    }
}
