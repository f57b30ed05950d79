using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>A telling cut into its rolls: where each begins, whom it was with, and what in between tells of none.</summary>
internal sealed class ClassCut
{
    private const int WordsBefore = 8;
    private const int TieWords = 4;
    private const int MostToDoubt = 150;
    private const int MostDoubts = 4;
    private const double SureHead = 1;
    private const double DoubtfulHead = -2.5;
    private const double CloseSecond = 1.5;
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
    /// <param name="byHand">Where the user says that a roll begins, or that none does.</param>
    public static ClassCut Of(string text, Phrasebook book, IReadOnlyList<Partner> partners, IReadOnlyList<CutByHand> byHand)
    {
        var words = Word.Split(text);
        var named = Persons.In(words, text, partners, book);
        var people = named
            .Where(n => n.Person is not null)
            .SelectMany(n => Enumerable.Range(n.First, n.Count))
            .Select(i => words[i].Text)
            .ToHashSet();
        var stretches = new Stretches(words, named, new Layout(words, text, named), book.Find(words, people)).All();
        var ties = Ties(words, text, stretches);
        var said = new Dictionary<int, bool>();
        foreach (var cut in byHand)
            if (ties.FirstOrDefault(t => t.Value == (cut.Words, cut.Occurrence)) is { Value.Words: not null } tie)
                said[tie.Key] = cut.Begins;
        var cuts = stretches.Count == 0 ? [] : new BestCut(stretches, said).Find().Cuts;
        return new ClassCut(words, text, named, stretches, cuts) { ties = ties, byHand = said };
    }

    private Dictionary<int, (string Words, int Occurrence)> ties = new Dictionary<int, (string, int)>();
    private Dictionary<int, bool> byHand = new Dictionary<int, bool>();

    // The sentences, each by its first words.
    private static Dictionary<int, (string Words, int Occurrence)> Ties(
        IReadOnlyList<Word> words,
        string text,
        IReadOnlyList<Stretch> stretches
    )
    {
        var ties = new Dictionary<int, (string, int)>();
        var times = new Dictionary<string, int>();
        foreach (var (s, stretch) in stretches.Index())
        {
            var last = Math.Min(words.Count, stretch.First + TieWords) - 1;
            var said = text[words[stretch.First].Start..words[last].End];
            times[said] = times.GetValueOrDefault(said) + 1;
            ties[s] = (said, times[said] - 1);
        }
        return ties;
    }

    /// <summary>Where a roll begins, and where else a sentence could begin one.</summary>
    public IReadOnlyList<RollStart> Starts()
    {
        if (stretches.Count == 0)
            return [];
        var begins = Cuts.Where(c => c.IsRoll).Select(c => c.First).ToHashSet();
        var first = begins.DefaultIfEmpty().Min();
        var unsure = Unsure(begins, first).ToHashSet();
        return
        [
            .. Enumerable
                .Range(first + 1, Math.Max(0, stretches.Count - first - 1))
                .Where(s => begins.Contains(s) || words[stretches[s].First].AfterStop)
                .Select(s => new RollStart(
                    words[stretches[s].First].Start,
                    ties[s].Words,
                    ties[s].Occurrence,
                    begins.Contains(s),
                    unsure.Contains(s)
                )),
        ];
    }

    // Where the second best cut is close: the words themselves are asked, not the user's patience, so only a few.
    private IEnumerable<int> Unsure(HashSet<int> begins, int first)
    {
        if (stretches.Count > MostToDoubt)
            return [];
        // Each cut by hand that is kept to adds as much to either score.
        var best = new BestCut(stretches, byHand).Find().Score + BestCut.Surely;
        return Enumerable
            .Range(first + 1, Math.Max(0, stretches.Count - first - 1))
            .Where(s => !byHand.ContainsKey(s) && (begins.Contains(s) ? stretches[s].Head < SureHead : stretches[s].Head > DoubtfulHead))
            .OrderBy(s => Math.Abs(stretches[s].Head))
            .Take(MostDoubts)
            .Where(s =>
                best - new BestCut(stretches, new Dictionary<int, bool>(byHand) { [s] = !begins.Contains(s) }).Find().Score < CloseSecond
            );
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
            var naming = Within(first, after).FirstOrDefault(n => n.Person == person);
            if (naming is null)
                return new ToldPartner(person.Name, person.Known, null, null, new Span(words[first].Start, words[first].Start));
            var (belt, size, last) = new Stature(words).From(Math.Max(first, naming.First - WordsBefore), naming.After - 1);
            return new ToldPartner(person.Name, person.Known, belt, size, new Span(words[naming.First].Start, words[last].End));
        }
        if (Within(first, head.After).FirstOrDefault(n => n.Person is null) is not { } described)
            return null;
        var told = new Stature(words).From(described.First, described.After - 1);
        return new ToldPartner(null, null, told.Belt, told.Size, new Span(words[described.First].Start, words[told.Last].End));
    }

    private IEnumerable<Naming> Within(int first, int after)
    {
        var (low, high) = (0, named.Count);
        while (low < high)
        {
            var middle = (low + high) / 2;
            (low, high) = named[middle].First < first ? (middle + 1, high) : (low, middle);
        }
        for (; low < named.Count && named[low].First < after; low++)
            yield return named[low];
    }
}
