using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>On which side a move was done, where the words near it say so.</summary>
internal static class SideSaid
{
    /// <summary>The side named within a few words of a name, or null.</summary>
    public static BodySide? Of(Clause clause, Found found, IReadOnlyList<Word> words)
    {
        for (var i = Math.Max(clause.First, found.First - 3); i < Math.Min(clause.After, found.After + 5); i++)
        {
            if (i >= found.First && i < found.After)
                continue;
            BodySide? side = words[i].Text switch
            {
                "left" => BodySide.Left,
                "right" => BodySide.Right,
                "near" => BodySide.Near,
                "far" => BodySide.Far,
                _ => null,
            };
            if (side is null)
                continue;
            if (i + 1 < clause.After && Grammar.Is("no-side-after", words[i + 1].Text))
                continue;
            if (i > 0 && Grammar.Is("no-side-before", words[i - 1].Text))
                continue;
            return side;
        }
        return null;
    }
}
