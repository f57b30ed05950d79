using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>
/// A telling and what was read from it, with all that is known beside it: the partners, what was put right, who is meant by a name.
/// </summary>
public sealed class Telling
{
    private readonly IReadOnlyList<Partner> partners;
    private readonly IReadOnlyDictionary<string, string> named;
    private readonly IReadOnlyList<WithByHand> byHand;
    private readonly string? chosen;
    private readonly IReadOnlyList<string> struck;

    private Telling(string text, ToldRolls read, TellingAside aside, IReadOnlyList<Partner> partners, MatVocabulary vocabulary)
    {
        Text = text;
        AsRead = read.Rolls;
        Starts = read.Starts;
        Corrections = aside.Corrections;
        Added = aside.Added;
        (Rolls, AddedAt) = Adding.To(Reading.Corrections.Apply(AsRead, text, aside.Corrections, vocabulary), text, aside.Added, vocabulary);
        this.partners = partners;
        named = aside.Named;
        byHand = aside.With;
        chosen = aside.Partner;
        struck = aside.Struck;
    }

    /// <summary>The text.</summary>
    public string Text { get; }

    /// <summary>What was put right.</summary>
    public IReadOnlyList<Correction> Corrections { get; }

    /// <summary>The rolls as read, at least one.</summary>
    public IReadOnlyList<ToldRoll> AsRead { get; }

    /// <summary>The rolls with the corrections in them.</summary>
    public IReadOnlyList<ToldRoll> Rolls { get; }

    /// <summary>Notches that were put in by hand.</summary>
    public IReadOnlyList<AddedNotch> Added { get; }

    /// <summary>Which of them stands at which words of a roll.</summary>
    public IReadOnlyDictionary<(int Roll, Span Span), int> AddedAt { get; }

    /// <summary>Where a roll begins, or might.</summary>
    public IReadOnlyList<RollStart> Starts { get; }

    /// <summary>The partner chosen beside the telling, or null.</summary>
    public Partner? Chosen => partners.FirstOrDefault(p => p.Id == chosen);

    /// <summary>Reads a telling.</summary>
    /// <param name="text">The text.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partners">The partners, so that their names are known.</param>
    /// <param name="aside">What was said beside it.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static Telling Read(
        string text,
        Phrasebook book,
        IReadOnlyList<Partner> partners,
        TellingAside aside,
        CancellationToken stop = default
    ) => new(text, ClassReader.Whole(text, book, partners, aside, stop), aside, partners, book.Vocabulary);

    /// <summary>
    /// Whom a roll was with: as the user says, or by its own words. A mere description does not stand against the partner who was chosen
    /// for the first.
    /// </summary>
    public ToldPartner? WithOf(int roll)
    {
        var with = AsRead[roll].With;
        if (ByHand(roll) is { } said)
            return new ToldPartner(null, said.Partner, with?.Belt, with?.Size, with?.Words ?? default);
        return with is not null && (with.Name is not null || roll > 0 || Chosen is null) ? with : null;
    }

    private WithByHand? ByHand(int roll)
    {
        var start = Starts.FirstOrDefault(s => s.Begins && s.Offset == AsRead[roll].Start);
        return byHand.FirstOrDefault(w => roll == 0 ? w.Words.Length == 0 : start?.Words == w.Words && start.Occurrence == w.Occurrence);
    }

    /// <summary>What a roll's words say of it as a whole, without what was struck.</summary>
    public IReadOnlyList<ToldFact> FactsOf(int roll) =>
        [.. AsRead[roll].Read.Facts.Where(f => !struck.Contains(WordsOf(roll, f), StringComparer.OrdinalIgnoreCase))];

    /// <summary>The words of a fact.</summary>
    public string WordsOf(int roll, ToldFact fact)
    {
        var start = AsRead[roll].Start;
        return Text[(start + fact.Words.Start)..(start + fact.Words.End)];
    }

    /// <summary>The partner meant, or null when there is none in the log.</summary>
    public Partner? PartnerOf(ToldPartner with)
    {
        var id = with.Name is not null && named.TryGetValue(with.Name, out var said) ? said : with.Known;
        return partners.FirstOrDefault(p => p.Id == id);
    }

    /// <summary>Whether somebody is named of whom there is no record and nobody said that none is wanted.</summary>
    public bool IsNew(ToldPartner with) => with.Name is not null && with.Known is null && !named.ContainsKey(with.Name);
}
