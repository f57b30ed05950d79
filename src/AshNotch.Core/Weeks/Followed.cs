using AshNotch.Core.Costs;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Weeks;

/// <summary>What is worth following over the weeks.</summary>
public static class Followed
{
    private const int Spots = 10;
    private const int Places = 6;

    /// <summary>Their share of all that lands, the first weak spots, and both sides of the places met most.</summary>
    public static IReadOnlyList<Subject> Of(Experience experience, WeakSpots ranking)
    {
        var model = experience.Model;
        var met = Enumerable
            .Range(0, model.Shape.Places.Count)
            .Where(p => model.Seen[p] > 0)
            .OrderByDescending(p => model.Seen[p])
            .Take(Places)
            .Select(p => model.Shape.Places[p]);
        return
        [
            new Subject(Who.Partner),
            .. ranking.Spots.Where(s => s.Way.Move is not null).Take(Spots).Select(s => new Subject(s.Way.By, s.Way.From, s.Way.Move)),
            .. met.SelectMany(p => (Subject[])[new Subject(Who.Partner, p), new Subject(Who.Me, p)]),
        ];
    }
}
