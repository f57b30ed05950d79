using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Tallies;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Taps;

/// <summary>Hears how many taps a roll's own words sum up: "0-2", "she tapped me twice", "no subs", "three nil to him".</summary>
/// <param name="words">The words of the roll.</param>
/// <param name="names">Words of the partner's name.</param>
/// <param name="book">The names of moves.</param>
internal sealed class TapTally(IReadOnlyList<Word> words, IReadOnlySet<string> names, Phrasebook book)
{
    private const int MostTaps = 7;
    private const int Near = 4;
    private const int MostSaid = 60;

    /// <summary>The tally of a roll.</summary>
    /// <param name="roll">The telling.</param>
    /// <param name="partnerName">All that the partner is called.</param>
    /// <param name="book">The names of moves.</param>
    public static TapTally Of(string roll, string? partnerName, Phrasebook book) =>
        new(Word.Split(roll), Word.Split(partnerName ?? "").Select(w => w.Text).ToHashSet(), book);

    /// <summary>What is summed up, the sides together; null when nothing is.</summary>
    public ToldTaps? Told()
    {
        ToldTaps? told = null;
        for (var i = 0; i < words.Count; i++)
        {
            var heard = Phrase(i) ?? Pair(i);
            if (heard is not { } said || IsReported(i))
                continue;
            i += said.Count - 1;
            told = Together(told, said.Told);
        }
        return told;
    }

    /// <summary>What the words say of taps without counting them: "lost", "W:", "had me tapping".</summary>
    public IEnumerable<TapHint> Hints()
    {
        for (var i = 0; i < words.Count; i++)
            // "L" is somebody, where one is called so.
            foreach (var row in TapPhrases.From(words[i].Text, IsPartner(i)).Where(r => !IsPartner(i) || r.Phrase[0] == "<them>"))
                if (row.Hint is { } kind && TapPhrases.At(row, words, i, IsPartner, Submission) is { } said && !IsReported(i))
                    yield return new TapHint(
                        row.Partner == "-" ? Who.Me
                            : row.Me == "-" ? Who.Partner
                            : null,
                        kind,
                        SpanOf(i, said.Count)
                    );
    }

    // "He told me that she had tapped him three times": of somebody else.
    private bool IsReported(int first)
    {
        for (var i = first - 1; i >= Math.Max(0, first - MostSaid) && !words[i + 1].AfterStop; i--)
            if (words[i].Text is "told" or "says" or "saw" or "watched" or "heard" or "last" or "yesterday" or "usually" or "always")
                return true;
        return false;
    }

    // The later word settles, each side by itself; a bare pair settles nothing that was said in words.
    private static ToldTaps Together(ToldTaps? before, ToldTaps now) =>
        before is null || before.IsBare && !now.IsBare ? now
        : now.IsBare && !before.IsBare ? before
        : now with
        {
            Me = now.Me ?? before.Me,
            Partner = now.Partner ?? before.Partner,
            MeAt = now.MeAt ?? before.MeAt,
            PartnerAt = now.PartnerAt ?? before.PartnerAt,
        };

    private string At(int i) => i >= 0 && i < words.Count ? words[i].Text : "";

    private bool IsPartner(int i) => names.Contains(words[i].Text);

    private readonly Dictionary<int, int> submissions = book.Find(words, new HashSet<string>())
        .Where(f => f.Move is { IsSubmission: true })
        .ToDictionary(f => f.First, f => f.After - f.First);

    private int Submission(int i) => submissions.GetValueOrDefault(i);

    private (ToldTaps Told, int Count)? Phrase(int i)
    {
        (ToldTaps Told, int Count)? longest = null;
        foreach (var row in TapPhrases.From(words[i].Text, IsPartner(i)))
            if (
                row.Hint is null
                && !(IsOfPoints.Value && row.Phrase is ["<n>", "<n>", ..])
                && TapPhrases.At(row, words, i, IsPartner, Submission) is { } said
                && said.Count > (longest?.Count ?? 0)
            )
                longest = (Summed(said.Me, said.Partner, SpanOf(i, said.Count)), said.Count);
        return longest;
    }

    private static ToldTaps Summed(int? me, int? partner, Span words) =>
        new(me, partner, false, words) { MeAt = me is null ? null : words, PartnerAt = partner is null ? null : words };

    private Span SpanOf(int first, int count) => new(words[first].Start, words[first + count - 1].End);

