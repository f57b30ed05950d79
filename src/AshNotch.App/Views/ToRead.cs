using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A telling to read.</summary>
/// <param name="Text">The text.</param>
/// <param name="Partner">The partner's id, so that their name is known in the text.</param>
/// <param name="Corrections">What was put right so far.</param>
/// <param name="Partners">Which partners the names in it mean, where that was said.</param>
/// <param name="Struck">Words that say nothing of the roll as a whole, though they were read so.</param>
/// <param name="Finished">Notches put in by hand: taps that no words say, and what words that were not understood mean.</param>
/// <param name="Cuts">Where the user says that a roll begins, or that none does.</param>
/// <param name="Taps">Pairs such as <c>1-1</c> that were said to be taps.</param>
/// <param name="Points">Pairs that were said to be points.</param>
/// <param name="Match">It is a match that is told.</param>
public sealed record ToRead(
    string? Text,
    string? Partner,
    IReadOnlyList<CorrectionView>? Corrections,
    IReadOnlyList<NamedPartner>? Partners = null,
    IReadOnlyList<string>? Struck = null,
    IReadOnlyList<NotchToAdd>? Finished = null,
    IReadOnlyList<CutView>? Cuts = null,
    IReadOnlyList<string>? Taps = null,
    IReadOnlyList<string>? Points = null,
    bool Match = false
)
{
    /// <summary>Reads the telling with all that the log knows.</summary>
    /// <param name="cache">The log and its names.</param>
    /// <param name="check">Collects what is wrong.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public Telling Read(LogCache cache, Checker check, CancellationToken stop)
    {
        var text = check.Text(Text, "text") ?? "";
        var corrections = RollReading.Each(Corrections, "corrections", check, Read);
        var log = cache.Named;
        var named = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        var with = new List<WithByHand>();
        foreach (var said in RollReading.Each(Partners, "partners", check, (p, c, at) => Read(p, log, c, at)))
            if (said.Words is { } words)
                with.Add(new WithByHand(words, said.Occurrence, said.Partner ?? ""));
            else
                named[said.Name ?? ""] = said.Partner ?? "";
        var struck = RollReading.Each(Struck, "struck", check, (words, c, at) => c.Text(words, at) ?? "");
        var aside = new TellingAside(Partner, corrections, named)
        {
            Struck = struck,
            IsMatch = Match,
            With = with,
            Added = RollReading.Each(Finished, "finished", check, Read),
            Cuts = RollReading.Each(Cuts, "cuts", check, (c, k, at) => new CutByHand(k.Text(c.Words, at) ?? "", c.Occurrence, c.Begins)),
            Taps = RollReading.Each(Taps, "taps", check, (words, c, at) => c.Text(words, at) ?? ""),
            Points = RollReading.Each(Points, "points", check, (words, c, at) => c.Text(words, at) ?? ""),
        };
        check.ThrowIfFaulty();
        return Telling.Read(text, cache.Book, log.Partners, aside, stop);
    }

    private static Correction Read(CorrectionView written, Checker check, string at) =>
        new(
            check.Text(written.Words, $"{at}.words") ?? "",
            written.Occurrence,
            written.Notch is null ? null : RollReading.Read(written.Notch, check, $"{at}.notch")
        );

    private static AddedNotch Read(NotchToAdd written, Checker check, string at)
    {
        var notch = RollReading.Read(written.Notch ?? new NotchDocument(), check, $"{at}.notch");
        if (written.Words is null && notch.Outcome != Outcome.Tap)
            check.Fault($"{at}.notch.outcome", "must be tap where no words mean it.");
        return new AddedNotch(
            Math.Max(0, written.Roll),
            notch with
            {
                Span = null,
            },
            check.Text(written.Words, $"{at}.words"),
            written.Occurrence
        );
    }

    private static NamedPartner Read(NamedPartner written, Log log, Checker check, string at)
    {
        var partner = check.Name(written.Partner, $"{at}.partner") ?? "";
        if (partner.Length > 0 && log.Partner(partner) is null)
            check.Fault($"{at}.partner", "is not among the partners; choose another.");
        return written with
        {
            Name = check.Name(written.Name, $"{at}.name"),
            Partner = partner,
            Words = written.Words is { Length: > 0 } words ? check.Text(words, $"{at}.words") : written.Words,
        };
    }
}
