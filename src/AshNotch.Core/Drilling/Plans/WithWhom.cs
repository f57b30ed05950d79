using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Plans;

/// <summary>With whom a focus is worked on: neither so hard that it never comes off, nor so easy that it always does.</summary>
/// <param name="experience">What the log taught.</param>
public sealed class WithWhom(Experience experience)
{
    // A 30 to 60 % chance; and who was not met for so many days is not counted on.
    private const double Hardest = 0.3;
    private const double Easiest = 0.6;
    private const int MetWithin = 60;
    private const int WatchedWithin = 365;
    private const int Most = 3;
    private readonly Dictionary<(Way, DayOfWeek, DateOnly), IReadOnlyList<Suited>> known = [];

    /// <summary>
    /// The partners who suit a focus, the easier first, among those usually met on that weekday; among all where nobody was met on it lately.
    /// </summary>
    public IReadOnlyList<Suited> On(DateOnly date, Way way, DateOnly start)
    {
        var key = (way, date.DayOfWeek, start);
        if (!known.TryGetValue(key, out var suited))
            known[key] = suited = Of(way, date.DayOfWeek, start);
        return suited;
    }

    private List<Suited> Of(Way way, DayOfWeek day, DateOnly start)
    {
        if (experience.Model.Shape.IndexOf(way.From) < 0)
            return [];
        var last = new Dictionary<string, int>();
        var there = new HashSet<string>();
        foreach (var (i, met, roll) in Since(start.AddDays(-MetWithin)))
        {
            if (roll.Partner is not { } partner)
                continue;
            last.TryAdd(partner, i);
            if (met.DayOfWeek == day)
                there.Add(partner);
        }
        return
        [
            .. last.Where(p => (there.Count == 0 || there.Contains(p.Key)) && experience.Log.Partner(p.Key) is not null)
                .Select(p => (Partner: p.Key, Roll: p.Value, Chance: experience.Model.ShareOfMine(way.From, p.Value)))
                .Where(p => p.Chance is >= Hardest and <= Easiest)
                .OrderByDescending(p => p.Chance)
                .ThenBy(p => p.Partner, StringComparer.Ordinal)
                .Take(Most)
                .Select(p => new Suited(
                    p.Partner,
                    experience.Log.Partner(p.Partner)!.Name,
                    p.Chance,
                    Say(way, p.Partner, p.Chance, start)
                )),
        ];
    }

    // The newest roll first; a log of years is not walked to its beginning.
    private IEnumerable<(int Index, DateOnly Day, Roll Roll)> Since(DateOnly first)
    {
        for (var i = experience.Walk.Rolls.Count - 1; i >= 0; i--)
        {
            var (session, roll, _) = experience.Walk.Rolls[i].Logged;
            if (session.Date is not { } day)
                continue;
            if (day < first)
                yield break;
            yield return (i, day, roll);
        }
    }

    private string Say(Way way, string partner, double chance, DateOnly start)
    {
        var watch = Since(start.AddDays(-WatchedWithin))
            .Where(r => r.Roll.Partner == partner)
            .SelectMany(r => r.Roll.Notches)
            .Where(n => n.By == Who.Partner && n.From == way.From && n.Move is not null && n.Outcome is Outcome.Landed or Outcome.Tap)
            .CountBy(n => n.Move!.Value)
            .OrderByDescending(c => c.Value)
            .ThenBy(c => c.Key.Value, StringComparer.Ordinal)
            .Select(c => $"; watch for the {experience.Vocabulary.MoveName(c.Key)}")
            .FirstOrDefault();
        return string.Create(
            CultureInfo.InvariantCulture,
            $"what comes off next there is yours about {Math.Round(10 * chance)} times in 10{watch}"
        );
    }
}
