using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Reading.Sheets;
using AshNotch.Core.Reading.Tallies;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading;

/// <summary>What was heard of a roll before its course is looked for.</summary>
/// <param name="Text">The telling, with stops in the place of what its form says.</param>
/// <param name="Words">Its words.</param>
/// <param name="Names">The names of places and moves in them.</param>
/// <param name="Claims">What its clauses claim, in order.</param>
/// <param name="Around">What was told around the events.</param>
/// <param name="Facts">What was told of the partner and the roll.</param>
internal sealed record Heard(
    string Text,
    IReadOnlyList<Word> Words,
    IReadOnlyList<Found> Names,
    IReadOnlyList<Claim> Claims,
    ToldAround Around,
    IReadOnlyList<ToldFact> Facts
)
{
    /// <summary>Hears a text; null when there are no words in it.</summary>
    public static Heard? In(string plain, Phrasebook book, string? partnerName, CancellationToken stop)
    {
        var sheet = Sheet.Of(plain);
        var words = Word.Split(sheet.Plain);
        if (words.Count == 0)
            return null;
        var tallies = new Queue<Tally>(new Counts(words, book).All());
        // What is counted is no clause; every offset stays.
        var text = Tally.Blank(sheet.Plain, tallies);
        words = Word.Split(text);
        var names = Word.Split(partnerName ?? "").Select(w => w.Text).Where(w => w.Length > 1 && !Grammar.Is("no-name", w)).ToHashSet();
        names.UnionWith(People.Introduced(words, text, book.IsStrange));
        var found = book.Find(words, names);
        var clauses = Parser.Clauses(words, new Scanner(words, text, found, names, book.Vocabulary, book.IsStrange).Items());
        var claimant = new Claimant(words, sheet);
        var facts = new Head(words).Facts();
        var told = new ToldAround(words, text, names, facts);
        var claims = new List<Claim>();
        var sums = new Sums(claims);
        for (var c = 0; c < clauses.Count; c++)
        {
            stop.ThrowIfCancellationRequested();
            while (tallies.TryPeek(out var tally) && tally.Start <= words[clauses[c].First].Start)
                claims.AddRange(sums.New(tallies.Dequeue()));
            if (told.Takeaway(clauses, c) is { } last)
            {
                c = last;
                continue;
            }
            var made = claimant.Of(clauses[c]);
            claims.AddRange(made);
            told.Hear(clauses, c, made.Any(m => m is not WishClaim { IsWeak: true }) || claimant.IsHeard(clauses[c]), claimant.Mood);
        }
        foreach (var tally in tallies)
            claims.AddRange(sums.New(tally));
        return new Heard(text, words, found, claims, told, facts);
    }
}
