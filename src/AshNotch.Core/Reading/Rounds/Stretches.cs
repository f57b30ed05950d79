using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>Divides a telling wherever a roll could begin, and weighs what speaks for it there.</summary>
/// <param name="words">The words.</param>
/// <param name="named">Who is named where.</param>
/// <param name="layout">How the telling is laid out.</param>
/// <param name="events">Which words belong to names of the trade.</param>
internal sealed class Stretches(IReadOnlyList<Word> words, IReadOnlyList<Naming> named, Layout layout, IReadOnlyList<Found> events)
{
    private const int HeadWords = 4;
    private const int DayWords = 12;
    private const int LongestPhrase = 6;
    private readonly Naming?[] at = At(words.Count, named);
    private readonly int[] lineOf = Lines(words);
    private readonly HashSet<int> told = [.. events.Select(e => e.First)];

    /// <summary>The stretches, in order.</summary>
    public IReadOnlyList<Stretch> All()
    {
        var starts = new List<int>();
        for (var i = 0; i < words.Count; i++)
            if (Starts(i) && (words[i].AfterStop || starts.Count == 0 || !IsHeadOnly(starts[^1], i)))
                starts.Add(i);
        return [.. starts.Select((s, i) => Weighed(s, i + 1 < starts.Count ? starts[i + 1] : words.Count))];
    }

    private static Naming?[] At(int count, IReadOnlyList<Naming> named)
    {
        var at = new Naming?[count];
        foreach (var one in named)
            Array.Fill(at, one, one.First, one.Count);
        return at;
    }

    // The first word of each word's line.
    private static int[] Lines(IReadOnlyList<Word> words)
    {
        var lines = new int[words.Count];
        for (var i = 1; i < words.Count; i++)
            lines[i] = Layout.StartsLine(words, i) ? i : lines[i - 1];
        return lines;
    }

    private int Person(int i) => i < words.Count && at[i] is { } one && one.First == i ? one.Count : 0;

    private int Says(string kind, int i, int until) => Phrases.At(kind, words, i, until, Person);

    private bool Starts(int i)
    {
        if (i == 0)
            return true;
        if (IsWithinLabel(i))
            return false;
        if (words[i].AfterStop || words[i].HasEmoji)
            return true;
        // Inside a name or a description nothing begins.
        if (at[i] is { } inside && inside.First < i)
            return false;
        var until = words.Count;
        if (words[i].AfterPause)
            return Says("onward", i, until) > 0
                || Says("round", i, until) > 0
                || Says("go", i, until) > 0 && !Phrases.Has("ordinal", words[i - 1].Text)
                || Person(i) is > 0 and var count && at[i]!.Person is not null && ActsAfter(i + count)
                || words[i].Text is "and" or "so" or "then" or "but"
                || SaysAside(i);
        // Dictation has no stops.
        var before = words[i - 1].Text;
        if (words[i].Text is "and" or "so" or "but" && i + 1 < words.Count)
            return words[i + 1].Text is "then" or "after" or "next" or "finally" or "last"
                || Person(i + 1) > 0 && at[i + 1]!.Person is not null && at[i - 1] is not { Person: not null }
                || words[i + 1].Text is "the" && Phrases.IsOrdinal(At(i + 2));
        if (before is "and" or "so" or "but" && Starts(i - 1))
            return false;
        return words[i].Text is "then" && before is not ("since" or "by" or "until" or "just" or "back")
            || words[i].Text is "after" && At(i + 1) is "that" or "him" or "her" or "this"
            || words[i].Text is "next" && (At(i + 1) is "up" or "was" || Person(i + 1) > 0)
            // "Round two was a girl", where nothing but the number divides.
            || words[i].Text is "round" or "roll"
                && Says("round", i, until) > 1
                && before is not ("the" or "in" or "of" or "for" or "per" or "on")
            || Phrases.IsOrdinal(words[i].Text)
                && before is not ("the" or "my" or "a" or "on" or "at" or "his" or "her" or "this")
                && (
                    Says("round", i, until) > 0
                    || At(i + 1) is "up"
                    || Says("go", i, until) > 2
                    || Person(i + 2) > 0 && At(i + 1) is "was" or "with"
                )
            || words[i].Text is "the" or "my"
                && Phrases.IsOrdinal(At(i + 1))
                && (Says("round", i + 1, until) > 0 || Says("go", i + 1, until) > 1)
                && before is not ("to" or "in" or "of" or "for" or "on" or "with" or "from" or "at" or "got" or "was")
            || words[i].Text is "finished" or "ended" && At(i + 1) is "with" or "up" or "w";
    }

