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

/// <summary>A telling to read.</summary>
/// <param name="Text">The text.</param>
/// <param name="Partner">The partner's id, so that their name is known in the text.</param>
/// <param name="Corrections">What was put right so far.</param>
public sealed record ToRead(string? Text, string? Partner, IReadOnlyList<CorrectionView>? Corrections);

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

/// <summary>A reading: what was found, what was understood, what was not.</summary>
/// <param name="Mentions">Names found.</param>
/// <param name="Exchanges">Exchanges.</param>
/// <param name="Unread">Words not understood.</param>
/// <param name="Takeaways">What is taken away.</param>
/// <param name="Stick">The stick as it would be cut.</param>
/// <param name="Questions">What is doubtful and not yet put right.</param>
/// <param name="Now">The place the roll stands in after all that was told; null when the next exchange has yet to begin.</param>
public sealed record ReadingView(IReadOnlyList<Mention> Mentions, IReadOnlyList<ExchangeRead> Exchanges, IReadOnlyList<Unread> Unread, IReadOnlyList<string> Takeaways, Stick Stick, IReadOnlyList<QuestionView> Questions, string? Now)
{
    /// <summary>The view of a reading.</summary>
    public static ReadingView Of(string text, Retelling read, IReadOnlyList<Correction> corrections)
    {
        var corrected = Core.Reading.Corrections.Apply(read, text, corrections);
        var exchanges = corrected.Exchanges.Select(e => e.Exchange).ToList();
        // Occurrences are counted over the reading before corrections, so that one taken out does not shift the others.
        var times = new Dictionary<string, int>();
        var ties = new Dictionary<Span, (string Words, int Occurrence)>();
        foreach (var span in read.Exchanges.SelectMany(e => e.Exchange.Notches).Select(n => n.Span).OfType<Span>())
        {
            var words = text[span.Start..span.End];
            times[words] = times.GetValueOrDefault(words) + 1;
            ties[span] = (words, times[words] - 1);
        }
        return new ReadingView(
            corrected.Mentions,
            [
                .. exchanges.Select(e => new ExchangeRead(e.Start is null ? null : MatVocabulary.BuiltIn.SayPlace(e.Start), e.End, [.. e.Notches.Select(n =>
                {
                    var (words, occurrence) = n.Span is { } span ? ties[span] : ("", 0);
                    return new NotchRead(LogWriter.Document(n), NotchWords.Of(n, MatVocabulary.BuiltIn), words, occurrence, corrections.Any(c => c.Words == words && c.Occurrence == occurrence));
                })])),
            ],
            corrected.Unread, [.. corrected.Takeaways.Select(t => t.Text)], Stick.Of(exchanges, MatVocabulary.BuiltIn), [.. Open(read, ties, corrections)], LikelyNext.Now(exchanges));
    }

    // A question is asked until its notch was put right.
    private static IEnumerable<QuestionView> Open(Retelling read, Dictionary<Span, (string Words, int Occurrence)> ties, IReadOnlyList<Correction> corrections)
    {
        foreach (var question in read.Questions)
        {
            if (read.Exchanges[question.Exchange].Exchange.Notches[question.Notch].Span is not { } span) continue;
            var (words, occurrence) = ties[span];
            if (corrections.Any(c => c.Words == words && c.Occurrence == occurrence)) continue;
            yield return new QuestionView(question.Ask, words, occurrence, [.. question.Answers.Select(a => new AnswerView(a.Say, a.Notch is null ? null : LogWriter.Document(a.Notch)))]);
        }
    }
}
