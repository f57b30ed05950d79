using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Around;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Revising;

/// <summary>A telling read as one roll, whether or not it sounds like several.</summary>
internal sealed class WholeReading
{
    private readonly ToldRoll whole;
    private readonly IReadOnlyDictionary<(int Roll, Span Span), (string Words, int Occurrence)> ties;
    private readonly string text;

    private WholeReading(string text, Telling telling)
    {
        this.text = text;
        Rolls = telling.AsRead.Count;
        Partner = telling.WithOf(0) is { } with ? telling.PartnerOf(with) : null;
        Facts = [.. telling.AsRead.SelectMany(r => r.Read.Facts)];
        whole = new ToldRoll(0, text.Length, null, RollRead.Join(telling.AsRead));
        ties = Corrections.Ties([whole], text);
    }

    /// <summary>As how many rolls it would be read on Log.</summary>
    public int Rolls { get; }

    /// <summary>The known partner it names, or null.</summary>
    public Partner? Partner { get; }

    /// <summary>What it says of the roll as a whole.</summary>
    public IReadOnlyList<ToldFact> Facts { get; }

    /// <summary>What is taken away.</summary>
    public IReadOnlyList<Takeaway> Takeaways => whole.Read.Takeaways;

    /// <summary>Chances that were missed.</summary>
    public IReadOnlyList<MissedChance> Missed => whole.Read.Missed;

    /// <summary>What was set out to do; null when not said.</summary>
    public Mission? Mission => whole.Read.Mission;

    /// <summary>Its notches in order.</summary>
    public IEnumerable<Notch> Notches => whole.Read.Exchanges.SelectMany(e => e.Exchange.Notches);

    /// <summary>Reads a telling.</summary>
    public static WholeReading Of(string text, string? partner, Phrasebook book, IReadOnlyList<Partner> partners) =>
        new(text, Telling.Read(text, book, partners, TellingAside.Nothing with { Partner = partner }));

    /// <summary>A correction of the notch read from these words.</summary>
    public Correction Tied(Span span, Notch? notch)
    {
        var (words, occurrence) = ties[(0, span)];
        return new Correction(words, occurrence, notch);
    }

    /// <summary>Where words that a notch was read from stand here, if one was read from them again.</summary>
    public Span? Find(string words, int occurrence) =>
        ties.Where(t => t.Value == (words, occurrence)).Select(t => (Span?)t.Key.Span).FirstOrDefault();

    /// <summary>The exchanges with what was put right in them.</summary>
    public IReadOnlyList<Exchange> Corrected(IReadOnlyList<Correction> corrections) =>
        [.. Corrections.Apply([whole], text, corrections, vocabulary: null)[0].Read.Exchanges.Select(e => e.Exchange)];
}
