using AshNotch.Core.Reading.Course;
using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Reading.Names;

namespace AshNotch.Core.Reading;

/// <summary>
/// Reads the telling of one roll as exchanges and notches: words, names, clauses, what each clause claims, and the most plausible course of
/// the roll. Deterministic; every notch carries the words it came from.
/// </summary>
public static class RollReader
{
    /// <summary>Reads a text.</summary>
    /// <param name="text">The telling of one roll.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partnerName">The partner's nickname, so that it is known when the text uses it.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static RollRead Read(string text, Phrasebook book, string? partnerName = null, CancellationToken stop = default)
    {
        var headed = HeadedLines.Of(SaidAt.Of(text).Text);
        return Read(text, headed, book, partnerName, stop);
    }

    /// <summary>Reads a text whose headed lines are known.</summary>
    internal static RollRead Read(string text, HeadedLines headed, Phrasebook book, string? partnerName, CancellationToken stop)
    {
        var said = SaidAt.Of(text).Said;
        var remembered = headed.Lines.Select(l => Remembered.Of(l, book)).ToList();
        if (Heard.In(headed.Plain, book, partnerName, stop) is not { } heard)
            return ToldLessons.In(new RollRead([], [], [], [], []), remembered);
        var courses = new Decoder(book.Vocabulary).Best(heard.Claims, stop);
        var read = new Written(courses, heard.Words, heard.Text, book.Vocabulary).Read(heard.Names, heard.Around) with
        {
            Facts = heard.Facts,
        };
        return said.Give(WhereItBegan.Asked(ToldLessons.In(read, remembered), book.Vocabulary));
    }
}
