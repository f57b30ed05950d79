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
        return output.Json(
            new ScoreAnswer(
                rules,
                [.. rolls.Select(r => ScoreAnswer.RollScored.Of(r.Roll, Scored(r, Rules(r, rules, output), vocabulary, output)))]
            ),
            AnswerJson.Default.ScoreAnswer
        );
    }

    private static Ledger Scored(LoggedRoll logged, MatchRules rules, MatVocabulary vocabulary, Output output)
    {
        var ledger = Ledger.Of(logged.Roll, rules, vocabulary);
        foreach (var fault in ledger.Faults)
            output.Say($"{logged.Roll.Id}, exchange {fault.Exchange}, notch {fault.Notch}: {fault.Say}");
        return ledger;
    }

    private static MatchRules Rules(LoggedRoll logged, string? asked, Output output)
    {
        if (asked is not null)
            return Rulesets.Match(asked, logged.Session.Attire)!;
        if (logged.Roll.Rules is { } own && Rulesets.Match(own, logged.Session.Attire) is null)
            output.Say($"{logged.Roll.Id}: the rules '{own}' are not known here; scored by the federation's.");
        return Rulesets.Of(logged);
    }
}
