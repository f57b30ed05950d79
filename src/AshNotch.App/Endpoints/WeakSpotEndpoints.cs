using AshNotch.App.Views;
using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using Microsoft.AspNetCore.Http.HttpResults;

namespace AshNotch.App.Endpoints;

/// <summary>Weak spots, the focus chosen from them, and Today.</summary>
internal static class WeakSpotEndpoints
{
    public static IEndpointRouteBuilder MapWeakSpots(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/weak-spots",
                (string? aim, LogCache cache, LogStore store) =>
                {
                    var check = new Checker();
                    var wanted = check.Term<Aim>(aim, "aim") ?? AimOf(store);
                    check.ThrowIfFaulty();
                    return WeakSpotRanking.Of(cache.Log, wanted);
                }
            )
            .WithName("weakSpots")
            .ProducesValidationProblem();
        return routes;
    }

    public static IEndpointRouteBuilder MapFocus(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPost(
                "/api/focus",
                Ok<FocusView> (FocusDocument written, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    var today = DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
                    var focus = LogReader.Read(
                        written with
                        {
                            Chosen = today.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
                        },
                        check,
                        ""
                    );
                    check.ThrowIfFaulty();
                    store.ChooseFocus(focus);
                    return TypedResults.Ok(Focus(cache.Log, WeakSpotRanking.Of(cache.Log, AimOf(store)))!);
                }
            )
            .WithName("chooseFocus")
            .ProducesValidationProblem();
        return routes;
    }

    public static IEndpointRouteBuilder MapToday(this IEndpointRouteBuilder routes)
    {
        routes
            .MapGet(
                "/api/today",
                (LogCache cache, LogStore store) =>
                {
                    var log = cache.Log;
                    var ranking = WeakSpotRanking.Of(log, AimOf(store));
                    var last = RollEndpoints.Rack(log, limit: 1);
                    return new TodayView(
                        Focus(log, ranking),
                        last.Sessions.Count > 0 ? last.Sessions[0] : null,
                        ranking.Spots.Count > 0 ? ranking.Spots[0] : null,
                        last.Rolls,
                        log.Sessions.Count(s => s.Rolls.Count > 0)
                    );
                }
            )
            .WithName("today");
        return routes;
    }

    /// <summary>The aim the practitioner has set.</summary>
    public static Aim AimOf(LogStore store) => Term.TryRead<Aim>(store.Setting("aim"), out var aim) ? aim : Aim.Points;

    private static FocusView? Focus(Log log, WeakSpots ranking)
    {
        if (log.Focuses.Count == 0)
            return null;
        var focus = log.Focuses[^1];
        var spot = ranking.Spots.FirstOrDefault(s =>
            s.From == focus.From && s.By == focus.By && s.Move == focus.Move && (focus.Move is not null || s.To.Contains(focus.To ?? ""))
        );
        return new FocusView(
            LogWriter.Document(focus),
            Saying.Focus(focus, MatVocabulary.BuiltIn),
            spot,
            MatVocabulary.BuiltIn.Move(focus.Move)?.Caution
        );
    }
}