    // "Round five, Oak again", "Oak, last round": the comma divides nothing.
    private bool IsHeadOnly(int first, int until) =>
        words[until].AfterPause
        && Enumerable
            .Range(first, until - first)
            .All(i =>
                at[i] is { Person: not null }
                || Phrases.IsOrdinal(words[i].Text)
                || Phrases.Has("lead", words[i].Text)
                || Phrases.Has("number", words[i].Text)
                || words[i].Text is "round" or "roll" or "rolled" or "with"
            );

    // "Usual warm up, then a bit on front headlocks."
    private bool GoesOnAside(int first)
    {
        for (var i = first; i > 0 && first - i < DayWords && !words[i].AfterStop; i--)
            if (Says("aside", i - 1, words.Count) > 0)
                return !Enumerable.Range(i, Math.Min(words.Count, first + HeadWords) - i).Any(k => Person(k) > 0);
        return false;
    }

    private bool IsOtherDay(int first, int after) =>
        Enumerable.Range(first, Math.Min(after - first, DayWords)).Any(i => Grammar.Is("rolls-other-days", words[i].Text));

    // The stop after "2." or "Mr." ends nothing.
    private bool IsWithinLabel(int i) =>
        !words[i].Before.Contains('\n', StringComparison.Ordinal)
        && (
            words[i - 1].Text is "mr" or "mrs" or "ms" or "dr"
            || words[i - 1].Text.Any(char.IsAsciiDigit) && lineOf[i - 1] == i - 1 && layout.IsLabelled(i - 1)
        );

    private bool IsNamedAfterAll(Naming one, bool isLabelled) =>
        isLabelled && one.After < words.Count && words[one.After].Before.Contains(':');

    // The name comes last on its line, and the line is told by then; or a sentence says nothing but that it was so.
    private bool Closes(Naming one, int after) =>
        (one.After >= after - 1 || IsSaidMoreOf(one)) && IsSentenceOf(one)
        || one.After >= after - 1
            && (lineOf[one.First] < one.First - HeadWords || words[lineOf[one.First]].Before.Count(c => c == '\n') == 1)
            && (after == words.Count || words[after].Before.Contains('\n', StringComparison.Ordinal));

    // "Oak, who has been away".
    private bool IsSaidMoreOf(Naming one) =>
        one.After < words.Count && words[one.After] is { AfterPause: true, AfterStop: false, Text: "who" or "whos" or "whom" or "whose" };

    // "That was Oak."
    private bool IsSentenceOf(Naming one) =>
        (one.After >= words.Count || words[one.After].AfterStop || IsSaidMoreOf(one))
        && one.First > 1
        && words[one.First - 1].Text is "was" or "thats"
        && (words[one.First - 1].AfterStop || words[one.First - 2] is { AfterStop: true, Text: "that" or "this" });

    // "Oak and Kim both in tonight": nobody was rolled with yet.
    private bool IsOneOfSeveral(Naming one) =>
        one.After + 1 < words.Count && words[one.After].Text is "and" or "n" && Person(one.After + 1) > 0
        || one.First > 1
            && words[one.First - 1].Text is "and" or "n"
            && at[one.First - 2] is { Person: not null }
            && !Starts(one.First - 1);

    private IEnumerable<Naming> Within(int first, int after)
    {
        for (var i = first; i < after; i++)
            if (at[i] is { } one && one.First == i)
                yield return one;
    }

    private string At(int i) => i >= 0 && i < words.Count ? words[i].Text : "";

    private bool ActsAfter(int i) =>
        i < words.Count
        && !words[i].AfterPause
        && (
            (Phrases.Has("acting", words[i].Text) || Phrases.Has("acting-loosely", words[i].Text))
            || words[i].Text is "and" or "n" && At(i + 1) is "i" or "me"
            || words[i].Text.Length > 4 && words[i].Text.EndsWith("ed", StringComparison.Ordinal)
        );

    private bool SaysAside(int i) => Says("rest", i, words.Count) > 0 && words[i].Text is "rest" or "sat" or "out";

