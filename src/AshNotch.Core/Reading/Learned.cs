using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What is learned from what was put right: the same words are read the same way next time, as names of the user's own.</summary>
public static class Learned
{
    private const int MostWords = 5;

    /// <summary>
    /// The names to keep. Only what a name means is learned: whose it was and how it came out is another matter each time.
    /// </summary>
    /// <param name="telling">The telling with what was put right in it.</param>
    /// <param name="vocabulary">What there is to mean.</param>
    public static IReadOnlyList<OwnName> Of(Telling telling, MatVocabulary vocabulary)
    {
        var ties = Corrections.Ties(telling.AsRead, telling.Text);
        var learned = new List<OwnName>();
        foreach (var correction in telling.Corrections)
        foreach (var ((roll, span), tie) in ties)
        {
            if (tie != (correction.Words, correction.Occurrence) || correction.Words.Split(' ').Length > MostWords)
                continue;
            var read = telling.AsRead[roll].Read;
            if (
                read.Mentions.FirstOrDefault(m => m.Start == span.Start && m.End == span.End) is { } name
                && Meaning(correction.Notch, name, read, span) is { } id
                && new OwnName(correction.Words, id) is var own
                && !GrammarWords.Are(own.Name)
                && (own.IsNothing || own.Target(vocabulary) is not null)
            )
                learned.Add(own);
        }
        return learned;
    }

    private static string? Meaning(Notch? notch, Mention name, RollRead read, Span span)
    {
        // "Was that the calf slicer?" No.
        if (notch is null)
            return read.Questions.Any(q => q.About == Doubt.Name && read.Exchanges[q.Exchange].Exchange.Notches[q.Notch].Span == span)
                ? OwnName.Nothing
                : null;
        if (notch.Move is { } move)
            return move.Value == name.Id ? null : move.Value;
        var position = notch.To?.Value.Split('/')[0];
        return name.Kind == MentionKind.Place && name.Id.Split('/')[0] == position ? null : position;
    }
}
