using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A correction of a reading.</summary>
/// <param name="Words">The words the notch was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Notch">What it should be; null takes it out.</param>
public sealed record CorrectionView(string? Words, int Occurrence, NotchDocument? Notch);

/// <summary>Which partner a name in the telling means.</summary>
/// <param name="Name">The name as written.</param>
/// <param name="Partner">The partner's id; empty for somebody of whom no record is kept.</param>
public sealed record NamedPartner(string? Name, string? Partner);

/// <summary>A telling to read.</summary>
/// <param name="Text">The text.</param>
/// <param name="Partner">The partner's id, so that their name is known in the text.</param>
/// <param name="Corrections">What was put right so far.</param>
/// <param name="Partners">Which partners the names in it mean, where that was said.</param>
public sealed record ToRead(
    string? Text,
    string? Partner,
    IReadOnlyList<CorrectionView>? Corrections,
    IReadOnlyList<NamedPartner>? Partners = null
);

/// <summary>A notch that was read, with what ties a correction to it.</summary>
/// <param name="Notch">The notch.</param>
/// <param name="Say">It in words.</param>
/// <param name="Words">The words it was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Corrected">Whether a correction made it what it is.</param>
public sealed record NotchRead(NotchDocument Notch, string Say, string Words, int Occurrence, bool Corrected);

/// <summary>An exchange that was read.</summary>
/// <param name="Start">The place it starts in, in words.</param>
/// <param name="End">Why it ended.</param>
/// <param name="Notches">Its notches.</param>
public sealed record ExchangeRead(string? Start, ExchangeEnd? End, IReadOnlyList<NotchRead> Notches);

/// <summary>A ready answer to a question.</summary>
/// <param name="Say">The answer.</param>
/// <param name="Notch">The notch as it is then; null takes it out.</param>
public sealed record AnswerView(string Say, NotchDocument? Notch);

/// <summary>A question about a doubtful notch.</summary>
/// <param name="Ask">The question.</param>
/// <param name="Words">The words the notch was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Answers">Ready answers, the reader's guess first.</param>
public sealed record QuestionView(string Ask, string Words, int Occurrence, IReadOnlyList<AnswerView> Answers);

/// <summary>Whom a roll was with, as told or else as chosen.</summary>
/// <param name="Name">The name as written, or null.</param>
/// <param name="Partner">The partner's id, or null when there is none yet.</param>
/// <param name="New">A partner of that name will be added.</param>
/// <param name="Say">In words.</param>
public sealed record ToldPartnerView(string? Name, string? Partner, bool New, string Say);

/// <summary>One roll of a telling.</summary>
/// <param name="With">Whom it was with, if told or chosen.</param>
/// <param name="Exchanges">Its exchanges.</param>
/// <param name="Takeaways">What is taken away.</param>
/// <param name="Stick">The stick as it would be cut.</param>
public sealed record RollRead(ToldPartnerView? With, IReadOnlyList<ExchangeRead> Exchanges, IReadOnlyList<string> Takeaways, Stick Stick);

/// <summary>A reading: what was found, what was understood, what was not. Offsets count in the whole telling.</summary>
/// <param name="Mentions">Names found.</param>
/// <param name="Unread">Words not understood.</param>
/// <param name="Rolls">The rolls, at least one.</param>
/// <param name="Questions">What is doubtful and not yet put right.</param>
/// <param name="Now">The place the last roll stands in after all that was told; null when the next exchange has yet to begin.</param>
public sealed record ReadingView(
    IReadOnlyList<Mention> Mentions,
    IReadOnlyList<Unread> Unread,
    IReadOnlyList<RollRead> Rolls,
    IReadOnlyList<QuestionView> Questions,
    string? Now
)
{
    /// <summary>The view of a reading.</summary>
    public static ReadingView Of(Told told)
    {
        var ties = Core.Reading.Corrections.Ties(told.Read, told.Text);
        var rolls = told.Corrected;
        var whole = Retelling.Join(told.Read);
        return new ReadingView(
            whole.Mentions,
            whole.Unread,
            [
                .. rolls.Select(
                    (roll, r) =>
                    {
                        var exchanges = roll.Read.Exchanges.Select(e => e.Exchange).ToList();
                        return new RollRead(
                            With(told, r),
                            [
                                .. exchanges.Select(e => new ExchangeRead(
                                    e.Start is null ? null : MatVocabulary.BuiltIn.SayPlace(e.Start),
                                    e.End,
                                    [
                                        .. e.Notches.Select(n =>
                                        {
                                            var (words, occurrence) = n.Span is { } span ? ties[(r, span)] : ("", 0);
                                            return new NotchRead(
                                                LogWriter.Document(n),
                                                NotchWords.Of(n, MatVocabulary.BuiltIn),
                                                words,
                                                occurrence,
                                                told.Corrections.Any(c => c.Words == words && c.Occurrence == occurrence)
                                            );
                                        }),
                                    ]
                                )),
                            ],
                            [.. roll.Read.Takeaways.Select(t => t.Text)],
                            Stick.Of(exchanges, MatVocabulary.BuiltIn)
                        );
                    }
                ),
            ],
            [.. Open(told, ties)],
            LikelyNext.Now([.. rolls[^1].Read.Exchanges.Select(e => e.Exchange)])
        );
    }

    private static ToldPartnerView? With(Told told, int roll)
    {
        if (told.WithOf(roll) is not { } with)
            return roll == 0 && told.Chosen is { } chosen ? new ToldPartnerView(null, chosen.Id, false, chosen.Name) : null;
        var partner = told.PartnerOf(with);
        var about = string.Join(
            ", ",
            new[]
            {
                partner?.Name ?? with.Name ?? "someone",
                with.Belt is { } belt ? $"{Term.Of(belt)} belt" : "",
                with.Size is { } size ? $"{Term.Of(size).Replace('-', ' ')}{(size is RelativeSize.Similar ? " size" : " than you")}" : "",
            }.Where(w => w.Length > 0)
        );
        return new ToldPartnerView(with.Name, partner?.Id, partner is null && told.IsNew(with), about);
    }

    // A question is asked until its notch was put right.
    private static IEnumerable<QuestionView> Open(Told told, IReadOnlyDictionary<(int, Span), (string Words, int Occurrence)> ties)
    {
        for (var r = 0; r < told.Read.Count; r++)
        {
            foreach (var question in told.Read[r].Read.Questions)
            {
                if (told.Read[r].Read.Exchanges[question.Exchange].Exchange.Notches[question.Notch].Span is not { } span)
                    continue;
                var (words, occurrence) = ties[(r, span)];
                if (told.Corrections.Any(c => c.Words == words && c.Occurrence == occurrence))
                    continue;
                yield return new QuestionView(
                    question.Ask,
                    words,
                    occurrence,
                    [.. question.Answers.Select(a => new AnswerView(a.Say, a.Notch is null ? null : LogWriter.Document(a.Notch)))]
                );
            }
        }
    }
}

/// <summary>Captions to read.</summary>
/// <param name="Text">A WebVTT or SubRip file.</param>
public sealed record CaptionsToRead(string? Text);

/// <summary>Captions as a telling.</summary>
/// <param name="Text">The telling, with its times in it as <c>[2:31]</c>.</param>
/// <param name="Faults">Times that could not be read, with their lines.</param>
public sealed record CaptionedText(string Text, IReadOnlyList<string> Faults);
