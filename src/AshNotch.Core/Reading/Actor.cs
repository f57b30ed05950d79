using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Whose move it was.</summary>
/// <param name="Who">The one who did it, if the words say.</param>
/// <param name="Given">Who let it happen.</param>
/// <param name="Stopped">It was told by the one who stopped it: "I defended the armbar", "I stuffed his double".</param>
internal readonly record struct Actor(Who? Who, Who? Given, bool Stopped)
{
    private static readonly HashSet<string> Defends =
    [
        "defend",
        "block",
        "stuff",
        "stop",
        "surviv",
        "fend",
        "counter",
        "deny",
        "deni",
        "avoid",
        "escap",
        "fought",
        "fight",
        "hid",
        "dodg",
        "stuf",
        "brok",
        "break",
        "resist",
        "clear",
        "sprawl",
        "shut",
        "beat",
        "weather",
        "endur",
    ];
    private static readonly HashSet<string> Participles = ["swept", "taken", "caught", "thrown", "cut", "stuck"];
    private static readonly HashSet<string> Passives = ["caught", "tapped", "submitted", "finished", "hit", "choked", "stuck", "swept"];

    /// <summary>Whose move a clause tells.</summary>
    /// <param name="clause">The clause.</param>
    /// <param name="found">The move's name in it.</param>
    /// <param name="from">Index of the first word that may belong to it.</param>
    /// <param name="subject">Who acts in the clause, or did in the one before.</param>
    public static Actor Of(Clause clause, Found found, int from, Who? subject)
    {
        if (Lets(clause) is { } let && let.Index < found.First)
            return new(let.To, let.To.Other(), false);
        var owner = clause.OwnerOf(found);
        var teller = subject ?? (owner is null ? null : Vocabulary.Who.Me);
        if (owner is { } mine && teller is { } by && mine != by)
        {
            // "got caught in his triangle" came off; "I stuffed his double" did not.
            return new(mine, null, !IsPassive(clause, found, from));
        }
        if (owner is { } his && subject is null)
            return new(his, null, false);
        // "got swept" with nobody named: the teller was.
        if (IsPassive(clause, found, from) || IsCaughtIn(clause, found, from))
            return new((subject ?? Vocabulary.Who.Me).Other(), null, false);
        if (
            clause.Says("tapped to")
            || clause.Says("tap to")
            || clause.Says("tapping to")
            || clause.Says("tapped from")
            || clause.Says("tapped because")
            || clause.Says("tap because")
        )
            return new((subject ?? Vocabulary.Who.Me).Other(), null, false);
        if (subject is { } who && IsDefended(clause, found, from))
            return new(who.Other(), null, true);
        return new(subject, null, false);
    }

    /// <summary>"I let him pass", "he gave me the sweep": who may, and where that is said.</summary>
    public static (int Index, Who To)? Lets(Clause clause)
    {
        foreach (var (index, word) in clause.Loose)
        {
            if (word.Stem is "let" or "giv" or "gift" or "allow" or "hand" && clause.ObjectAfter(index) is { } to)
                return (index, to);
        }
        return null;
    }

    /// <summary>"I'm in the triangle here": it is the other one's, and nothing came of it yet.</summary>
    public static bool IsCaughtIn(Clause clause, Found found, int from)
    {
        if (found.Move is not { IsSubmission: true } || found.First - 2 < from)
            return false;
        var i = found.First - 1;
        if (clause.Words[i].Text is "the" or "a" or "an" or "his" or "her" or "this" or "that" or "tight" or "deep")
            i--;
        return i > from
            && clause.Words[i].Text == "in"
            && (
                clause.Words[i - 1].Stem is "be" or "stuck" or "stick"
                || clause.Words[i - 1].Text is "im" or "hes" or "shes" or "theyre" or "still"
            );
    }

    private static bool IsPassive(Clause clause, Found found, int from)
    {
        var verb = clause.Words[found.First].Text;
        if (verb is "get" or "got" && found.Count > 1 && (clause.Words[found.First + 1].Text is "reversed" or "thrown"))
            return true;
        if (found.First <= from)
            return false;
        var before = clause.Words[found.First - 1];
        if (before.Stem is "get" or "be" && (verb.EndsWith("ed", StringComparison.Ordinal) || Participles.Contains(verb)))
            return true;
        // "got caught in", "was hit with", "got submitted by"
        for (var i = from; i < found.First; i++)
        {
            if (!Passives.Contains(clause.Words[i].Text) || i == 0)
                continue;
            if (i > from && clause.Words[i - 1].Stem is "get" or "be" && clause.ObjectAfter(i) is null)
                return true;
        }
        return false;
    }

    /// <summary>"Escaping the arm bar": the way out and the submission it leads out of are told in one.</summary>
    public static bool IsEscaped(Clause clause, Found way, Found submission) =>
        Enumerable
            .Range(way.After, submission.First - way.After)
            .All(i => clause.Words[i].Text is "the" or "a" or "an" or "his" or "her" or "from" or "of" or "that");

    private static bool IsDefended(Clause clause, Found found, int from)
    {
        if (
            clause.Found.LastOrDefault(f => f.After <= found.First) is { Move.Kind: MoveKind.Escape } way
            && found.Move is { IsSubmission: true }
            && IsEscaped(clause, way, found)
        )
            return true;
        for (var i = from; i < found.First; i++)
        {
            if (clause.Found.Any(f => f != found && i >= f.First && i < f.After && f.Move is not { Kind: MoveKind.Escape }))
                continue;
            if (
                Defends.Contains(clause.Words[i].Stem)
                && clause.At(i + 1) is not "and"
                && !(clause.Words[i].Stem is "counter" && clause.At(i + 1) == "with")
                && !(clause.At(i + 1) == "with")
            )
                return true;
            if (clause.Words[i].Text == "out" && clause.At(i + 1) == "of")
                return true;
        }
        return false;
    }
}
