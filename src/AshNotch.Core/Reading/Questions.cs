using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Turns what is doubtful into short questions with ready answers, one a notch, the weightiest doubt first.</summary>
/// <param name="vocabulary">What things are called.</param>
internal sealed class Questions(MatVocabulary vocabulary)
{
    /// <summary>The questions of a reading, in the order of the telling.</summary>
    public IReadOnlyList<Question> Of(IReadOnlyList<(ReadExchange Read, IReadOnlyList<Doubted> Drafts)> exchanges, string text)
    {
        var questions = new List<Question>();
        for (var e = 0; e < exchanges.Count; e++)
        {
            for (var n = 0; n < exchanges[e].Drafts.Count; n++)
            {
                var draft = exchanges[e].Drafts[n];
                if (draft.Doubts.Count == 0)
                    continue;
                var notch = draft.Notch with { Unsure = false };
                var about = draft.Doubts[0];
                var words = notch.Span is { } span ? text[span.Start..span.End] : "";
                questions.Add(
                    about switch
                    {
                        Doubt.Who or Doubt.Outcome when notch is { Move: null, Outcome: Rolls.Outcome.Tap } => Tap(
                            e,
                            n,
                            notch,
                            about,
                            words
                        ),
                        Doubt.Who => Who(e, n, notch),
                        Doubt.Role => Role(e, n, notch),
                        Doubt.Outcome => Outcome(e, n, notch),
                        _ => Name(e, n, notch, words),
                    }
                );
            }
        }
        return questions;
    }

    // A tap to nothing that was named.
    private static Question Tap(int exchange, int index, Notch notch, Doubt about, string words)
    {
        var other = notch with { By = notch.By.Other() };
        var (mine, theirs) = notch.By == Vocabulary.Who.Me ? (notch, other) : (other, notch);
        var nobody = new Answer("Nobody", null);
        return about == Doubt.Who
            ? new Question(exchange, index, about, "Who tapped?", [.. Guess(notch, ("They did", mine), ("I did", theirs)), nobody])
            : new Question(
                exchange,
                index,
                about,
                $"“{words}”: was that a tap in this roll?",
                [new Answer("Yes", notch), new Answer("No", null)]
            );
    }

    private string Named(Notch notch) =>
        notch.Move is { } move ? vocabulary.MoveName(move)
        : notch.To is { } to ? vocabulary.SayPlace(to)
        : "that";

    private Question Who(int exchange, int index, Notch notch)
    {
        var other = notch with { By = notch.By.Other(), From = Mirror(notch.From), To = Mirror(notch.To) };
        var (mine, theirs) = notch.By == Vocabulary.Who.Me ? (notch, other) : (other, notch);
        return new Question(exchange, index, Doubt.Who, $"Whose {Named(notch)} was it?", Guess(notch, ("Mine", mine), ("Theirs", theirs)));
    }

    private Question Role(int exchange, int index, Notch notch)
    {
        var place = vocabulary.Place(notch.To) ?? vocabulary.Place(notch.From);
        var flipped = notch.To is not null ? notch with { To = Mirror(notch.To) } : notch with { From = Mirror(notch.From) };
        if (notch.Move is null)
            flipped = flipped with { By = notch.By.Other() };
        var (up, down) = place is { IsTop: true } ? (notch, flipped) : (flipped, notch);
        return new Question(
            exchange,
            index,
            Doubt.Role,
            $"Who was on top in {place?.Position.Name ?? "there"}?",
            Guess(notch, ("I was", up), ("They were", down))
        );
    }

    private Question Outcome(int exchange, int index, Notch notch)
    {
        var submission = vocabulary.Move(notch.Move) is { IsSubmission: true };
        Notch With(Outcome outcome) => notch with { Outcome = outcome, To = outcome == Rolls.Outcome.Landed ? notch.To : null };
        return submission
            ? new Question(
                exchange,
                index,
                Doubt.Outcome,
                $"Did the {Named(notch)} end in a tap?",
                Guess(
                    notch,
                    ("Tap", With(Rolls.Outcome.Tap)),
                    ("Stopped", With(Rolls.Outcome.Stopped)),
                    ("Nearly", With(Rolls.Outcome.Near))
                )
            )
            : new Question(
                exchange,
                index,
                Doubt.Outcome,
                $"Did the {Named(notch)} come off?",
                Guess(
                    notch,
                    ("It did", With(Rolls.Outcome.Landed)),
                    ("Stopped", With(Rolls.Outcome.Stopped)),
                    ("Nearly", With(Rolls.Outcome.Near))
                )
            );
    }

    private Question Name(int exchange, int index, Notch notch, string words) =>
        new(
            exchange,
            index,
            Doubt.Name,
            $"“{words}”: was that the {Named(notch)}?",
            [new Answer("Yes", notch), new Answer("No, leave it out", null)]
        );

    private static IReadOnlyList<Answer> Guess(Notch guess, params (string Say, Notch Notch)[] answers) =>
        [.. answers.OrderByDescending(a => a.Notch == guess).Select(a => new Answer(a.Say, a.Notch))];

    private static PlaceId? Mirror(PlaceId? place) => place?.Mirror;
}
