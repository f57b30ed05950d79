using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>On which side an exchange goes worse for me, where the record shows that the sides differ.</summary>
public static class WorseSide
{
    private const int Handful = 5;
    private const double Called = 0.1;

    /// <summary>
    /// The worse side of a named move, or null: by Fisher's exact test between left and right, with a handful of tries on each and one chance
    /// in ten of being wrong.
    /// </summary>
    public static BodySide? Of(Way way, Experience experience)
    {
        if (way.Move is null)
            return null;
        var tries = Try.From(way.From, experience).Where(t => t.Notch.By == way.By && t.Notch.Move == way.Move).ToList();
        var (left, right) = (Side(tries, BodySide.Left), Side(tries, BodySide.Right));
        if (left.Of < Handful || right.Of < Handful)
            return null;
        if (Fisher.OneSided(left.Came, left.Of, right.Came, right.Of) <= Called)
            return way.By == Who.Me ? BodySide.Right : BodySide.Left;
        if (Fisher.OneSided(right.Came, right.Of, left.Came, left.Of) <= Called)
            return way.By == Who.Me ? BodySide.Left : BodySide.Right;
        return null;
    }

    private static (int Came, int Of) Side(List<Try> tries, BodySide side)
    {
        var on = tries.Where(t => t.Notch.Side == side).ToList();
        return (on.Count(t => t.CameOff), on.Count);
    }
}
