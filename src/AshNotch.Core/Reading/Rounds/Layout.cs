using System.Buffers;
using System.Text.RegularExpressions;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>How a telling is laid out in lines: which lines carry a label that numbers or names a roll.</summary>
internal sealed partial class Layout
{
    private const int EarliestHour = 5;
    private const int MostLead = 3;
    private const int LongestHead = 7;
    private const string Alphabet = "abcdefghijkl";
    private static readonly SearchValues<char> Closing = SearchValues.Create(":→>=|");
    private readonly HashSet<int> labelled = [];
    private readonly HashSet<int> bracketed = [];

    /// <summary>Looks at a telling.</summary>
    /// <param name="words">Its words.</param>
    /// <param name="text">Its text.</param>
    /// <param name="named">Who is named where.</param>
    public Layout(IReadOnlyList<Word> words, string text, IReadOnlyList<Naming> named)
    {
        var turns = words.Zip(words.Skip(1)).Any(w => w.First.Text == "me" && w.Second.Before.Contains(':'));
        var lines = Lines(words, named).ToList();
        // A name at the head of its line may stand behind a bullet, too.
        var bulleted = lines.Where(l => IsBulleted(words[l.First])).ToList();
        foreach (var kind in lines.Select(l => (l, Kind: KindOf(l, words, text, turns))).GroupBy(l => l.Kind))
        {
            var all = kind.Select(k => k.l).ToList();
            var isList = kind.Key switch
            {
                Label.Round or Label.Heading => true,
                Label.Name => true,
                Label.Letter => all.Count > 1 && all.Select(l => words[l.First].Text[0]).SequenceEqual(Alphabet.Take(all.Count)),
                Label.Number => all.Count > 1 && 2 * all.Count(l => l.Named.Count > 0) >= all.Count,
                Label.Bullet => bulleted.Count > 1 && 2 * bulleted.Count(l => l.Named.Count > 0) >= bulleted.Count,
                Label.Clock => all.Count > 1
                    && 2 * all.Count(l => l.Named.Count > 0) >= all.Count
                    && all.All(l => Hour(words, l.First) >= EarliestHour),
                Label.Bracket => all.Count > 1,
                _ => false,
            };
            if (isList)
                foreach (var line in all)
                    (kind.Key == Label.Bracket ? bracketed : labelled).Add(line.First);
        }
        // In a list that closes with whom it was with, a line without anybody is a round like the others.
        if (bracketed.Count > 1)
            foreach (var line in lines.Where(l => l.First > bracketed.Min() && l.First < bracketed.Max()))
                bracketed.Add(line.First);
        labelled.UnionWith(bracketed);
    }

    /// <summary>The kinds of label a line may carry.</summary>
    private enum Label
    {
        None,
        Number,
        Letter,
        Round,
        Clock,
        Bullet,
        Heading,
        Name,
        Bracket,
    }

    /// <summary>Whether the telling is a list of rolls.</summary>
    public bool IsList => labelled.Count > 1;

    /// <summary>Whether the line that begins with a word carries a label.</summary>
    public bool IsLabelled(int word) => labelled.Contains(word);

    /// <summary>Whether the line that begins with a word belongs to a list that names the partner at the end of each.</summary>
    public bool IsBracketed(int word) => bracketed.Contains(word);

    private static IEnumerable<(int First, int After, List<Naming> Named)> Lines(IReadOnlyList<Word> words, IReadOnlyList<Naming> named)
    {
        var next = 0;
        for (var first = 0; first < words.Count; )
        {
            var after = first + 1;
            while (after < words.Count && !StartsLine(words, after))
                after++;
            var mine = new List<Naming>();
            for (; next < named.Count && named[next].First < after; next++)
                mine.Add(named[next]);
            yield return (first, after, mine);
            first = after;
        }
    }