    private Stretch Weighed(int first, int after)
    {
        var word = words[first];
        var isLine = Layout.StartsLine(words, first);
        var isParagraph = isLine && (first == 0 || word.Before.Count(c => c == '\n') > 1);
        var isLabelled = isLine && layout.IsLabelled(first);
        var head = Head(first, after);
        var (isRound, isGo, isOnward) = (
            Opens("round", first, head, after),
            Opens("go", first, head, after),
            Opens("onward", first, head, after)
        );
        var isAside = Anywhere("aside", first, after) || GoesOnAside(first);
        var isDeclined = Anywhere("declined", first, after);
        var isWithin = layout.IsList && !isLabelled;
        var isRest =
            (isLabelled || isRound && SitsOut(first, after))
            && Enumerable
                .Range(first, Math.Min(isLabelled ? HeadWords : HeadWords + 2, after - first))
                .Any(i =>
                    Says("rest", i, after) > 0
                    && !(Says("rest", i, after) == 1 && (words[i].Text == "nothing" || words[i].Text == "off" && i + 1 < after))
                );
        var parts = Parts(first, after, isLabelled);
        // "A visitor called Oak" has a name.
        var isDescribed =
            !Within(first, after).Any(IsCalled) && Within(first, after).Any(n => n.Person is null && (IsLead(first, n) || isLabelled));
        var count = Enumerable
            .Range(first, after - first)
            .Count(i => told.Contains(i) || words[i].Text is "tap" or "tapped" or "taps" or "submitted" or "subbed");
        var pronouns = Enumerable.Range(first, after - first).Count(i => words[i].Text is "he" or "she" or "him" or "her");
        var hasLead = parts.Any(p => p.How >= PartKind.Lead);
        return new Stretch(first, after)
        {
            Parts = parts,
            IsDescribed = isDescribed,
            IsStranger = isDescribed && word.AfterStop && Anywhere("stranger", first, after),
            Tells = count > 0,
            IsAgain = Anywhere("again", first, after),
            IsOpening = isRound || isGo || isOnward || isLabelled || isLine,
            IsAsBefore = Says("as-before", first, after) > 0,
            IsGo = (isGo || isRound) && words[head].Text is not ("first" or "1st"),
            Announces = parts
                .FirstOrDefault(p =>
                    0 < Phrases.About("announced", words, first, after, Person)
                    || Enumerable.Range(first, after - first).Any(i => 0 < Phrases.About("announced", words, i, after, Person))
                )
                ?.Person,
            Head =
                Signs.Of("begin")
                + Signs.Of("sentence", word.AfterStop)
                + Signs.Of("line", isLine && first > 0)
                + Signs.Of("paragraph", isParagraph && first > 0)
                + Signs.Of("within-list", isWithin)
                + Signs.Of("label", isLabelled && !isRest)
                + Signs.Of("round", isRound && !isWithin && !isRest)
                + Signs.Of("go", isGo && !isRound)
                + Signs.Of("onward", isOnward && !isRound)
                + Signs.Of("declined", isDeclined)
                + Signs.Of("other-day", IsOtherDay(first, after))
                + Signs.Of("rest", isRest)
                + Signs.Of("tells-nothing", isAside && !isLabelled && !hasLead),
            Stay =
                Signs.Of("stay-label", isLabelled)
                + Signs.Of("stay-round", isRound && !isWithin)
                + Signs.Of("stay-described", isDescribed && (isRound || isGo || isOnward))
                + Signs.Of("stay-aside", isAside)
                + Signs.Of("stay-rest", isRest)
                + Signs.Of("stay-line", isLine && !isLabelled)
                + Signs.Of("stay-paragraph", isParagraph)
                + Signs.Of("stay-heads", word.AfterStop && parts.Count > 0 && after < words.Count && words[after].Before.Contains(':')),
            Aside =
                Signs.Of("aside-quiet", !isAside && !isRest && !isDeclined)
                + Signs.Of("aside-cue", isAside || isRest || isDeclined)
                + Signs.Of(isAside || isDeclined ? "aside-event" : "aside-event-told") * Math.Min(count, 3)
                + Signs.Of("aside-pronoun") * Math.Min(pronouns, 3)
                + Signs.Of("aside-lead", hasLead)
                + Signs.Of("aside-label", isLabelled && !isRest)
                + Signs.Of("aside-round", isRound && !isRest),
        };
    }

