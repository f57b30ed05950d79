using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>Gathers from a log what was said to be remembered.</summary>
/// <param name="book">The names of places and moves, the user's own among them.</param>
internal sealed class LessonLines(Phrasebook book)
{
    private readonly Dictionary<string, (IReadOnlyList<Move> Moves, Position? Position)> names = [];

    /// <summary>All of a log, in the order of the log.</summary>
    public IEnumerable<LessonLine> Of(Log log) =>
        log.Sessions.SelectMany(s => s.Taught.Select(t => Taught(t, s)).Concat(s.Rolls.SelectMany(r => Of(s, r))));

    private LessonLine Taught(Taught taught, Session session) =>
        Line(
            LessonKind.Taught,
            taught.Move is { } move ? new LessonAbout(taught.From is { } from ? [from] : [], Who.Me, move)
                : Named(taught.Text) is { IsKnown: true } named ? named with { By = Who.Me }
                : Place(taught.From),
            new LessonSaid(session.Date, session.Id, null, taught.Text, taught.By)
        );

    private IEnumerable<LessonLine> Of(Session session, Roll roll)
    {
        foreach (var takeaway in roll.Takeaways)
        {
            var about = About(takeaway.Text, NotchOf(takeaway, roll));
            yield return Advice.Quoted(takeaway.Text) is { } advice
                ? Line(LessonKind.Advice, about, Said(advice.Text, advice.From))
                : Line(LessonKind.Takeaway, about, Said(takeaway.Text));
        }
        foreach (var missed in roll.Missed)
        {
            var about = missed.Move is { } move ? new LessonAbout(missed.From is { } from ? [from] : [], Who.Me, move) : Named(missed.Text);
            yield return Line(LessonKind.Missed, about.IsKnown ? about with { By = Who.Me } : Place(missed.From), Said(missed.Text));
        }
        foreach (var notch in roll.Notches)
        foreach (var advice in notch.Advice)
            yield return Line(LessonKind.Advice, About(advice.Text, notch), Said(advice.Text, advice.From));

        LessonSaid Said(string text, string? by = null) => new(session.Date, session.Id, roll.Id, text, by);
    }

    private static Notch? NotchOf(Takeaway takeaway, Roll roll) =>
        takeaway is { Exchange: { } e, Notch: { } n } && e < roll.Exchanges.Count ? roll.Exchanges[e].Notches.ElementAtOrDefault(n) : null;

    // What the words name goes before the notch they stand at; the notch says whose it was.
    private LessonAbout About(string text, Notch? notch)
    {
        var named = Named(text);
        if (notch is null)
            return named;
        if (Moves(text).Any(m => m.Id == notch.Move))
            return Of(notch);
        if (named.Move is not null)
            return named;
        return named.IsKnown && !(notch.From is { } from && named.Places.Contains(from)) ? named : Of(notch);
    }

    private static LessonAbout Of(Notch notch) =>
        new(notch.From is { } from ? [from] : [], notch.Move is null ? null : notch.By, notch.Move);

    private static LessonAbout Place(PlaceId? place) => place is { } id ? new LessonAbout([id], null, null) : LessonAbout.Nothing;

    // A frame or a grip, and "sweep" alone, name nothing that could be followed.
    private LessonAbout Named(string text)
    {
        var (moves, position) = Names(text);
        return moves.FirstOrDefault(m => m.Word == MoveWord.Event && m.Kind != MoveKind.Control) is { } move
                ? new LessonAbout([], null, move.Id)
            : position is not null ? new LessonAbout([.. position.Places.Select(p => p.Id)], null, null)
            : LessonAbout.Nothing;
    }

    private IReadOnlyList<Move> Moves(string text) => Names(text).Moves;

    // Looked for once: a text is asked about several times.
    private (IReadOnlyList<Move> Moves, Position? Position) Names(string text)
    {
        if (names.TryGetValue(text, out var known))
            return known;
        var found = book.Find(Word.Split(text));
        return names[text] = (
            [.. found.Select(f => f.Move).OfType<Move>()],
            found.Select(f => f.Position).FirstOrDefault(p => p is not null)
        );
    }

    private LessonLine Line(LessonKind kind, LessonAbout about, LessonSaid said)
    {
        var words = Word.Split(said.Text);
        return new LessonLine(
            kind == LessonKind.Takeaway && LessonPhrases.IsAgain(words) ? LessonKind.Again : kind,
            about,
            said,
            words,
            kind is LessonKind.Taught or LessonKind.Missed || Moves(said.Text).Any(m => m.Id == about.Move)
        );
    }
}
