using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>What a telling says around the events: takeaways, causes, advice, and what was not understood.</summary>
/// <param name="words">The words.</param>
/// <param name="text">The telling.</param>
/// <param name="names">Words of the partner's name.</param>
/// <param name="facts">What was heard of the roll as a whole.</param>
internal sealed class ToldAround(IReadOnlyList<Word> words, string text, IReadOnlySet<string> names, IReadOnlyList<ToldFact> facts)
{
    private const int LongestAdvice = 300;
    private const int MostClauses = 40;
    private static readonly string[][] Openings =
    [
        .. Lexicon.BuiltIn.Rows.Where(r => r.Act == Act.Takeaways).SelectMany(r => r.Forms).Select(f => f.Split(' ')),
    ];

    private readonly UnreadWords unread = new(words, names);

    /// <summary>What was not understood.</summary>
    public IReadOnlyList<(int Start, int End, Who? EventBy)> Unread => unread.All;

    /// <summary>What the teller takes away, and where in the text it stands.</summary>
    public List<(int At, string Text)> Takeaways { get; } = [];

    /// <summary>Causes, and where they stand.</summary>
    public List<(int At, string Cause)> Causes { get; } = [];

    /// <summary>Advice, and where it stands.</summary>
    public List<(int At, Advice Advice)> Advice { get; } = [];

    /// <summary>Chances that were missed: <c>I should have taken the back there</c>.</summary>
    public List<MissedChance> Missed { get; } = [];

    /// <summary>The last clause of the takeaway that begins with a clause; null when none does.</summary>
    public int? Takeaway(IReadOnlyList<Clause> clauses, int index)
    {
        var clause = clauses[index];
        if (!clause.NewSentence && index > 0 && !Begins(clause, ["next", "time"]) || !Openings.Any(o => Begins(clause, o)))
            return null;
        var last = EndOf(clauses, index);
        Takeaways.Add((words[clause.First].Start, text[words[clause.First].Start..words[clauses[last].After - 1].End].Trim()));
        return last;
    }

    /// <summary>Takes a clause in.</summary>
    /// <param name="clauses">The clauses.</param>
    /// <param name="index">Which.</param>
    /// <param name="heard">Something of it was understood.</param>
    /// <param name="mood">What kind of talk it is.</param>
    public void Hear(IReadOnlyList<Clause> clauses, int index, bool heard, Mood mood)
    {
        var clause = clauses[index];
        var at = words[clause.After - 1].End;
        var known = new HashSet<int>();
        foreach (var fact in facts)
            for (var i = clause.First; i < clause.After; i++)
                if (words[i].Start >= fact.Words.Start && words[i].End <= fact.Words.End)
                    heard |= known.Add(i);
        if (Blame.In(clause, words) is { } blamed)
        {
            Causes.Add((at, blamed.Cause));
            known.UnionWith(Enumerable.Range(blamed.First, blamed.Count));
            heard = true;
        }
        if (mood == Mood.Advice)
        {
            heard = true;
            if (AdviceOf(clauses, index) is { } advice)
                Advice.Add((words[clause.First].Start, advice));
        }
        if (mood is not Mood.Advice and not Mood.Others and not Mood.OtherDay && MissedChance(clauses, index) is { } missed)
        {
            Missed.Add(missed);
            heard = true;
        }
        unread.Add(clause, heard, known, mood == Mood.Fact);
    }

    // "I should have taken the back there", "missed the chance to mount".
    private MissedChance? MissedChance(IReadOnlyList<Clause> clauses, int index)
    {
        var clause = clauses[index];
        for (var i = clause.First; i < clause.After; i++)
        {
            if (!(Grammar.Is("should-have", words[i].Text) || Grammar.Is("should", words[i].Text) && At(i + 1) is "have" or "of" or "ve"))
                continue;
            var isTheirs = Enumerable
                .Range(clause.First, i - clause.First)
                .Any(k => words[k].Text is "he" or "she" or "they" || names.Contains(words[k].Text));
            if (isTheirs || At(i + 1) is "not" || At(i + 2) is "not" or "been")
                return null;
            var last = EndOf(clauses, index, MostClauses);
            var move = clauses.Skip(index).Take(last - index + 1).SelectMany(c => c.Names).Select(n => n.Found.Move?.Id);
            return new MissedChance(
                text[words[clause.First].Start..words[clauses[last].After - 1].End].Trim(),
                null,
                move.FirstOrDefault(m => m is not null)
            );
        }
        return null;
    }

    private string At(int i) => i < words.Count ? words[i].Text : "";

    // "Coach said to sit out right away": what was said, and by whom.
    private Advice? AdviceOf(IReadOnlyList<Clause> clauses, int index)
    {
        var clause = clauses[index];
        var from = Enumerable
            .Range(clause.First, clause.After - clause.First)
            .Select(i => words[i].Text)
            .FirstOrDefault(w => Grammar.Is("adviser", w));
        var partner = clause.Subject == Party.Partner || clause.Items.Any(i => i.Text is "he" or "she" or "they");
        if (from is null && !(partner && clause.Does(Act.Advice)))
            return null;
        var (start, end) = (words[clause.First].Start, words[clauses[EndOf(clauses, index, MostClauses)].After - 1].End);
        return new Advice(text[start..Math.Min(end, start + LongestAdvice)].Trim(), from ?? "partner");
    }

    private bool Begins(Clause clause, string[] opening)
    {
        var first = clause.First;
        while (first < clause.After && words[first].Text is "and" or "so" or "but")
            first++;
        return Phrase.Stands(opening, words, first);
    }

    private static int EndOf(IReadOnlyList<Clause> clauses, int first, int most = int.MaxValue)
    {
        var last = first;
        while (last + 1 < clauses.Count && last - first < most && !clauses[last + 1].NewSentence)
            last++;
        return last;
    }
}
