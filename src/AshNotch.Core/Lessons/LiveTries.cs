using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>When each own move was tried in live rolls, and whether it came off.</summary>
internal sealed class LiveTries
{
    private readonly ILookup<MoveId, (int Session, PlaceId? From, bool Landed, DateOnly? Date)> tries;
    private readonly Dictionary<string, int> order;

    private LiveTries(ILookup<MoveId, (int, PlaceId?, bool, DateOnly?)> tries, Dictionary<string, int> order) =>
        (this.tries, this.order) = (tries, order);

    /// <summary>The tries of a log.</summary>
    public static LiveTries Of(Log log) =>
        new(
            log.Sessions.Index()
                .SelectMany(s =>
                    s.Item.LiveRolls.SelectMany(r => r.Notches).Where(n => n is { By: Who.Me, Move: not null }).Select(n => (s, n))
                )
                .ToLookup(x => x.n.Move!.Value, x => (x.s.Index, x.n.From, x.n.Outcome is Outcome.Landed or Outcome.Tap, x.s.Item.Date)),
            log.Sessions.Index().ToDictionary(s => s.Item.Id, s => s.Index)
        );

    /// <summary>How a lesson was tried since it was said first; null where it names no move of the practitioner's.</summary>
    /// <param name="kind">Its kind.</param>
    /// <param name="about">What it is about.</param>
    /// <param name="first">When it was said first: what is taught may be tried the same day, what was missed or advised after it.</param>
    public Tried? Since(LessonKind kind, LessonAbout about, LessonSaid first)
    {
        if (
            about is not { Move: { } move, By: not Who.Partner }
            || kind is not (LessonKind.Taught or LessonKind.Advice or LessonKind.Missed)
        )
            return null;
        var from = order[first.Session] + (kind == LessonKind.Taught ? 0 : 1);
        var since = tries[move]
            .Where(t => t.Session >= from && (about.Places.Count == 0 || t.From is null || about.Places.Contains(t.From.Value)))
            .ToList();
        return new Tried(since.Count, since.Count(t => t.Landed), since.Count > 0 ? since[^1].Date : null);
    }
}