    private static Label KindOf((int First, int After, List<Naming> Named) line, IReadOnlyList<Word> words, string text, bool turns)
    {
        var head = HeadOf(words[line.First]);
        var end = line.After < words.Count ? words[line.After].Start : text.Length;
        var said = head + text[words[line.First].Start..end];
        if (Rounded().IsMatch(said))
            return Label.Round;
        if (Numbered().IsMatch(said))
            return Label.Number;
        if (Lettered().IsMatch(said))
            return Label.Letter;
        if (Clocked().IsMatch(said))
            return Label.Clock;
        if (head.Contains('#', StringComparison.Ordinal) && line.Named.Count > 0)
            return Label.Heading;
        if (
            !turns
            && line.Named is [{ Person: not null } only, ..]
            && (
                only.First - line.First <= 1
                || only.First - line.First < LongestHead && words[only.First].AfterPause && IsColon(only.After, line.After, words)
            )
            && (IsHead(only.After, line.After, words) || IsHeadLater(only.After, line.After, words))
        )
            return Label.Name;
        if (Closed().IsMatch(said) && line.Named.Any(n => words[n.First].Before.Contains('(')))
            return Label.Bracket;
        return IsBulleted(words[line.First]) ? Label.Bullet : Label.None;
    }

    /// <summary>Whether a line begins with a word: "R2 Oak: ..." begins one wherever it is written.</summary>
    public static bool StartsLine(IReadOnlyList<Word> words, int i) =>
        i == 0 || words[i].Before.Contains('\n', StringComparison.Ordinal) || words[i].AfterStop && Short().IsMatch(words[i].Text);

    // What stands before the first word of a line.
    private static string HeadOf(Word first) => first.Before[(first.Before.LastIndexOfAny(['\n', '.', '!', '?', ';']) + 1)..];

    private static bool IsBulleted(Word first) => HeadOf(first).AsSpan().ContainsAny("-*•–");

    // "Oak, me on the back: ...".
    private static bool IsHeadLater(int after, int end, IReadOnlyList<Word> words) =>
        after < end
        && words[after].AfterPause
        && !words[after].AfterStop
        && Enumerable
            .Range(after + 1, Math.Max(0, Math.Min(LongestHead, end - after - 1)))
            .TakeWhile(i => !words[i].AfterStop || words[i].Before.StartsWith(':'))
            .Any(i => words[i].Before.StartsWith(':'));

    private static bool IsColon(int at, int end, IReadOnlyList<Word> words) => at < end && words[at].Before.StartsWith(':');

    // "Oak:", "Oak again - ...".
    private static bool IsHead(int after, int end, IReadOnlyList<Word> words) =>
        after == end
        || words[after] is { Text: "again" or "next" or "first" or "last", AfterPause: false } && IsHead(after + 1, end, words)
        || words[after].Before.AsSpan().ContainsAny(Closing)
        || words[after].Before is " - " or " – " or " — "
        || words[after].Before.Contains('(') && IsBracketedHead(after, end, words);

    // "Oak (blue, my size) - ...".
    private static bool IsBracketedHead(int after, int end, IReadOnlyList<Word> words) =>
        Enumerable.Range(after + 1, Math.Max(0, Math.Min(LongestHead, end - after - 1))).FirstOrDefault(i => words[i].Before.Contains(')'))
            is > 0
                and var closed
        && (words[closed].Before.AsSpan().ContainsAny(Closing) || words[closed].Before is ") - " or ") – " or ") — ");

    private static int Hour(IReadOnlyList<Word> words, int first) =>
        int.TryParse(words[first].Text, out var hour) ? (hour > 99 ? hour / 100 : hour) : 0;

    [GeneratedRegex(@"^(?:r|rd|rnd)\d{1,2}$")]
    private static partial Regex Short();

    [GeneratedRegex(
        @"^[\s\-*•–#>]*(?:(?:round|roll|rd|rnd|spar|live|positional|match|r)\s*#?\s*\d{1,2}\b|(?:round|roll|match)\s+(?:one|two|three|four|five|six|seven|eight)\b)",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Rounded();

    [GeneratedRegex(@"^[\s\-*•–#>]*(?:\d{1,2}\s*[.):\-–]\D|\d(?:st|nd|rd|th)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex Numbered();

    [GeneratedRegex(@"^[\s\-*•–#>]*[a-l]\s*[.)]\s", RegexOptions.IgnoreCase)]
    private static partial Regex Lettered();

    [GeneratedRegex(@"^[\s\-*•–#>]*\d{1,2}[:.h]\d{2}\b", RegexOptions.IgnoreCase)]
    private static partial Regex Clocked();

    [GeneratedRegex(@"\)[\s.!?]*$")]
    private static partial Regex Closed();
}
