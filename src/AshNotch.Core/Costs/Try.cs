using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>One live try from a place, with where it stood.</summary>
/// <param name="Notch">The try.</param>
/// <param name="Order">The place of its roll among the live ones of its session, from 0.</param>
/// <param name="Intensity">How hard the roll was; null when not said.</param>
/// <param name="Then">The next notches of its exchange.</param>
public sealed record Try(Notch Notch, int Order, Intensity? Intensity, IReadOnlyList<Notch> Then)
{
    private const int Next = 2;

    /// <summary>Whether it came off.</summary>
    public bool CameOff => Notch.Outcome is Outcome.Landed or Outcome.Tap;

    /// <summary>The tries from a place, the oldest first; what was given, only threatened or of the surroundings is none.</summary>
    public static IEnumerable<Try> From(PlaceId from, Experience experience)
    {
        foreach (var logged in experience.Log.LiveRolls)
        {
            foreach (var exchange in logged.Roll.Exchanges)
            {
                for (var n = 0; n < exchange.Notches.Count; n++)
                {
                    var notch = exchange.Notches[n];
                    if (notch.From == from && notch.Given is null && notch.Outcome != Outcome.Threatened && !notch.IsOfSurroundings)
                        yield return new Try(notch, logged.Order, logged.Roll.Intensity, [.. exchange.Notches.Skip(n + 1).Take(Next)]);
                }
            }
        }
    }
}
