using AshNotch.App.Views;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>What stands on Today.</summary>
internal static class TodayEndpoints
{
    private const int MostOpen = 5;

    public static IEndpointRouteBuilder MapToday(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/today", Today).WithName("today");
        return routes;
    }

    private static async Task<TodayView> Today(bool? wait, LogCache cache, LogStore store, TimeProvider clock)
    {
        var (log, drills) = cache.Diary;
        var aim = cache.Goal;
        var today = clock.Today();
        var (ranking, courses, behind) = await cache.Gist(aim, wait ?? false);
        var last = Rack.Of(log, cache.ValuesAtHand(aim), new RackFilter(), skip: 0, limit: 1);
        return new TodayView(
            FocusView.Of(FocusInForce.Of(drills, today, ranking, cache.Vocabulary)),
            last.Sessions.Count > 0 ? last.Sessions[0] : null,
            ranking.Spots.FirstOrDefault(s => s.List != SpotList.FindOut) ?? (ranking.Spots.Count > 0 ? ranking.Spots[0] : null),
            last.Rolls == 0 ? null : courses.Changed,
            last.Rolls,
            log.Sessions.Count(s => s.Rolls.Count > 0),
            [
                .. log
                    .Rolls.Reverse()
                    .Where(r => OpenQuestions.Count(r.Roll) > 0)
                    .Take(MostOpen)
                    .Select(r => RollRow.Of(r, log, cache.ValuesAtHand(aim))),
            ],
            behind,
            cache.Diary.Matches.Next(today) is { } next ? MatchEndpoints.Row(next, cache, today) : null,
            CopyStateView.Of(store.Copies())
        );
    }
}
