using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>On which side a move was done, where the words near it say so.</summary>
internal static class Sides
{
    private static readonly HashSet<string> NoSideAfter = ["there", "away", "now", "before", "after", "back", "over", "in", "at", "from"];
    private static readonly HashSet<string> NoSideBefore =
    [
        "time",
        "seconds",
        "minutes",
        "minute",
        "energy",
        "nothing",
        "gas",
        "was",
        "all",
    ];

    /// <summary>The side named within a few words of a name, or null.</summary>
    public static BodySide? Of(Clause clause, Found found)
    {
        for (var i = Math.Max(clause.First, found.First - 3); i < Math.Min(clause.After, found.After + 4); i++)
        {
            if (i >= found.First && i < found.After)
                continue;
            BodySide? side = clause.Words[i].Text switch
            {
                "left" => BodySide.Left,
                "right" => BodySide.Right,
                "near" => BodySide.Near,
                "far" => BodySide.Far,
                _ => null,
            };
            if (side is null)
                continue;
            if (i + 1 < clause.Words.Count && i + 1 < clause.After && NoSideAfter.Contains(clause.Words[i + 1].Text))
                continue;
            if (i > 0 && NoSideBefore.Contains(clause.Words[i - 1].Text))
                continue;
            return side;
        }
        return null;
    }
}
