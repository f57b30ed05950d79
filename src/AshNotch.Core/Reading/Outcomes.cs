using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>How an attempt came out, by the words around it.</summary>
internal static class Outcomes
{
    /// <summary>The outcome a clause gives to a move in it, and whether it is a guess.</summary>
    public static (Outcome Outcome, bool Guess) Of(Clause clause, Move? move)
    {
        var submission = move is { IsSubmission: true };
        if (clause.Has(Cues.Threat)) return (Outcome.Threatened, false);
        if (clause.Has(Cues.Near) || clause.Says("close to") || clause.Says("saved by the bell")) return (Outcome.Near, false);
        if (clause.Has(Cues.Abandon) || clause.Says("gave up on") || clause.Says("let go of") || clause.Says("gave up the") || clause.Says("gave it up")) return (Outcome.Abandoned, false);
        if (clause.Says("couldnt finish") || clause.Says("could not finish")) return (Outcome.Near, false);
        if (Tries(clause)) return (Outcome.Stopped, false);
        if (submission && (clause.Has(Cues.Finish) || Taps(clause) is not null || clause.Says("choked me out") || clause.Says("choked him out"))) return (Outcome.Tap, false);
        // A submission told without more is usually one that was finished, but nobody said so.
        return submission ? (Outcome.Tap, !clause.Words[clause.Found[^1].First].Text.EndsWith("ed", StringComparison.Ordinal)) : (Outcome.Landed, false);
    }

    /// <summary>Whether the clause only tells of a try: tried, went for, stuffed, did not work.</summary>
    public static bool Tries(Clause clause) =>
        clause.Has(Cues.Try) || clause.Says("went for") || clause.Says("going for") || clause.Says("go for") || clause.Says("goes for") || Stops(clause);

    /// <summary>Whether the clause says that something was stopped.</summary>
    public static bool Stops(Clause clause) =>
        clause.Loose.Any(l => l.Word.Stem is "stop" or "defend" or "block" or "stuff" or "counter" or "deny" or "fail") || clause.Says("didnt work") || clause.Says("did not work") || clause.Says("no luck")
        || clause.Says("shut it down") || clause.Says("shut down") || clause.Says("posted") || clause.Says("wasnt there");

    /// <summary>Who made whom tap, if the clause has a tap: the one who applied.</summary>
    public static (int Index, Who? Applier, bool OfSubject)? Taps(Clause clause)
    {
        foreach (var (index, word) in clause.Loose)
        {
            if (word.Stem != "tap") continue;
            var before = index > clause.First ? clause.Words[index - 1].Text : "";
            // "tapped him", "got the tap": the subject applied. "I tapped": the other did.
            var ofSubject = clause.ObjectAfter(index) is not null || before is "the" or "a" or "quick" || clause.Says("made him tap") || clause.Says("made her tap") || clause.Says("made me tap") || clause.Says("made them tap");
            return (index, clause.Subject is { } s ? (ofSubject ? s : Other(s)) : null, ofSubject);
        }
        return null;
    }

    /// <summary>The other one of the two.</summary>
    public static Who Other(Who who) => who == Who.Me ? Who.Partner : Who.Me;
}
