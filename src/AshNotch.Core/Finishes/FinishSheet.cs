using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Finishes;

/// <summary>
/// Who made whom tap, plainly counted: by submission, by place, by partner and by week. Nothing is weighed here, and nothing is left out:
/// what nobody named has a row of its own. Each of the four adds up to the same taps.
/// </summary>
/// <param name="Mine">How often I made a partner tap.</param>
/// <param name="Theirs">How often a partner made me tap.</param>
/// <param name="Rolls">Over so many rolls.</param>
/// <param name="RollsTapped">In so many of them I was made to tap.</param>
/// <param name="Say">The whole in a sentence or two.</param>
/// <param name="Submissions">By what it was done with, most taps first.</param>
/// <param name="Places">By where it came from, seen from me, most taps first.</param>
/// <param name="Partners">By whom, most taps first; who was rolled with without a tap stands last.</param>
/// <param name="Weeks">By week, from Monday to Sunday (ISO 8601), newest first; weeks without a roll are left out.</param>
public sealed record FinishSheet(
    int Mine,
    int Theirs,
    int Rolls,
    int RollsTapped,
    string Say,
    IReadOnlyList<FinishCount> Submissions,
    IReadOnlyList<FinishCount> Places,
    IReadOnlyList<FinishCount> Partners,
    IReadOnlyList<FinishCount> Weeks
)
{
    private const string NotTold = "";

    /// <summary>The sheet of a log, or of a part of one.</summary>
    public static FinishSheet Of(Log log, MatVocabulary vocabulary)
    {
        var finishes = Finish.Of(log, vocabulary).ToList();
        var rolls = log.LiveRolls.ToList();
        var mine = finishes.Count(f => f.By == Who.Me);
        var tapped = finishes.Where(f => f.By == Who.Partner).Select(f => f.In.Roll.Id).Distinct().Count();
        return new FinishSheet(
            mine,
            finishes.Count - mine,
            rolls.Count,
            tapped,
            FinishWords.Whole(mine, finishes.Count - mine, rolls.Count, tapped),
            MostFirst(Counts(finishes, f => f.With?.Value, id => vocabulary.MoveName(new MoveId(id)), "nobody named it")),
            MostFirst(Counts(finishes, f => f.From?.Value, id => vocabulary.SayPlace(new PlaceId(id)), "place not told")),
            MostFirst(Counts(finishes, f => f.In.Roll.Partner, id => log.Partner(id)?.Name ?? id, "someone", rolls, r => r.Roll.Partner)),
            [
                .. Counts(finishes, f => Monday(f.In), FinishWords.Week, "no date", rolls, Monday)
                    .OrderByDescending(c => c.Key, StringComparer.Ordinal),
            ]
        );
    }

    private static List<FinishCount> Counts(
        List<Finish> finishes,
        Func<Finish, string?> of,
        Func<string, string> name,
        string notTold,
        List<LoggedRoll>? rolls = null,
        Func<LoggedRoll, string?>? inRoll = null
    )
    {
        var inAll = rolls?.GroupBy(r => inRoll!(r) ?? NotTold).ToDictionary(g => g.Key, g => g.Count());
        var tapped = finishes.ToLookup(f => of(f) ?? NotTold);
        var keys = tapped.Select(t => t.Key).Union(inAll is null ? [] : inAll.Keys);
        return
        [
            .. keys.Select(key => new FinishCount(
                key,
                key == NotTold ? notTold : name(key),
                tapped[key].Count(f => f.By == Who.Me),
                tapped[key].Count(f => f.By == Who.Partner),
                inAll?.GetValueOrDefault(key),
                [.. tapped[key].Select(f => f.In.Roll.Id).Distinct().Reverse()]
            )),
        ];
    }

    private static List<FinishCount> MostFirst(List<FinishCount> counts) =>
        [
            .. counts
                .OrderByDescending(c => c.Both)
                .ThenByDescending(c => c.Theirs)
                .ThenByDescending(c => c.InRolls)
                .ThenBy(c => c.Name, StringComparer.Ordinal),
        ];

    private static string? Monday(LoggedRoll roll) =>
        roll.Session.Date is { } date
            ? date.AddDays(-(((int)date.DayOfWeek + 6) % 7)).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)
            : null;
}
