using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Headed;

/// <summary>A line to remember with what it names of the trade.</summary>
/// <param name="Line">The line.</param>
/// <param name="Move">The first move it names; null when it names none.</param>
/// <param name="Position">The first position it names; null when it names none.</param>
internal sealed record Remembered(HeadedLine Line, MoveId? Move, Position? Position)
{
    /// <summary>Takes a line in.</summary>
    public static Remembered Of(HeadedLine line, Phrasebook book)
    {
        var found = book.Find(Word.Split(line.Text));
        return new Remembered(
            line,
            found.Select(f => f.Move?.Id).FirstOrDefault(m => m is not null),
            found.Select(f => f.Position).FirstOrDefault(p => p is not null)
        );
    }

    /// <summary>The place it names as the one who works from it sees it; null when it names none.</summary>
    public PlaceId? From => Position?.As(Position.Holder)?.Id;
}
