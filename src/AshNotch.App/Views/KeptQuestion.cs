using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A question that a kept roll leaves open.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="Ask">The question.</param>
/// <param name="Hangs">What hangs on the answer.</param>
/// <param name="Answers">Ready answers, the likeliest first; one without a notch takes it out.</param>
public sealed record KeptQuestion(int Exchange, int Notch, string Ask, string Hangs, IReadOnlyList<AnswerView> Answers)
{
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
