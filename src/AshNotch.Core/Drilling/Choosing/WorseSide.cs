using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>On which side an exchange goes worse for me, where the record shows that the sides differ.</summary>
public static class WorseSide
{
    /// <summary>
    /// The worse side of a named move, or null: by Fisher's exact test between left and right, with a handful of tries on each and one chance
    /// in ten of being wrong.
    /// </summary>
    public static BodySide? Of(Way way, Experience experience)
    {
        if (way.Move is null)
            return null;
        var tries = Try.From(way.From, experience).Where(t => t.Notch.By == way.By && t.Notch.Move == way.Move).ToList();
        var sides = Contrast.Between(tries, t => t.Notch.Side == BodySide.Left, t => t.Notch.Side == BodySide.Right);
        BodySide? more =
            sides.FirstMore ? BodySide.Left
            : sides.OtherMore ? BodySide.Right
            : null;
        // Where mine comes off more, the other side is to be worked on; where theirs does, that one.
        return more is null || way.By == Who.Partner ? more
            : more == BodySide.Left ? BodySide.Right
            : BodySide.Left;
    }
}
