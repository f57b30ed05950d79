using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A question that a kept roll leaves open.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="Ask">The question.</param>
/// <param name="Hangs">What hangs on the answer.</param>
/// <param name="Answers">Ready answers, the likeliest first; one without a notch takes it out.</param>
/// <param name="MayWait">It can be waved off.</param>
public sealed record KeptQuestion(int Exchange, int Notch, string Ask, string Hangs, IReadOnlyList<AnswerView> Answers, bool MayWait = true)
{
    /// <summary>What a match leaves open of which its result hangs.</summary>
    public static IEnumerable<KeptQuestion> OfMatch(Roll roll, MatchRules rules, MatVocabulary vocabulary) =>
        HeldQuestions
            .Of(roll, rules, vocabulary)
            .Select(line =>
            {
                var notch = roll.Exchanges[line.Exchange].Notches[line.Notch!.Value];
                AnswerView Answer(string say, bool held) => new(say, LogWriter.Document(notch with { Held = held }));
                return new KeptQuestion(
                    line.Exchange,
                    line.Notch.Value,
                    $"{(line.By == Who.Me ? "Your" : "Their")} {Term.Say(line.For)}: was it held for three seconds?",
                    "who won",
                    [Answer("Held", true), Answer("Not held", false)],
                    MayWait: false
                );
            });

    /// <summary>The questions of a roll.</summary>
    public static IReadOnlyList<KeptQuestion> Of(Roll roll, MatVocabulary vocabulary) =>
        [
            .. OpenQuestions
                .Of(roll, vocabulary)
                .Select(q => new KeptQuestion(
                    q.Exchange,
                    q.Notch,
                    q.Ask,
                    q.Hangs,
                    [.. q.Answers.Select(a => new AnswerView(a.Say, a.Notch is null ? null : LogWriter.Document(a.Notch)))]
                )),
        ];
}
