using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What a roll that is kept still leaves open: one question for each notch that is unsure, until it is answered or waved off.</summary>
public static class OpenQuestions
{
    /// <summary>The questions, in the order of the roll.</summary>
    /// <param name="roll">The roll.</param>
    /// <param name="vocabulary">What things are called.</param>
    public static IReadOnlyList<Question> Of(Roll roll, MatVocabulary vocabulary) =>
        [
            .. roll.Exchanges.SelectMany(
                (exchange, e) =>
                    exchange
                        .Notches.Select((notch, n) => (notch, n))
                        .Where(x => x.notch.Unsure)
                        .Select(x => Ask(e, x.n, x.notch, vocabulary))
            ),
        ];

    /// <summary>How many there are.</summary>
    public static int Count(Roll roll) => roll.Exchanges.Sum(e => e.Notches.Count(n => n.Unsure));

    private static Question Ask(int exchange, int index, Notch notch, MatVocabulary vocabulary)
    {
        var sure = notch with { Unsure = false };
        var name =
            notch.Move is { } move ? vocabulary.MoveName(move)
            : notch.To is { } to ? vocabulary.SayPlace(to)
            : "tap";
        var isTap = notch.Outcome == Outcome.Tap;
        var isSubmission = isTap || vocabulary.Move(notch.Move) is { IsSubmission: true };
        var mine = By(sure, Who.Me);
        var theirs = By(sure, Who.Partner);
        if (isTap)
            return new Question(
                exchange,
                index,
                Doubt.Who,
                notch.Move is null ? "Who tapped?" : $"Who finished the {name}?",
                [
                    .. new[]
                    {
                        new Answer(notch.Move is null ? "They tapped" : "I did", mine),
                        new Answer(notch.Move is null ? "I tapped" : "They did", theirs),
                    }.OrderByDescending(a => a.Notch == sure),
                    notch.Move is null
                        ? new Answer("Nobody", null)
                        : new Answer("Nobody, it was stopped", sure with { Outcome = Outcome.Stopped }),
                ]
            );
        return new Question(
            exchange,
            index,
            Doubt.Outcome,
            isSubmission ? $"Did the {name} end in a tap?" : $"Did the {name} come off?",
            [
                .. new[]
                {
                    isSubmission
                        ? new Answer("Tap", sure with { Outcome = Outcome.Tap, To = null })
                        : new Answer("It did", sure with { Outcome = Outcome.Landed }),
                    new Answer("Stopped", sure with { Outcome = Outcome.Stopped, To = null }),
                    new Answer("Nearly", sure with { Outcome = Outcome.Near, To = null }),
                }.OrderByDescending(a => a.Notch!.Outcome == sure.Outcome),
            ]
        );
    }

    private static Notch By(Notch notch, Who who) =>
        notch.By == who ? notch : notch with { By = who, From = notch.From?.Mirror, To = notch.To?.Mirror };
}
