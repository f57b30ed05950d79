using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>The reward of an exit under an aim, positive for me.</summary>
public static class Reward
{
    /// <summary>What an exit is worth to me.</summary>
    /// <param name="goal">The aim, and the points of the places.</param>
    /// <param name="vocabulary">Where the places stand.</param>
    /// <param name="from">The place left, seen from me.</param>
    /// <param name="to">The place reached, seen from me; null on a tap.</param>
    /// <param name="by">Whose move it was.</param>
    public static double Of(Goal goal, MatVocabulary vocabulary, PlaceId from, PlaceId? to, Who by)
    {
        var (aim, rules) = goal;
        double sign = by == Who.Me ? 1 : -1;
        var tap = to is null;
        var points = sign * (tap ? rules.Tap : PlacePoints.Of(rules, vocabulary, from, to!.Value, by));
        var finish = tap ? sign : 0;
        return aim switch
        {
            Aim.Points => points,
            Aim.Finish => finish,
            Aim.Survive => tap && by == Who.Partner ? -1 : 0,
            _ => 0.5 * points + 0.5 * rules.Tap * finish,
        };
    }

    /// <summary>What each exit of a chain is worth to me, in the order of its exits.</summary>
    public static double[] Of(Goal goal, MatVocabulary vocabulary, ChainShape shape) =>
        [.. shape.Exits.Select(e => Of(goal, vocabulary, shape.Places[e.From], e.Key.To, e.Key.By))];

    /// <summary>The unit a value under this aim is told in, after a number.</summary>
    public static string Unit(Aim aim) =>
        aim switch
        {
            Aim.Finish or Aim.Survive => "taps a roll",
            _ => "points a roll",
        };
}
