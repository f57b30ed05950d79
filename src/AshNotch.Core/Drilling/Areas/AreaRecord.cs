using System.Globalization;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Areas;

/// <summary>An area as the practitioner rates it, beside what the record says of it.</summary>
/// <param name="Area">The area.</param>
/// <param name="Last">How it was rated last; null when never.</param>
/// <param name="Before">How it was rated the time before; null when never.</param>
/// <param name="Record">What came off there in live rolls, by whom, before and since, in words.</param>
public sealed record AreaRecord(Family Area, SelfRating? Last, SelfRating? Before, string Record)
{
    private const int LatelyDays = 42;

    /// <summary>All areas that the log knows or that were rated, in the order of the families.</summary>
    /// <param name="log">The log.</param>
    /// <param name="ratings">The ratings, the oldest first.</param>
    /// <param name="today">The day it is.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static IReadOnlyList<AreaRecord> Of(Log log, IReadOnlyList<SelfRating> ratings, DateOnly today, MatVocabulary vocabulary)
    {
        var came = log
            .LiveRolls.SelectMany(r => r.Roll.Notches.Select(n => (r.Session.Date, Notch: n)))
            .Where(x => x.Notch is { From: not null, Given: null, Outcome: Outcome.Landed or Outcome.Tap })
            .ToLookup(x => vocabulary.Place(x.Notch.From)?.Position.Family);
        return
        [
            .. Enum.GetValues<Family>()
                .Select(area =>
                {
                    var own = ratings.Where(r => r.Area == area).ToList();
                    // Held against how it was rated the time before; without that, the last weeks against all before them.
                    var since = own.Count > 1 ? own[^2].Date : today.AddDays(-LatelyDays);
                    var there = came[area].ToList();
                    var lately = there.Where(x => x.Date >= since).Select(x => x.Notch.By).ToList();
                    var before = there.Where(x => x.Date < since).Select(x => x.Notch.By).ToList();
                    return new AreaRecord(
                        area,
                        own.LastOrDefault(),
                        own.Count > 1 ? own[^2] : null,
                        there.Count == 0 ? "Nothing came off there yet, either way." : Say(lately, before, since)
                    );
                })
                .Where(a => a.Last is not null || came[a.Area].Any()),
        ];
    }

    private static string Say(List<Who> lately, List<Who> before, DateOnly since)
    {
        var contrast = new Contrast(lately.Count(w => w == Who.Me), lately.Count, before.Count(w => w == Who.Me), before.Count);
        var change =
            contrast.FirstMore ? " More of it is yours than before."
            : contrast.OtherMore ? " Less of it is yours than before."
            : "";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"Since {since:d MMMM} you {contrast.Came}, they {contrast.Of - contrast.Came}; before that you {contrast.OtherCame}, they "
                + $"{contrast.OtherOf - contrast.OtherCame}.{change}"
        );
    }
}
