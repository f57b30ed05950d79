using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading;

/// <summary>
/// Reads the telling of one roll as exchanges and notches: words, names, clauses, what each clause claims, and the most plausible course of
/// the roll. Deterministic; every notch carries the words it came from.
/// </summary>
public static class RollReader
{
    /// <summary>Reads a text.</summary>
    /// <param name="text">The telling of one roll.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partnerName">The partner's nickname, so that it is known when the text uses it.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static RollRead Read(string text, Phrasebook book, string? partnerName = null, CancellationToken stop = default)
    {
        var headed = HeadedLines.Of(SaidAt.Of(text).Text);
        return Read(text, headed, book, partnerName, stop);
    }

    /// <summary>Reads a text whose headed lines are known.</summary>
    internal static RollRead Read(string text, HeadedLines headed, Phrasebook book, string? partnerName, CancellationToken stop)
    {
        var said = SaidAt.Of(text).Said;
        text = headed.Plain;
        var remembered = headed.Lines.Select(l => Remembered.Of(l, book)).ToList();
        var words = Word.Split(text);
        if (words.Count == 0)
            return ToldLessons.In(new RollRead([], [], [], [], []), remembered);
        var names = Word.Split(partnerName ?? "").Select(w => w.Text).Where(w => w.Length > 1 && !Grammar.Is("no-name", w)).ToHashSet();
        names.UnionWith(People.Introduced(words, text, book.IsStrange));
        var found = book.Find(words, names);
        var clauses = Parser.Clauses(words, new Scanner(words, text, found, names, book.Vocabulary, book.IsStrange).Items());
        var claimant = new Claimant(words);
        var facts = new Head(words).Facts();
        var told = new ToldAround(words, text, names, facts);
        var claims = new List<Claim>();
        for (var c = 0; c < clauses.Count; c++)
        {
            stop.ThrowIfCancellationRequested();
            if (told.Takeaway(clauses, c) is { } last)
            {
                c = last;
                continue;
            }
            var made = claimant.Of(clauses[c]);
            claims.AddRange(made);
            told.Hear(
                clauses,
                c,
                made.Any(m => m is not { Kind: ClaimKind.Wish, IsWeak: true }) || claimant.IsHeard(clauses[c]),
                claimant.Mood
            );
        }
        var courses = new Decoder(book.Vocabulary).Best(claims, stop);
        var read = new Written(courses, words, text, book.Vocabulary).Read(found, told) with { Facts = facts };
        return said.Give(WhereItBegan.Asked(ToldLessons.In(read, remembered), book.Vocabulary));
    }
}
