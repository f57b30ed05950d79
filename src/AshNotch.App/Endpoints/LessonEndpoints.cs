using AshNotch.App.Views;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Lessons;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The register of what was to be remembered.</summary>
internal static class LessonEndpoints
{
    private const int Most = 200;

    public static IEndpointRouteBuilder MapLessons(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/api/lessons", Find).WithName("lessons").ProducesValidationProblem();
        return routes;
    }

    private static LessonsView Find(string? find, string? kind, string? from, string? by, string? move, string? to, LogCache cache)
    {
        var check = new Checker();
        var of = check.Term<LessonKind>(kind, "kind");
        var way = About(check, from, by, move, to);
        check.ThrowIfFaulty();
        var vocabulary = cache.Vocabulary;
        var register = cache.Lessons;
        var found = register
            .Find(find ?? "", about => about.Say(vocabulary))
            .Where(l => (of is null || l.Kind == of) && (way is null || l.About.Concerns(way)))
            .ToList();
        return new LessonsView(
            [.. found.Take(Most).Select(l => LessonView.Of(l, vocabulary))],
            found.Count,
            register.Lessons.Count,
            way is null
                ? null
                : WayWords.Of(
                    way,
                    way.To is { } reached ? [reached.Value]
                        : way.Move is null ? ["tap"]
                        : [],
                    vocabulary
                ),
            Sore.Advice
        );
    }

    private static Way? About(Checker check, string? from, string? by, string? move, string? to)
    {
        var (place, whose) = (check.Place(from, "", "from"), check.Term<Who>(by, "by"));
        var (which, where) = (check.Move(move, "", "move"), check.Place(to, "", "to"));
        return place is { } known && whose is { } who ? new Way(known, who, which, which is null ? where : null) : null;
    }
}