    // Past the label and the words that only lead in.
    private int Head(int first, int after)
    {
        var i = first;
        while (
            i < after
            && (
                Phrases.Has("lead", words[i].Text)
                || layout.IsLabelled(first) && (words[i].Text.Any(char.IsAsciiDigit) || i == first && words[i].Text.Length == 1)
            )
            && Phrases.At("onward", words, i, after, Person) < 2
        )
            i++;
        return i;
    }

    private bool Opens(string kind, int first, int head, int after)
    {
        for (var i = first; i <= Math.Min(head, after - 1); i++)
            if (Says(kind, i, after) > 0)
                return true;
        return false;
    }

    private bool Anywhere(string kind, int first, int after)
    {
        for (var i = first; i < after; i++)
            if (Says(kind, i, after) > 0)
                return true;
        return false;
    }

    private List<Part> Parts(int first, int after, bool isLabelled)
    {
        var parts = new List<Part>();
        foreach (var one in Within(first, after))
        {
            if (one.Person is not { } person)
                continue;
            var how = How(first, after, one, isLabelled);
            var earlier = parts.FindIndex(p => p.Person == person);
            if (earlier < 0)
                parts.Add(new Part(person, how));
            else if (how == PartKind.NotHad || how > parts[earlier].How && parts[earlier].How != PartKind.NotHad)
                parts[earlier] = new Part(person, how);
        }
        return parts;
    }

    private PartKind How(int first, int after, Naming one, bool isLabelled)
    {
        var meets = Around("meeting", one, first, after);
        if (Around("not-had", one, first, after) is > 0 and var missed && missed >= meets)
            return PartKind.NotHad;
        if (layout.IsBracketed(lineOf[first]) && words[one.First].Before.Contains('('))
            return PartKind.Bracketed;
        if (
            isLabelled && Within(first, after).First(n => n.Person is not null) == one && one.First - first < HeadWords
            || IsNamedAfterAll(one, isLabelled)
        )
            return PartKind.Met;
        var beside = Math.Max(
            Around("compared", one, first, after),
            Math.Max(Around("talking", one, first, after), Around("looking-on", one, first, after))
        );
        if (
            beside > 0 && beside >= meets
            || one.First - first > 2 && Around("repair", one, first, after) is > 0 and var repairs && repairs >= meets
        )
            return PartKind.Beside;
        if (Closes(one, after) && Around("closing", one, first, after) > 0 && IsLead(first, one))
            return PartKind.Closing;
        if (IsOneOfSeveral(one))
            return PartKind.Named;
        if (meets > 0 && IsLead(first, one, HeadWords))
            return PartKind.Met;
        return IsCalled(one) || IsLead(first, one) ? PartKind.Lead : PartKind.Named;
    }

    private bool IsCalled(Naming one) => one is { Person: not null, First: > 0 } && words[one.First - 1].Text is "called" or "named";

    // "Round three I sat out."
    private bool SitsOut(int first, int after) =>
        Enumerable
            .Range(first, Math.Min(HeadWords + 2, after - first))
            .Any(i => words[i].Text is "rested" or "sat" or "skipped" && Says("rest", i, after) >= (words[i].Text == "rested" ? 1 : 2));

    // Nothing but words that lead to somebody stands before the name.
    private bool IsLead(int first, Naming one, int others = 0)
    {
        for (var i = first; i < one.First; i++)
            if (
                at[i] is not { Person: null }
                && !Phrases.Has("lead-word", words[i].Text)
                && !Phrases.Has("lead", words[i].Text)
                && !Phrases.IsOrdinal(words[i].Text)
                && !words[i].Text.All(char.IsAsciiDigit)
                && --others < 0
            )
                return false;
        return true;
    }

    // How many words the longest phrase of the kind takes that speaks of this one.
    private int Around(string kind, Naming one, int first, int after)
    {
        int Only(int i) => i == one.First ? one.Count : 0;
        var longest = 0;
        for (var i = Math.Max(first, one.First - LongestPhrase); i <= one.First; i++)
            longest = Math.Max(longest, Phrases.About(kind, words, i, after, Only));
        return longest;
    }
}
