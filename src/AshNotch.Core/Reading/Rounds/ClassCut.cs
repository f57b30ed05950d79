using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>A telling cut into its rolls: where each begins, whom it was with, and what in between tells of none.</summary>
internal sealed class ClassCut
{
    private const int WordsBefore = 8;
    private readonly IReadOnlyList<Word> words;
    private readonly string text;
    private readonly IReadOnlyList<Naming> named;
    private readonly IReadOnlyList<Stretch> stretches;

    private ClassCut(
        IReadOnlyList<Word> words,
        string text,
        IReadOnlyList<Naming> named,
        IReadOnlyList<Stretch> stretches,
        IReadOnlyList<Cut> cuts
    ) => (this.words, this.text, this.named, this.stretches, Cuts) = (words, text, named, stretches, cuts);

    /// <summary>The parts, in order.</summary>
    public IReadOnlyList<Cut> Cuts { get; }

    /// <summary>Cuts a telling.</summary>
    /// <param name="text">The telling.</param>
    /// <param name="book">The names of places and moves.</param>
    /// <param name="partners">The partners already known.</param>
    public static ClassCut Of(string text, Phrasebook book, IReadOnlyList<Partner> partners)
    {
        var words = Word.Split(text);
        var named = Persons.In(words, text, partners, book);
        var people = named
            .Where(n => n.Person is not null)
            .SelectMany(n => Enumerable.Range(n.First, n.Count))
            .Select(i => words[i].Text)
            .ToHashSet();
        var stretches = new Stretches(words, named, new Layout(words, text, named), book.Find(words, people)).All();
        var cuts = stretches.Count == 0 ? [] : new BestCut(stretches, new Dictionary<int, bool>()).Find().Cuts;
        return new ClassCut(words, text, named, stretches, cuts);
    }

    /// <summary>First character of a part.</summary>
    public int StartOf(int cut) => cut < Cuts.Count ? words[stretches[Cuts[cut].First].First].Start : text.Length;

    /// <summary>The text of a part.</summary>
    public string TextOf(int cut) => text[StartOf(cut)..StartOf(cut + 1)];

    /// <summary>Whom a roll was with, as far as the telling says; null where it says nothing.</summary>
    public ToldPartner? WithOf(int cut)
    {
        var first = stretches[Cuts[cut].First].First;
        var after = cut + 1 < Cuts.Count ? stretches[Cuts[cut + 1].First].First : words.Count;
        var head = stretches[Cuts[cut].First];
        if (Cuts[cut].Person is { } person)
        {
            var naming = named.FirstOrDefault(n => n.Person == person && n.First >= first && n.First < after);
            if (naming is null)
                return new ToldPartner(person.Name, person.Known, null, null, new Span(words[first].Start, words[first].Start));
            var (belt, size, last) = new Stature(words).From(Math.Max(first, naming.First - WordsBefore), naming.After - 1);
            return new ToldPartner(person.Name, person.Known, belt, size, new Span(words[naming.First].Start, words[last].End));
        }
        if (named.FirstOrDefault(n => n.Person is null && n.First >= first && n.First < head.After) is not { } described)
            return null;
        var told = new Stature(words).From(described.First, described.After - 1);
        return new ToldPartner(null, null, told.Belt, told.Size, new Span(words[described.First].Start, words[told.Last].End));
    }
}
