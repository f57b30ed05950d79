using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Tallies;

/// <summary>
/// Counts of one kind for both sides: "sweeps 1-0 (scissor)", "passes: 2 for, 1 against", "takedowns: none". Each is so many events of the
/// side that the line names; taps that nobody names are left to the sum of taps.
/// </summary>
/// <param name="words">The words.</param>
/// <param name="book">The names of moves.</param>
internal sealed class Counts(IReadOnlyList<Word> words, Phrasebook book)
{
    // "2/3" is two of three.
    private const string Sets = "-–:";

    // Whose a line is stands at its head.
    private const int MostOfLine = 40;

    /// <summary>The tallies, in order.</summary>
    public IReadOnlyList<Tally> All()
    {
        var all = new List<Tally>();
        for (var i = 0; i < words.Count; i++)
            if (
                (i == 0 || words[i].AfterPause || words[i].Before.AsSpan().ContainsAny("(|") || char.IsAsciiDigit(words[i].Text[0]))
                && (At(i) ?? PairFirst(i)) is { } tally
            )
            {
                all.Add(tally.Tally);
                i = tally.After - 1;
            }
        return all;
    }

    // "2-2 in passes", "1-0 sweeps".
    private (Tally Tally, int After)? PairFirst(int first)
    {
        if (Pair(first) is not { } told || told.After >= words.Count)
            return null;
        var at = words[told.After].Text is "in" or "on" ? told.After + 1 : told.After;
        if (at >= words.Count || words[told.After].AfterPause || TallyWords.Counted(words, at) is not { } counted)
            return null;
        if (book.Vocabulary.Move(counted.Move) is not { IsSubmission: false } move)
            return null;
        var after = at + counted.Count;
        var claims = Claims(move, told.Me, told.Partner, [], new Span(words[first].Start, words[after - 1].End));
        return (new Tally(words[first].Start, words[after - 1].End, claims), after);
    }

    private (Tally Tally, int After)? At(int first)
    {
        if (TallyWords.Counted(words, first) is not { } counted || book.Vocabulary.Move(counted.Move) is not { } move)
            return null;
        var at = first + counted.Count;
        if ((Pair(at) ?? Sided(at) ?? Nothing(at) ?? Alone(first, at)) is not { } told)
            return null;
        var (listed, after) = Listed(told.After, move.Kind);
        var claims = Claims(move, told.Me, told.Partner, listed, new Span(words[first].Start, words[told.After - 1].End));
        return (new Tally(words[first].Start, End(after), claims), after);
    }

    private int End(int after) =>
        after < words.Count && words[after].Before.IndexOf(')', StringComparison.Ordinal) is >= 0 and var close
            ? words[after - 1].End + close + 1
            : words[after - 1].End;

    // "1-0", "2 - 1".
    private (int Me, int Partner, int After)? Pair(int at) =>
        TallyWords.Number(words, at) is { } me
        && at + me.Count is var next
        && next < words.Count
        && words[next].Before.Trim() is { Length: 1 } joint
        && Sets.Contains(joint, StringComparison.Ordinal)
        && TallyWords.Number(words, next) is { } partner
        && !(next + 1 < words.Count && words[next + 1].Before.Trim() == joint)
            ? (me.Value, partner.Value, next + partner.Count)
            : null;

    // "2 for, 1 against", "for 2 / against 1", "me 1 him 0".
    private (int Me, int Partner, int After)? Sided(int at)
    {
        var told = new Dictionary<Who, int>();
        var after = at;
        while (after < words.Count && !words[after].AfterStop && One(after) is { } one && told.TryAdd(one.Who, one.Number))
            after = one.After;
        return told.Count == 0 ? null : (told.GetValueOrDefault(Who.Me), told.GetValueOrDefault(Who.Partner), after);
    }