    // "0-2", "2-0 me", "1 1", "three nil to him", "1 to nil".
    private (ToldTaps Told, int Count)? Pair(int i)
    {
        // "Passes 0-2" counts no taps.
        if (TallyNumber(i) is not { } one || IsWanted(i) || i > 0 && IsCounted(i - 1))
            return null;
        var next = i + one.Count;
        var hasTo = At(next) is "to" or "v" or "and";
        var second = hasTo ? next + 1 : next;
        if (second >= words.Count || TallyNumber(second) is not { } other)
            return null;
        var after = second + other.Count;
        var joint = words[second].Before;
        var isWritten = joint is "-" or "–" or ":" or " - " or "/";
        var isSpaced = joint == " " && (hasTo || IsWord(i) && IsWord(second) || AtEdge(i, after));
        if (!isWritten && !isSpaced || one.Value > MostTaps || other.Value > MostTaps || IsPoints(i, after))
            return null;
        // "12:40", "5-6 minutes", "3-4 times": no score.
        if (
            joint == ":"
            || after < words.Count
                && !words[after].AfterPause
                && At(after)
                    is "min"
                        or "mins"
                        or "minutes"
                        or "minute"
                        or "seconds"
                        or "times"
                        or "weeks"
                        or "rounds"
                        or "kg"
                        or "kilos"
                        or "guard"
                        or "inches"
                        or "sec"
                        or "secs"
                        or "rolls"
                        or "months"
                        or "grips"
                        or "hooks"
                        or "sweeps"
                        or "passes"
                        or "attempts"
                        or "tries"
                        or "days"
        )
            return null;
        if (hasTo && !IsNil(second) && !IsNil(i) && At(next) != "to")
            return null;
        var (me, partner) = (one.Value, other.Value);
        var winner = Winner(i, after);
        if (winner is { } isMe && (isMe ? me < partner : me > partner))
            (me, partner) = (partner, me);
        if (Named(after) is { } named && named.Value == me + partner && (me == 0 || partner == 0))
        {
            var all = SpanOf(i, after + named.Count - i);
            return (
                new ToldTaps(me, partner, false, all) { MeAt = me > 0 ? all : null, PartnerAt = partner > 0 ? all : null },
                after + named.Count - i
            );
        }
        if (after < words.Count && IsCounted(words[after].Text is "in" or "on" ? after + 1 : after))
            return null;
        var isTaps = IsTaps(i, after);
        return (new ToldTaps(me, partner, !isTaps, SpanOf(i, after - i)) { IsPoints = !isTaps && IsOfPoints.Value }, after - i);
    }

    // Where a referee gives points, a bare pair is a score.
    private Lazy<bool> IsOfPoints { get; } = new(() => words.Any(w => TapPhrases.IsOf("of-points", w.Text)));

    // "Goal was 5-2".
    private bool IsWanted(int i)
    {
        for (var k = i - 1; k >= Math.Max(0, i - Near) && !words[k + 1].AfterStop; k--)
            if (TapPhrases.IsOf("wanted", words[k].Text))
                return true;
        return false;
    }

    // "3-0 (armbar, triangle, choke)": what they were.
    private (int Value, int Count)? Named(int after) =>
        after < words.Count && words[after].Before.AsSpan().IndexOfAny("(:,") >= 0
            ? TapPhrases.SubmissionsAt(words, after, Submission)
            : null;

    private bool IsCounted(int i) => TallyWords.Counted(words, i) is { Move.Value: not "submission" };

    private bool IsWord(int i) => !char.IsAsciiDigit(words[i].Text[0]);

    private static bool IsNilWord(string word) => word is "nil" or "zip" or "nothing" or "zero" or "love" or "0";

    private bool IsNil(int i) => IsNilWord(At(i));

    private (int Value, int Count)? TallyNumber(int i) =>
        words[i].Text is "no" or "a" or "an" or "none" or "nothing" ? null
        : TapPhrases.NumberAt(words, i) is { Count: 1 } n ? n
        : null;

    // A pair without a stroke stands by itself at the end of something.
    private bool AtEdge(int first, int after) =>
        !IsWord(first)
        && (after == words.Count || words[after].AfterPause || words[after].Text is "both" or "to")
        && At(first - 1) is not ("at" or "of");

    private bool IsPoints(int first, int after) =>
        Enumerable
            .Range(Math.Max(0, first - Near), Math.Min(words.Count, after + Near) - Math.Max(0, first - Near))
            .Any(i =>
                words[i].Text is "points" or "point" or "pts" or "advantage" or "advantages" or "adv" or "sweeps"
                && i >= after
                && i < after + 2
            );

    private bool IsTaps(int first, int after) =>
        Enumerable
            .Range(Math.Max(0, first - Near), Math.Min(words.Count, after + Near) - Math.Max(0, first - Near))
            .Any(i => words[i].Text is "taps" or "tap" or "subs" or "sub" or "submissions" or "tapped");

    // Who is ahead by the words about it: true for me.
    private bool? Winner(int first, int after)
    {
        var to =
            At(after) is "to" or "for" ? At(after + 1)
            : words.Count > after && !words[after].AfterStop ? At(after)
            : "";
        if (to is "me" or "mine")
            return true;
        if (to is "him" or "her" or "them" || names.Contains(to))
            return false;
        for (var i = first - 1; i >= Math.Max(0, first - Near - 1) && !words[i + 1].AfterStop; i--)
        {
            if (words[i].Text is "lost" or "down" or "losing")
                return false;
            if (words[i].Text is "won" or "winning")
                return true;
            if (words[i].Text is "ahead" or "up" && i > 0)
                return At(i - 1) is "i" or "was" && At(i - 2) is "i" || At(i - 1) is "i" or "im";
        }
        return null;
    }
}
