using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>A good place for me: how often I get there, and what I make of it there, apart.</summary>
/// <param name="Place">The place.</param>
/// <param name="PerRoll">Expected times a roll that I get there from elsewhere.</param>
/// <param name="Reached">How often it was logged.</param>
/// <param name="Mine">How much of what came off from there was mine, in the log.</param>
/// <param name="All">How much came off from there.</param>
/// <param name="ReachGain">Value per roll if the odds of all my ways there doubled.</param>
/// <param name="ConvertGain">Value per roll if the odds of all that I do from there doubled.</param>
/// <param name="Say">It in words.</param>
public sealed record Reach(PlaceId Place, double PerRoll, int Reached, int Mine, int All, double ReachGain, double ConvertGain, string Say)
{
    private const int Shown = 6;
    private const int Enough = 5;

    /// <summary>The good places of which the log says enough, those with the most to gain first.</summary>
    public static IReadOnlyList<Reach> Of(Experience experience, Goal goal, Against against)
    {
        var (_, walk, model, vocabulary) = experience;
        var chain = model.Expected(against);
        var rewards = Reward.Of(goal, vocabulary, model.Shape);
        var value = ChainValue.Solve(chain, rewards);
        var (reached, mine, all) = Count(walk, model.Shape);
        var found = new List<Reach>();
        for (var place = 0; place < model.Shape.Places.Count; place++)
        {
            if (model.Seen[place] < Enough || vocabulary.Place(model.Shape.Places[place]) is not { Control: > 0 } known)
                continue;
            var into = Enumerable.Range(0, model.Shape.Exits.Length).Where(e => model.Shape.Exits[e].To == place).ToList();
            var from = model.Shape.ExitsOf(place).Where(e => model.Shape.Exits[e].Key.By == Who.Me).ToArray();
            var ways = into.Where(e => model.Shape.Exits[e].Key.By == Who.Me).GroupBy(e => model.Shape.Exits[e].From);
            var reach = new Reach(
                known.Id,
                into.Sum(e => value.Visits(model.Shape.Exits[e].From) * chain.Chances[e]),
                reached[place],
                mine[place],
                all[place],
                ChainValue.Solve(ways.Aggregate(chain, (c, way) => c.WithOdds(way.Key, [.. way], 2)), rewards).PerRoll - value.PerRoll,
                value.WhenOddsChange(place, from, 2).Gain,
                ""
            );
            found.Add(reach with { Say = Words(reach, known, goal.Aim) });
        }
        return [.. found.OrderByDescending(r => Math.Max(r.ReachGain, r.ConvertGain)).Take(Shown)];
    }

    private static (int[] Reached, int[] Mine, int[] All) Count(Walk walk, ChainShape shape)
    {
        var (reached, mine, all) = (new int[shape.Places.Count], new int[shape.Places.Count], new int[shape.Places.Count]);
        var from = walk.Kinds.Select(k => shape.IndexOf(k.Way.From)).ToArray();
        var to = walk.Kinds.Select(k => k.To is { } place ? shape.IndexOf(place) : -1).ToArray();
        foreach (var step in walk.Steps)
        {
            if (to[step.Kind.Number] is var led and >= 0)
                reached[led]++;
            if (step.Result == StepResult.Stays)
                continue;
            all[from[step.Kind.Number]]++;
            mine[from[step.Kind.Number]] += step.By == Who.Me ? 1 : 0;
        }
        return (reached, mine, all);
    }

    private static string Words(Reach reach, Place place, Aim aim)
    {
        var (low, high) = Wilson.Of(reach.Mine, reach.All);
        var unit = Reward.Unit(aim);
        var got = string.Create(
            CultureInfo.InvariantCulture,
            $"You get to {place.Say} {Saying.About(reach.PerRoll)} times a roll ({reach.Reached} logged)."
        );
        var made =
            reach.All == 0
                ? "Nothing that came off from there is logged yet."
                : string.Create(
                    CultureInfo.InvariantCulture,
                    $"Of {Saying.Counted(reach.All, "exchange")} that came off from there {reach.Mine} {(reach.Mine == 1 ? "was" : "were")} yours: likely {100 * low:0} to {100 * high:0} in 100."
                );
        var worth =
            $"Getting there twice as easily would be worth {Saying.About(Math.Max(0, reach.ReachGain))} {unit}, "
            + $"making twice as much of it {Saying.About(Math.Max(0, reach.ConvertGain))}.";
        return $"{got} {made} {worth}";
    }
}
