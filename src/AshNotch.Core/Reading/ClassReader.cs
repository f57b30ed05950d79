using AshNotch.Core.Reading.Headed;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Rounds;
using AshNotch.Core.Reading.Taps;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Reads a telling that may hold several rolls: it is cut into them first, and each is read by itself.</summary>
public static class ClassReader
{
    private const int LongestOpening = 25;

    /// <summary>The rolls of a text, at least one.</summary>
    /// <param name="text">The telling.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partners">The partners, so that their names are known.</param>
    /// <param name="aside">What was said beside it; its partner holds for the first roll unless the telling says otherwise.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static IReadOnlyList<ToldRoll> Read(
        string text,
        Phrasebook book,
        IReadOnlyList<Partner> partners,
        TellingAside? aside = null,
        CancellationToken stop = default
    ) => Whole(text, book, partners, aside, stop).Rolls;

    /// <summary>The rolls of a text, and where else one could begin.</summary>
    /// <param name="text">The telling.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partners">The partners, so that their names are known.</param>
    /// <param name="aside">What was said beside it; its partner holds for the first roll unless the telling says otherwise.</param>
    /// <param name="stop">Nobody waits for it any more.</param>
    public static ToldRolls Whole(
        string text,
        Phrasebook book,
        IReadOnlyList<Partner> partners,
        TellingAside? aside = null,
        CancellationToken stop = default
    )
    {
        aside ??= TellingAside.Nothing;
        var first = aside.Partner;
        var headed = HeadedLines.Of(SaidAt.Of(text).Text);
        var cut = ClassCut.Of(headed.Plain, book, partners, aside.Cuts);
        var begins = Enumerable.Range(0, cut.Cuts.Count).Where(c => cut.Cuts[c].IsRoll).ToList();
        var scored = begins.Count > 2 || begins.Count(c => TapTally.Of(cut.TextOf(c), null, book).Told() is { IsBare: true }) > 1;
        if (begins.Count == 0)
            return new ToldRolls(
                [new ToldRoll(0, text.Length, null, Read(text, 0, headed.Plain, NameOf(null, first, partners)))],
                cut.Starts()
            );
        var rolls = new List<ToldRoll>();
        foreach (var (r, c) in begins.Index())
        {
            // What stands before the first roll goes with it, and what stands between two with the one before.
            var start = r == 0 ? 0 : cut.StartOf(c);
            var end = r + 1 < begins.Count ? cut.StartOf(begins[r + 1]) : text.Length;
            var with = cut.WithOf(c);
            var told =
                begins.Count == 1
                    ? headed.Plain
                    : Blanked(headed.Plain, cut, r == 0 ? 0 : c, r + 1 < begins.Count ? begins[r + 1] : cut.Cuts.Count, start, end);
            if (begins.Count > 1 && with is not null)
                told = WithoutHead(told, text, start, with);
            var before = r > 0 && r == begins.Count - 1 ? rolls.Select(x => x.Taps).ToList() : null;
            var read = Read(text[start..end], start, told, NameOf(with, r == 0 ? first : null, partners), before);
            rolls.Add(new ToldRoll(start, end, with, With(read, with, start)));
        }
        return new ToldRolls(rolls, cut.Starts());

        RollRead Read(string roll, int start, string plain, string? name, List<TapCount>? before = null)
        {
            var budget = new TapBudget(book.Vocabulary);
            var tally = TapTally.Of(plain, name, book);
            var lines = headed.Lines.Where(l => l.Start >= start && l.Start < start + roll.Length).Select(l => l.From(start));
            var read = budget.Hinted(RollReader.Read(roll, new HeadedLines(plain, [.. lines]), book, name, stop), tally.Hints());
            var summed = tally.Told();
            if (before is not null && summed is not null && IsOfAll(summed, read, before))
                return read;
            if (summed is not { IsBare: true } bare)
                return budget.Held(read, summed) with { Summed = summed };
            var pair = roll[bare.Words.Start..bare.Words.End];
            // In a match it is the score, mine first.
            if (aside.IsMatch)
                return read with { Score = (bare.Me ?? 0, bare.Partner ?? 0) };
            if (bare.IsPoints && !aside.Taps.Contains(pair) || aside.Points.Contains(pair))
                return read;
            // One pair alone is as often a score in points; a class that scores each of its rolls so counts taps.
            var isTaps = aside.Taps.Contains(pair);
            if (!isTaps && !scored)
                return read with { Summed = bare };
            return budget.Held(read, bare) with { Summed = bare with { IsBare = !isTaps } };
        }
    }

    // "Oak: knee cut, mount. Birch: ...": in a class a name with a colon says whom the roll was with, not who acts.
    private static string WithoutHead(string told, string text, int start, ToldPartner with)
    {
        var colon = with.Words.End;
        while (colon < text.Length && text[colon] == ' ')
            colon++;
        if (with.Words.Start - start > LongestOpening || colon >= text.Length || text[colon] != ':' || with.Words.Start < start)
            return told;
        var plain = told.ToCharArray();
        Array.Fill(plain, ' ', with.Words.Start - start, colon - with.Words.Start);
        plain[colon - start] = '.';
        return new string(plain);
    }

    // "2-1 on the day", at the end of the last roll: the sum of them all.
    private static bool IsOfAll(ToldTaps summed, RollRead last, List<TapCount> before)
    {
        var own = TapCount.Of(last.Exchanges.Select(e => e.Exchange));
        return summed.Me == own.Me + before.Sum(t => t.Me) && summed.Partner == own.Partner + before.Sum(t => t.Partner);
    }

    // What tells of no roll is not read as one; every offset stays.
    private static string Blanked(string text, ClassCut cut, int from, int until, int start, int end)
    {
        var told = text[start..end].ToCharArray();
        for (var c = from; c < until; c++)
            if (!cut.Cuts[c].IsRoll)
                for (var i = cut.StartOf(c) - start; i < cut.StartOf(c + 1) - start; i++)
                    told[i] = told[i] == '\n' ? '\n' : ' ';
        return new string(told);
    }

    // All that somebody is called: a nickname acts as well as the name.
    private static string? NameOf(ToldPartner? with, string? first, IReadOnlyList<Partner> partners)
    {
        var known = with is null ? first : with.Known;
        return partners.FirstOrDefault(p => p.Id == known) is { } partner
            ? string.Join(' ', partner.AlsoCalled.Prepend(partner.Name))
            : with?.Name;
    }

    // Whom it was with was understood, so it is not shown as unread.
    private static RollRead With(RollRead read, ToldPartner? with, int start) =>
        with is null
            ? read
            : read with
            {
                Unread = [.. read.Unread.Where(u => u.End + start <= with.Words.Start || u.Start + start >= with.Words.End)],
            };
}
