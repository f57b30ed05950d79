using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Reads a telling that may hold several rolls: "Then with Oak ..." begins the next.</summary>
public static class ClassReader
{
    /// <summary>Reads a text, at least one roll.</summary>
    /// <param name="text">The telling.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partners">The partners, so that their names are known.</param>
    /// <param name="first">Id of the partner chosen beside the telling; holds for the first roll unless the telling says otherwise.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static IReadOnlyList<ToldRoll> Read(
        string text,
        Phrasebook book,
        IReadOnlyList<Partner> partners,
        string? first = null,
        CancellationToken stop = default
    )
    {
        var plain = SaidAt.Of(text).Text;
        var words = Word.Split(plain);
        var people = partners.SelectMany(p => Word.Split(p.Name)).Select(w => w.Text).ToHashSet();
        var trade = book.Find(words, people).SelectMany(f => Enumerable.Range(f.First, f.Count)).ToHashSet();
        var partner = new PartnerListener(words, plain, trade, partners, book);
        var openings = new RollListener(words, partner).Openings();
        int IndexAt(int offset) => words.Count(w => w.Start < offset);
        var rolls = new List<ToldRoll>();
        ToldPartner? with = null;
        var start = 0;
        foreach (var opening in openings.Append(new RollOpening(text.Length, null)))
        {
            var stretch = text[start..opening.Start];
            var told = with ?? (rolls.Count > 0 || first is null ? partner.Only(IndexAt(start), IndexAt(opening.Start)) : null);
            var read = RollReader.Read(stretch, book, NameOf(told, rolls.Count == 0 ? first : null, partners), stop);
            // "Good class tonight. First roll with Oak": what comes before tells of no roll by itself.
            var isRoll = opening.Start == text.Length || with is not null || read.Exchanges.Any(e => e.Exchange.Notches.Count > 0);
            if (isRoll)
            {
                rolls.Add(new ToldRoll(start, opening.Start, told, With(read, told, start)));
                start = opening.Start;
            }
            with = isRoll || opening.With is not null ? opening.With : with;
        }
        return rolls;
    }

    private static string? NameOf(ToldPartner? with, string? first, IReadOnlyList<Partner> partners) =>
        with?.Name ?? (with is null ? partners.FirstOrDefault(p => p.Id == first)?.Name : null);

    // Whom it was with was understood, so it is not shown as unread.
    private static RollRead With(RollRead read, ToldPartner? with, int start) =>
        with is null
            ? read
            : read with
            {
                Unread = [.. read.Unread.Where(u => u.End + start <= with.Words.Start || u.Start + start >= with.Words.End)],
            };
}