    private (Who Who, int Number, int After)? One(int at)
    {
        if (TallyWords.Number(words, at) is { } number && at + number.Count < words.Count && !words[at + number.Count].AfterPause)
            return TallyWords.Side(words, at + number.Count) is { } side ? (side.Who, number.Value, at + number.Count + side.Count) : null;
        return
            TallyWords.Side(words, at) is { } first
            && at + first.Count is var next
            && next < words.Count
            && !words[next].AfterStop
            && TallyWords.Number(words, next) is { } after
            ? (first.Who, after.Value, next + after.Count)
            : null;
    }

    // "Takedowns: none".
    private (int Me, int Partner, int After)? Nothing(int at) =>
        TallyWords.Number(words, at) is { Value: 0, Count: var count } && (at + count == words.Count || words[at + count].AfterPause)
            ? (0, 0, at + count)
            : null;

    // "Him: passes 2 (over under, leg weave), sweeps 3": whose the line is.
    private (int Me, int Partner, int After)? Alone(int first, int at)
    {
        if (
            TallyWords.Number(words, at) is not { Value: > 0 } number
            || at + number.Count is var after && after < words.Count && !Ends(after)
        )
            return null;
        var line = first;
        while (line > Math.Max(0, first - MostOfLine) && !words[line].Before.Contains('\n', StringComparison.Ordinal))
            line--;
        for (var i = first - 1; i >= line; i--)
            if (TallyWords.Side(words, i) is { } side && words[i + side.Count].Before.Contains(':', StringComparison.Ordinal))
                return side.Who == Who.Me ? (number.Value, 0, after) : (0, number.Value, after);
        return null;

        bool Ends(int i) => words[i].AfterPause || words[i].Before.Contains('(', StringComparison.Ordinal);
    }

    // "(armbar, triangle)": what they were.
    private (IReadOnlyList<Found> Names, int After) Listed(int at, MoveKind kind)
    {
        if (at >= words.Count || !words[at].Before.Contains('(', StringComparison.Ordinal))
            return ([], at);
        var after = at;
        do after++;
        while (after < words.Count && !words[after].Before.Contains(')', StringComparison.Ordinal));
        var listed = book.Find([.. words.Skip(at).Take(after - at)])
            .Where(n => n.Move is { Word: MoveWord.Event } m && m.Kind == kind)
            .Select(n => n with { First = n.First + at })
            .ToList();
        return listed.Count > 0 ? (listed, after) : ([], at);
    }

    private List<MoveClaim> Claims(Move move, int me, int partner, IReadOnlyList<Found> listed, Span span)
    {
        var claims = new List<MoveClaim>();
        var at = 0;
        foreach (var (who, count) in ((Who, int)[])[(Who.Me, me), (Who.Partner, partner)])
        {
            if (count == 0)
                continue;
            var own = listed.Skip(at).Take(me > 0 && partner > 0 ? count : listed.Count).ToList();
            at += own.Count;
            foreach (var name in own.Take(count))
                claims.Add(Claim(who, name.Move!, own.Count == 1 ? count : 1, SpanOf(name), me > 0 && partner > 0));
            // How many taps there were is summed up elsewhere.
            if (own.Count != 1 && own.Count < count && !move.IsSubmission)
                claims.Add(Claim(who, move, count - own.Count, span, false));
        }
        return claims;
    }

    private Span SpanOf(Found name) => new(words[name.First].Start, words[name.After - 1].End);

    private static MoveClaim Claim(Who who, Move move, int times, Span span, bool isInOrder) =>
        new(span, move)
        {
            // "1-1 (armbar, triangle)": mine first, as in the number, though nobody says so.
            Whos = isInOrder ? [new(who, 0), new(who.Other(), Weights.Of("sided-stopped"))] : [new(who, 0)],
            IsWhoSaid = !isInOrder,
            Outcomes = [new(move.IsSubmission ? Outcome.Tap : Outcome.Landed, 0)],
            IsTapSaid = true,
            IsFirm = true,
            IsSentence = true,
            Times = times,
            Why = [new Because(span, "counts it")],
        };
}
