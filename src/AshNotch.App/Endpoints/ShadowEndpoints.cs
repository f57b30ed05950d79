using System.Globalization;
using AshNotch.App.Views;
using AshNotch.Core.Matches;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>What training would have come to on points.</summary>
internal static class ShadowEndpoints
{
    public static IEndpointRouteBuilder MapShadow(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/shadow", Shadows).WithName("shadow").ProducesValidationProblem();
        return routes;
    }

    private static ShadowView Shadows(string? rules, LogCache cache)
    {
        var book = cache.Rulebook;
        var check = new Checker();
        if (!string.IsNullOrEmpty(rules) && book.Match(rules, null) is null)
            check.Fault("rules", $"'{rules}' is not known here; use one of {string.Join(", ", book.All.Select(r => r.Id))}.");
        check.ThrowIfFaulty();
        MatchRules By(LoggedRoll logged) =>
            string.IsNullOrEmpty(rules) ? book.Of(logged) : book.Match(rules, logged.Session.Attire) ?? book.Of(logged);
        var log = cache.Log;
        List<LoggedRoll> rolls = [.. log.LiveRolls];
        Shadow Of(IEnumerable<LoggedRoll> some) => Shadow.Of(some, By, cache.Vocabulary);
        return new ShadowView(
            ShadowView.ShadowRow.Of("", "All rolls", Of(rolls)),
            [
                .. rolls
                    .Where(r => r.Roll.Partner is not null)
                    .GroupBy(r => r.Roll.Partner!)
                    .Select(g => ShadowView.ShadowRow.Of(g.Key, log.Partner(g.Key)?.Name ?? "Someone", Of(g)))
                    .OrderByDescending(r => r.Lost - r.Scored)
                    .ThenBy(r => r.Name, StringComparer.Ordinal),
            ],
            [
                .. rolls
                    .Where(r => r.Session.Date is not null)
                    .GroupBy(r => Monday(r.Session.Date!.Value))
                    .OrderByDescending(g => g.Key)
                    .Select(g =>
                    {
                        var day = g.Key.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
                        return ShadowView.ShadowRow.Of(day, day, Of(g));
                    }),
            ]
        );
    }

    private static DateOnly Monday(DateOnly day) => day.AddDays(-(((int)day.DayOfWeek + 6) % 7));
}
