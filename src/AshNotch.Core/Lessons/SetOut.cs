using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>What was set out for a roll, held against what happened in it: how often it was tried, what came off, what came instead.</summary>
public static class SetOut
{
    private const int MostInstead = 3;

    /// <summary>In sentences; empty where nothing was set out, or no more is known than that.</summary>
    /// <param name="roll">The roll.</param>
    /// <param name="book">The names of places and moves, by which the mission is understood.</param>
    public static IReadOnlyList<string> Held(Roll roll, Phrasebook book)
    {
        var notches = roll.Notches.ToList();
        if (notches.Count == 0)
            return [];
        var said = new List<string>();
        if (roll.Intent is { } intent)
            said.Add(Of(intent, notches));
        if (roll.Mission is { } mission)
            said.AddRange(Of(mission, notches, book));
        return said;
    }

    private static string Of(Intent intent, List<Notch> notches)
    {
        var mine = notches.Where(n => n.By == Who.Me).ToList();
        var theirs = notches.Where(n => n.By == Who.Partner).ToList();
        return intent switch
        {
            Intent.Try => $"Meant to try things: you tried {Counted.Things(mine.Select(n => n.Move).Distinct().Count(), "thing")}, "
                + $"{Counted.Times(mine.Count)} in all; {CameOff(mine)}.",
            Intent.LetWork => $"Meant to let work: they tried {Counted.Times(theirs.Count)}, {CameOff(theirs)}; {Given(theirs)}.",
            Intent.Survive => $"Meant to survive: they tried {Counted.Times(theirs.Count)}, {CameOff(theirs)}; "
                + $"{(Taps(theirs) is > 0 and var taps ? $"tapped {Counted.Times(taps)}" : "not tapped")}.",
            _ => $"Meant to win: you finished {Counted.Times(Taps(mine))}, they finished {Counted.Times(Taps(theirs))}.",
        };
    }

    private static IEnumerable<string> Of(Mission mission, List<Notch> notches, Phrasebook book)
    {
        var named = book.Find(Word.Split(mission.Text)).Select(f => f.Move?.Id).OfType<MoveId>().Distinct().ToList();
        foreach (var move in named)
        {
            var name = book.Vocabulary.MoveName(move);
            var tries = notches.Where(n => n.Move == move).ToList();
            if (tries.Count == 0)
                yield return $"The {name} did not come up.";
            foreach (var of in tries.GroupBy(n => n.By).OrderBy(g => g.Key))
                yield return of.Key == Who.Me
                    ? $"You tried the {name} {Counted.Times(of.Count())}; {CameOff([.. of])}."
                    : $"They tried the {name} {Counted.Times(of.Count())}; {CameOff([.. of])}.";
        }
        if (named.Count == 0)
            yield break;
        var instead = notches
            .Where(n => n.By == Who.Me && n.Move is { } move && !named.Contains(move))
            .GroupBy(n => n.Move!.Value)
            .OrderByDescending(g => g.Count())
            .Take(MostInstead)
            .Select(g => $"the {book.Vocabulary.MoveName(g.Key)}{(g.Count() > 1 ? $" {Counted.Times(g.Count())}" : "")}")
            .ToList();
        if (instead.Count > 0)
            yield return $"Beside it you tried {Listed(instead)}.";
    }

    private static string CameOff(List<Notch> tries) =>
        tries.Count == 0 ? "none came off"
        : tries.Count(n => n.Outcome is Outcome.Landed or Outcome.Tap) is > 0 and var landed ? $"{landed} of {tries.Count} came off"
        : "none came off";

    private static string Given(List<Notch> theirs) =>
        theirs.Count(n => n.Given == Who.Me) is > 0 and var let ? $"{let} you let happen" : "none is marked as let happen";

    private static int Taps(List<Notch> notches) => notches.Count(n => n.Outcome == Outcome.Tap);

    private static string Listed(List<string> of) => of.Count == 1 ? of[0] : $"{string.Join(", ", of[..^1])} and {of[^1]}";
}
