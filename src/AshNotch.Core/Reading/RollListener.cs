using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading;

/// <summary>Hears where rolls begin: "then with Oak", "second roll was the purple belt", "rolled with a new guy".</summary>
/// <param name="words">The words of the telling.</param>
/// <param name="partner">Hears whom they are with.</param>
internal sealed class RollListener(IReadOnlyList<Word> words, PartnerListener partner)
{
    private static readonly HashSet<string> Nobody = [];
    private static readonly HashSet<string> Leads =
    [
        "and",
        "then",
        "so",
        "ok",
        "okay",
        "alright",
        "after",
        "that",
        "um",
        "uh",
        "next",
        "finally",
        "lastly",
        "well",
        "anyway",
        "my",
        "the",
        "our",
        "i",
        "we",
        "had",
        "did",
        "a",
        "for",
    ];
    private static readonly HashSet<string> Onward = ["then", "next", "after", "finally", "lastly"];
    private static readonly HashSet<string> Counts =
    [
        "first",
        "second",
        "third",
        "fourth",
        "fifth",
        "sixth",
        "seventh",
        "eighth",
        "1st",
        "2nd",
        "3rd",
        "4th",
        "5th",
        "6th",
        "next",
        "last",
        "final",
        "another",
    ];
    private static readonly HashSet<string> Numbers =
    [
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "1",
        "2",
        "3",
        "4",
        "5",
        "6",
        "7",
        "8",
    ];
    private static readonly HashSet<string> Rounds = ["roll", "round", "spar", "match", "fight"];
    private static readonly HashSet<string> Rolling =
    [
        "rolled",
        "rolling",
        "sparred",
        "sparring",
        "went",
        "paired",
        "partnered",
        "matched",
        "trained",
    ];
    private static readonly HashSet<string> Fillers =
    [
        "of",
        "the",
        "night",
        "day",
        "tonight",
        "today",
        "was",
        "is",
        "i",
        "we",
        "had",
        "got",
        "went",
        "rolled",
        "with",
        "against",
        "again",
        "it",
        "class",
        "and",
    ];
    private static readonly HashSet<string> OtherDays =
    [
        "week",
        "yesterday",
        "ago",
        "monday",
        "tuesday",
        "wednesday",
        "thursday",
        "friday",
        "saturday",
        "sunday",
        "usually",
        "normally",
        "always",
    ];
    private static readonly HashSet<string> GoesOn = ["he", "she", "they", "i", "we", "who", "again", "for", "and", "where", "so"];

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
