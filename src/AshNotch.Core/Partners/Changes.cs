using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>What changed between two people in the last four weeks, in sentences with their counts.</summary>
internal static class Changes
{
    private const int Days = 28;
    private const double Called = 0.9;

    // What was seen once is no news, and news is only what many rolls before had not.
    private const int Twice = 2;
    private const int Enough = 4;

    /// <summary>The sentences; empty without a roll in those weeks or before them.</summary>
    /// <param name="own">The tries of each way between the two.</param>
    /// <param name="rolls">Their rolls.</param>
    /// <param name="newest">The newest day of the log.</param>
    /// <param name="name">The partner's name.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static IReadOnlyList<string> Of(
        IEnumerable<KeyValuePair<Way, List<TryWith>>> own,
        IReadOnlyList<LoggedRoll> rolls,
        DateOnly newest,
        string name,
        MatVocabulary vocabulary
    )
    {
        var from = newest.AddDays(-Days);
        bool IsLate(LoggedRoll roll) => roll.Session.Date > from;
        var (late, before) = (rolls.Count(IsLate), rolls.Count(r => r.Session.Date <= from));
        if (late == 0 || before == 0)
            return [];
        var said = new List<(double Sure, string Say)>();
        foreach (var (way, tries) in own)
        {
            var came = tries.Where(t => t.CameOff).ToList();
            var lately = came.Count(t => IsLate(t.One.Logged));
            var then = came.Count(t => t.One.Logged.Session.Date <= from);
            var what = WayWords.Of(way, [], vocabulary);
            if (lately >= Twice && before >= Enough && tries.All(t => IsLate(t.One.Logged)))
            {
                said.Add((lately / 10.0, $"New in the last four weeks: {char.ToLowerInvariant(what[0])}{what[1..]}, {Times(lately)}."));
                continue;
            }
            if (lately + then <= Twice)
                continue;
            var more = new Weeks.Ratio(then, before).ChanceBelow(new Weeks.Ratio(lately, late));
            if (Math.Max(more, 1 - more) < Called)
                continue;
            said.Add(
                (
                    Math.Max(more, 1 - more),
                    string.Create(
                        CultureInfo.InvariantCulture,
                        $"{what}: {Times(lately)} in the last {late} {(late == 1 ? "roll" : "rolls")}, {Times(then)} in the {before} before."
                    )
                )
            );
        }
        return [.. said.OrderByDescending(s => s.Sure).ThenBy(s => s.Say, StringComparer.Ordinal).Take(4).Select(s => s.Say)];
    }
}
