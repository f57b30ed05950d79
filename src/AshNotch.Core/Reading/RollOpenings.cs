using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Where a telling of several rolls begins the next one: "then with Oak", "second roll was the purple belt", "rolled with a new guy".</summary>
/// <param name="Start">Its first character.</param>
/// <param name="With">Whom it is with, if it says.</param>
internal sealed record RollOpening(int Start, ToldPartner? With)
{
    private static readonly HashSet<string> Leads = ["and", "then", "so", "ok", "okay", "alright", "after", "that", "um", "uh", "next", "finally", "lastly", "well", "anyway", "my", "the", "our", "i", "we", "had", "did", "a", "for"];
    private static readonly HashSet<string> Counts = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "1st", "2nd", "3rd", "4th", "5th", "6th", "next", "last", "final", "another"];
    private static readonly HashSet<string> Numbers = ["one", "two", "three", "four", "five", "six", "seven", "1", "2", "3", "4", "5", "6", "7", "8"];
    private static readonly HashSet<string> Rounds = ["roll", "round", "spar", "match", "fight"];
    private static readonly HashSet<string> Rolling = ["rolled", "rolling", "sparred", "sparring", "went", "paired", "partnered", "matched", "trained"];
    private static readonly HashSet<string> OtherDays = ["week", "yesterday", "ago", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday", "usually", "normally", "always"];
    private static readonly HashSet<string> NoNames = ["the", "one", "big", "my", "a", "of", "from", "guy"];
    private static readonly HashSet<string> Goes = ["he", "she", "they", "i", "we", "who", "again", "for", "and", "where", "so"];
    private static readonly Dictionary<string, RelativeSize> Sizes = new() { ["bigger"] = RelativeSize.Heavier, ["heavier"] = RelativeSize.Heavier, ["smaller"] = RelativeSize.Lighter, ["lighter"] = RelativeSize.Lighter };
    private static readonly HashSet<string> Much = ["much", "way", "far", "lot", "twice"];

    /// <summary>The openings of a telling, in order.</summary>
    /// <param name="words">Its words.</param>
    /// <param name="text">The text, whose capitals tell names.</param>
    /// <param name="found">Names of the trade in it.</param>
    /// <param name="partners">The partners already known.</param>
    public static IReadOnlyList<RollOpening> Of(IReadOnlyList<Word> words, string text, IReadOnlyList<Found> found, IReadOnlyList<Partner> partners)
    {
        var trade = new HashSet<int>(found.SelectMany(f => Enumerable.Range(f.First, f.Count)));
        var openings = new List<RollOpening>();
        for (var i = 0; i < words.Count; i++)
        {
            if (i > 0 && !words[i].AfterPause && words[i].Text is not ("then" or "next" or "second" or "third" or "fourth" or "fifth" or "last" or "final" or "after")) continue;
            if (At(words, i, text, trade, partners) is not { } opening) continue;
            openings.Add(opening.Opening);
            i = Math.Max(i, opening.Last);
        }
        return openings;
    }

    /// <summary>The one partner whose nickname stands in a telling that says of nobody whom it was with; null when none or several do.</summary>
    public static ToldPartner? Named(IReadOnlyList<Word> words, string text, IReadOnlyList<Partner> partners)
    {
        ToldPartner? only = null;
        for (var i = 0; i < words.Count; i++)
        {
            if (Known(words, i, partners) is not { } known) continue;
            var name = text[words[i].Start..words[i + known.Count - 1].End];
            // A nickname that is an everyday word, such as Will, needs its capital.
            if (known.Count == 1 && !char.IsUpper(name[0]) && Spelling.Everyday.Contains(words[i].Text)) continue;
            if (only is not null && only.Known != known.Partner.Id) return null;
            only ??= new ToldPartner(name, known.Partner.Id, null, null, new Span(0, 0));
            i += known.Count - 1;
        }
        return only;
    }

    private static (RollOpening Opening, int Last)? At(IReadOnlyList<Word> words, int first, string text, HashSet<int> trade, IReadOnlyList<Partner> partners)
    {
        if (IsOtherDay(words, first)) return null;
        var i = first;
        var lead = false;
        var counted = false;
        while (i < words.Count && i < first + 5 && (i == first || !words[i].AfterStop))
        {
            var said = words[i].Text;
            if (Counts.Contains(said) && i + 1 < words.Count && Rounds.Contains(words[i + 1].Text) && !words[i + 1].AfterPause)
            {
                counted = true;
                i += 2;
                break;
            }
            if (Rounds.Contains(said) && i + 1 < words.Count && Numbers.Contains(words[i + 1].Text) && !words[i + 1].AfterPause)
            {
                counted = true;
                i += 2;
                break;
            }
            if (!Leads.Contains(said) && !Counts.Contains(said)) break;
            lead |= said is "then" or "next" or "after" or "finally" or "lastly" || Counts.Contains(said);
            i++;
        }
        if (i >= words.Count) return counted ? (new RollOpening(words[first].Start, null), i - 1) : null;

        if (!counted && Rolling.Contains(words[i].Text))
        {
            i++;
            if (i < words.Count && words[i].Text is "up" or "again") i++;
            if (i >= words.Count || words[i].Text is not ("with" or "against") || words[i].AfterPause) return null;
            return Person(words, i + 1, text, trade, partners) is { } rolled ? (new RollOpening(words[first].Start, rolled.With), rolled.Last) : null;
        }
        if (counted)
        {
            // "second roll of the night was with ..."
            var named = i;
            while (named < words.Count && named < i + 7 && !words[named].AfterStop && (words[named].Text is "of" or "the" or "night" or "day" or "tonight" or "today" or "was" or "is" or "i" or "we" or "had" or "got" or "went" or "rolled" or "with" or "against" or "again" or "it" or "class" or "and")) named++;
            var person = named > i && words[named - 1].Text is "the" ? named - 1 : named;
            var with = person < words.Count && (person == i ? words[person].AfterPause && !words[person].AfterStop : !words[person].AfterStop) ? Person(words, person, text, trade, partners) : null;
            return (new RollOpening(words[first].Start, with?.With), with?.Last ?? i - 1);
        }
        // "Then with Oak", and "With Oak" where a line begins.
        if (words[i].Text is not ("with" or "against") || (words[i].AfterPause && i > first)) return null;
        if (!lead && !(words[first].AfterStop || first == 0)) return null;
        if (Person(words, i + 1, text, trade, partners) is not { } next) return null;
        var goesOn = next.Last + 1;
        return goesOn >= words.Count || words[goesOn].AfterPause || Goes.Contains(words[goesOn].Text) || People.Subject(words, goesOn, new HashSet<string>()) is not null
            ? (new RollOpening(words[first].Start, next.With), next.Last) : null;
    }

    private static (ToldPartner With, int Last)? Person(IReadOnlyList<Word> words, int first, string text, HashSet<int> trade, IReadOnlyList<Partner> partners)
    {
        if (first >= words.Count) return null;
        if (Known(words, first, partners) is { } known)
        {
            var (belt, size, last) = Described(words, first + known.Count, known.Count + first - 1);
            return (new ToldPartner(text[words[first].Start..words[first + known.Count - 1].End], known.Partner.Id, belt, size, new Span(words[first].Start, words[last].End)), last);
        }
        var described = People.Subject(words, first, new HashSet<string>()) ?? PersonOf(words, first);
        if (described is { Who: Who.Partner } && !IsPronoun(words[first].Text))
        {
            var end = first + described.Value.Length - 1;
            var name = words.Count > end + 2 && words[end + 1].Text is "named" or "called" ? end + 2 : -1;
            if (name > 0) end = name;
            var (belt, size, last) = Described(words, first, end);
            return (new ToldPartner(name > 0 ? text[words[name].Start..words[name].End] : null, null, belt, size, new Span(words[first].Start, words[last].End)), last);
        }
        // A name nobody has met yet: with a capital, or a word that is neither everyday talk nor of the trade.
        var letters = text[words[first].Start..words[first].End];
        var isName = !trade.Contains(first) && letters.Length > 2 && !words[first].AfterPause && (char.IsUpper(letters[0]) || Phrasebook.BuiltIn.IsStrange(words[first])) && !NoNames.Contains(words[first].Text);
        if (!isName) return null;
        var told = Described(words, first + 1, first);
        return (new ToldPartner(letters, null, told.Belt, told.Size, new Span(words[first].Start, words[told.Last].End)), told.Last);
    }

    // "with a big purple belt" and "with my partner" are people where they are no subject, too.
    private static (Who? Who, int Length)? PersonOf(IReadOnlyList<Word> words, int first) => words[first].Text is "the" or "a" or "an" or "this" or "my" or "some" or "that" or "another" ? People.Described(words, first) : null;

    private static bool IsPronoun(string text) => text is "he" or "she" or "they" or "him" or "her" or "them" or "me" or "i" or "hes" or "shes" or "theyre";

    private static (Partner Partner, int Count)? Known(IReadOnlyList<Word> words, int first, IReadOnlyList<Partner> partners)
    {
        (Partner, int)? best = null;
        foreach (var partner in partners)
        {
            foreach (var name in partner.AlsoCalled.Prepend(partner.Name))
            {
                var parts = Word.Split(name);
                if (parts.Count == 0 || first + parts.Count > words.Count || (best is { } b && b.Item2 >= parts.Count)) continue;
                var same = true;
                for (var k = 0; k < parts.Count; k++) same &= words[first + k].Text == parts[k].Text && (k == 0 || !words[first + k].AfterStop);
                if (same) best = (partner, parts.Count);
            }
        }
        return best;
    }

    // "a two stripe blue belt, bigger than me": up to the end of the sentence or to the first who acts.
    private static (Belt? Belt, RelativeSize? Size, int Last) Described(IReadOnlyList<Word> words, int from, int last)
    {
        Belt? belt = null;
        RelativeSize? size = null;
        for (var i = from; i < Math.Min(words.Count, from + 16) && (i == from && from <= last || !words[i].AfterStop); i++)
        {
            var text = words[i].Text;
            if (i > last && (text is "he" or "she" or "they" or "i" or "we" || (words[i].AfterPause && text is "and" or "then"))) break;
            if (belt is null && Term.TryRead<Belt>(text, out var colour) && (i + 1 >= words.Count || words[i + 1].Text is "belt" or "belts" or "guy" or "girl" || words[i + 1].AfterPause))
            {
                belt = colour;
                last = Math.Max(last, i + 1 < words.Count && words[i + 1].Text is "belt" ? i + 1 : i);
            }
            else if (size is null && Sizes.TryGetValue(text, out var beside) && i + 1 < words.Count && words[i + 1].Text == "than")
            {
                var much = i > 0 && (Much.Contains(words[i - 1].Text) || (i > 1 && words[i - 1].Text is "lot" or "bit" && words[i - 2].Text == "whole"));
                size = !much ? beside : beside == RelativeSize.Heavier ? RelativeSize.MuchHeavier : RelativeSize.MuchLighter;
                last = Math.Max(last, Math.Min(words.Count - 1, i + 2));
            }
            else if (size is null && text == "size" && i > 0 && words[i - 1].Text is "my" or "same")
            {
                size = RelativeSize.Similar;
                last = Math.Max(last, i);
            }
        }
        return (belt, size, last);
    }

    private static bool IsOtherDay(IReadOnlyList<Word> words, int first)
    {
        for (var i = first; i < Math.Min(words.Count, first + 12) && (i == first || !words[i].AfterStop); i++) if (OtherDays.Contains(words[i].Text)) return true;
        return false;
    }
}
