using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading;

/// <summary>Hears where rolls begin: "then with Oak", "second roll was the purple belt", "rolled with a new guy".</summary>
/// <param name="words">The words of the telling.</param>
/// <param name="partner">Hears whom they are with.</param>
internal sealed class RollListener(IReadOnlyList<Word> words, PartnerListener partner)
{
    private static readonly HashSet<string> Nobody = [];
    private static readonly IReadOnlySet<string> Leads = Grammar.Of("rolls-leads");
    private static readonly IReadOnlySet<string> Onward = Grammar.Of("rolls-onward");
    private static readonly IReadOnlySet<string> Counts = Grammar.Of("rolls-counts");
    private static readonly IReadOnlySet<string> Numbers = Grammar.Of("rolls-numbers");
    private static readonly IReadOnlySet<string> Rounds = Grammar.Of("rolls-rounds");
    private static readonly IReadOnlySet<string> Rolling = Grammar.Of("rolls-rolling");
    private static readonly IReadOnlySet<string> Fillers = Grammar.Of("rolls-fillers");
    private static readonly IReadOnlySet<string> OtherDays = Grammar.Of("rolls-other-days");
    private static readonly IReadOnlySet<string> GoesOn = Grammar.Of("rolls-goes-on");

    /// <summary>The openings, in order.</summary>
    public IReadOnlyList<RollOpening> Openings()
    {
        var openings = new List<RollOpening>();
        for (var i = 0; i < words.Count; i++)
        {
            // Dictation has no stops: an opening may also begin with a word that goes on to the next.
            if (
                i > 0
                && !words[i].AfterPause
                && !Onward.Contains(words[i].Text)
                && !(Counts.Contains(words[i].Text) && words[i].Text != "first")
            )
                continue;
            if (At(i) is not { } opening)
                continue;
            openings.Add(new RollOpening(words[i].Start, opening.With));
            i = Math.Max(i, opening.Last);
        }
        return openings;
    }

    private (ToldPartner? With, int Last)? At(int first)
    {
        if (IsOtherDay(first))
            return null;
        var onward = words[first].AfterStop || first == 0;
        for (var i = first; i < words.Count && i < first + 5 && (i == first || !words[i].AfterStop); i++)
        {
            if (IsCounted(i))
                return Counted(i + 2);
            var said = words[i].Text;
            if (Leads.Contains(said) || Counts.Contains(said))
                onward |= Onward.Contains(said) || Counts.Contains(said);
            else
                return Rolling.Contains(said) ? Rolled(i + 1)
                    : said is "with" or "against" && onward && (i == first || !words[i].AfterPause) ? With(i + 1)
                    : null;
        }
        return null;
    }

    // "second roll", "round two"
    private bool IsCounted(int i) =>
        i + 1 < words.Count
        && !words[i + 1].AfterPause
        && (
            (Counts.Contains(words[i].Text) && Rounds.Contains(words[i + 1].Text))
            || (Rounds.Contains(words[i].Text) && Numbers.Contains(words[i + 1].Text))
        );

    // "... of the night was with the purple belt"
    private (ToldPartner? With, int Last)? Counted(int after)
    {
        var i = after;
        while (i < words.Count && i < after + 7 && !words[i].AfterStop && Fillers.Contains(words[i].Text))
            i++;
        if (i > after && words[i - 1].Text is "the")
            i--;
        var names = i < words.Count && !words[i].AfterStop && (i > after || words[i].AfterPause);
        return names && partner.At(i) is { } told ? told : (null, after - 1);
    }

    // "... with Oak", "... again with Oak"
    private (ToldPartner? With, int Last)? Rolled(int i)
    {
        if (i < words.Count && words[i].Text is "up" or "again")
            i++;
        if (i >= words.Count || words[i].Text is not ("with" or "against") || words[i].AfterPause)
            return null;
        return partner.At(i + 1) is { } told ? told : null;
    }

    // "With Oak" opens a roll where nothing but the roll can follow: not "with Oak on my back".
    private (ToldPartner? With, int Last)? With(int i)
    {
        if (partner.At(i) is not { } told)
            return null;
        var next = told.Last + 1;
        return
            next >= words.Count
            || words[next].AfterPause
            || GoesOn.Contains(words[next].Text)
            || People.Subject(words, next, Nobody) is not null
            ? told
            : null;
    }

    private bool IsOtherDay(int first)
    {
        for (var i = first; i < Math.Min(words.Count, first + 12) && (i == first || !words[i].AfterStop); i++)
            if (OtherDays.Contains(words[i].Text))
                return true;
        return false;
    }
}
