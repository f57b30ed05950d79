using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What comes next may say how the last attempt came out: a reply, a miss, a tap, the same told again.</summary>
internal sealed partial class RollFollower
{
    private static readonly string[] Success =
    [
        "got it",
        "it worked",
        "worked",
        "finished it",
        "landed it",
        "finish it",
        "hit it",
        "completed it",
        "got him down",
        "got me down",
        "got her down",
        "took me down",
        "took him down",
        "got him over",
        "fell for it",
        "gets it",
        "got the finish",
    ];
    private static readonly string[] Misses =
    [
        "didnt work",
        "did not work",
        "doesnt work",
        "nothing happened",
        "nothing moved",
        "no luck",
        "missed",
        "slipped off",
        "did nothing",
        "wasnt there",
        "was not there",
        "never got it",
        "didnt get it",
        "did not get it",
        "couldnt finish",
        "could not finish",
        "couldnt get it",
        "lost it",
        "didnt finish",
        "did not finish",
        "never finished",
        "no chance",
        "didnt have it",
    ];
    private static readonly string[] Resists =
    [
        "shut it down",
        "sat on it",
        "shut me down",
        "shut him down",
        "saw it coming",
        "held on",
        "too strong",
        "was not having it",
        "good pressure",
        "good base",
        "good posture",
        "stayed on top",
        "stayed heavy",
        "based out",
    ];
    private static readonly string[] Escapes =
    [
        "got out",
        "gets out",
        "escaped",
        "survived",
        "slipped out",
        "got free",
        "was ok",
        "was fine",
        "saved by",
        "slipped away",
        "got my hand in",
        "popped out",
        "managed to get out",
    ];
    private static readonly string[] AbandonWords =
    [
        "gave it up",
        "let it go",
        "let go",
        "gave up on it",
        "abandoned it",
        "abandon it",
        "bailed",
        "let go of it",
        "gave up",
    ];

    // "He escaped" after a submission, "I hand fought" after a choke, "came up on top" after a sweep: they say how the last one came out.
    private bool Settles(Clause clause, Found found, Move move, Who who, Actor actor)
    {
        if (account.Last is not { } last)
            return false;
        // "while I was escaping the arm bar" settles the arm bar, which comes next, and nothing before it.
        if (
            move.Kind == MoveKind.Escape
            && clause.Found.FirstOrDefault(f => f.First >= found.After) is { Move.IsSubmission: true } escaped
            && escaped.Move != last.Move
            && Actor.IsEscaped(clause, found, escaped)
        )
            return true;
        var theirs = last.Notch.By != who;
        if (
            theirs
            && IsPending(last)
            && (
                move.Word == MoveWord.Reply
                || (
                    move.Kind == MoveKind.Escape
                    && last.Move is { IsSubmission: true }
                    && (move.Id.Value is "escape" or "bridge" or "hip-escape" || move.To is null)
                    && !clause.Found.Any(f => f.Position is not null)
                )
            )
        )
        {
            Set(
                last,
                move.Id.Value == "escape" ? Outcome.Near
                    : last.Notch.Outcome is Outcome.Tap ? Outcome.Stopped
                    : last.Notch.Outcome
            );
            replied = (move, who, clause.After);
            return true;
        }
        if (
            theirs
            && move.Id.Value == "sprawl"
            && last.Move is { Kind: MoveKind.Takedown }
            && last.Notch.Outcome == Outcome.Landed
            && last.Open
        )
        {
            Set(last, Outcome.Stopped);
            account.Now = vocabulary.Place(last.Notch.From) ?? vocabulary.Place(PlaceId.Standing);
            return false;
        }
        if (
            !theirs
            && move.Id.Value == "come-up-on-top"
            && last.Move is { Kind: MoveKind.Sweep or MoveKind.Takedown or MoveKind.Transition or MoveKind.Submission or MoveKind.Escape }
            && clause.Found.All(f => f == found || f.Position is not null)
        )
        {
            if (last.Move!.IsSubmission)
                return false;
            if (last.Notch.Outcome == Outcome.Stopped && last.Open)
                Set(last, Outcome.Landed, Landing.End(last.Move!, who, vocabulary.Place(last.Notch.From)));
            HearPlaces(clause);
            return true;
        }
        // "I tried a submission ... submitted him": generic words for what was just named.
        if (!theirs && move.IsSubmission && move.Word == MoveWord.General && last.Move is { IsSubmission: true } && IsPending(last))
        {
            Set(last, Outcome.Tap);
            account.Close(ExchangeEnd.Tap);
            return true;
        }
        // "hit the tripod ... swept him": the same again in general words, unless something else was told between.
        return !theirs
            && move.Word == MoveWord.General
            && last.Open
            && last.Notch.Outcome == Outcome.Landed
            && (last.Notch.To is null || last.Notch.Inferred.Contains("to"))
            && !clause.Says("then")
            && last.Move is { } named
            && named.Kind == move.Kind
            && named.Word != MoveWord.General
            && !clause.NewSentence
            && actor.Given is null
            && MergeInto(last, clause, who);
    }

    private bool MergeInto(NotchSoFar last, Clause clause, Who who)
    {
        foreach (var place in clause.Found.Where(f => f.Position is not null && !Understood.ContainsKey(f)))
        {
            var reached = PlaceNamed(clause, place, who, last.Move, PlaceUse.To, out _);
            last.Notch = last.Notch with { To = reached.Id, Inferred = [.. last.Notch.Inferred.Where(i => i != "to")] };
            account.Now = reached;
        }
        return true;
    }

    // "He had a guillotine ... it was the guillotine again": the same attempt named twice in a row is one, and its later outcome holds.
    private bool Repeats(Move move, Who who, Outcome outcome, bool sure, Clause clause, Found found)
    {
        if (account.Last is not { } last || last.Notch.Move != move.Id || last.Notch.By != who || !move.IsSubmission || !IsPending(last))
            return false;
        if (clause.Says("again") || clause.Says("another"))
            return false;
        if (!sure && outcome == Outcome.Stopped)
            return true;
        Set(last, outcome);
        last.Notch = last.Notch with
        {
            Span = new Span(Math.Min(last.Notch.Span!.Value.Start, clause.Words[found.First].Start), last.Notch.Span.Value.End),
        };
        if (outcome == Outcome.Tap)
            account.Close(ExchangeEnd.Tap);
        return true;
    }

    // A tap that nobody said aloud did not happen if the exchange goes on.
    private void Unfinished(NotchSoFar? next = null)
    {
        if (account.Last is not { } last || last.Notch.Outcome != Outcome.Tap)
            return;
        var said = !last.Doubts.Contains(Doubt.Outcome);
        if (said || next is null || next.Move is { Kind: MoveKind.Takedown or MoveKind.GuardPull })
        {
            account.Close(ExchangeEnd.Tap);
            return;
        }
        Set(last, Outcome.Stopped);
        last.Doubts.Add(Doubt.Outcome);
    }

    private static bool IsPending(NotchSoFar draft) =>
        draft.Open || draft.Move is { IsSubmission: true } || draft.Notch.Outcome is Outcome.Stopped or Outcome.Near or Outcome.Threatened;

    private static void Set(NotchSoFar draft, Outcome outcome, Place? to = null)
    {
        draft.Notch = draft.Notch with
        {
            Outcome = outcome,
            To = outcome == Outcome.Landed ? to?.Id ?? draft.Notch.To : null,
            Inferred =
                outcome == Outcome.Landed && to is not null ? [.. draft.Notch.Inferred.Where(i => i != "to"), "to"]
                : outcome == Outcome.Landed ? draft.Notch.Inferred
                : [.. draft.Notch.Inferred.Where(i => i != "to")],
        };
        draft.Doubts.Remove(Doubt.Outcome);
        draft.Open = false;
    }

    // "but I posted", "he defended that": the other one's last attempt was stopped.
    private bool HearReply(Clause clause)
    {
        if (account.Last is not { } last)
            return false;
        var who = clause.Subject ?? subject;
        var lost = clause.SaysAny(Misses) || (who != last.Notch.By && clause.SaysAny(Resists));
        var stops = clause.Loose.Any(l =>
            Cues.Stop.Contains(l.Word.Stem)
            && l.Word.Text is not ("posture" or "postures")
            && !(l.Word.Stem is "bas" && !l.Word.Text.StartsWith("based", StringComparison.Ordinal))
        );
        if (!lost && !stops)
            return false;
        // One who took the back and did not finish still has the back.
        if (
            last.Notch is { Outcome: Outcome.Landed, To: not null }
            && last.Move?.Kind is null or MoveKind.BackTake or MoveKind.Transition
            && clause.Loose.Any(l => l.Word.Stem == "finish")
        )
            return false;
        if (stops && !lost && who == last.Notch.By)
            return false;
        if (last.Notch.Outcome is Outcome.Landed && !last.Open && !clause.Says("stopped it") && !clause.Says("blocked it"))
            return false;
        if (last.Notch.Outcome is not (Outcome.Near or Outcome.Abandoned))
            Set(
                last,
                clause.Says("couldnt finish")
                || clause.Says("could not finish")
                || clause.Says("didnt finish")
                || clause.Says("never finished")
                    ? Outcome.Near
                    : Outcome.Stopped
            );
        if (vocabulary.Place(last.Notch.From) is { } back)
            account.Now = back;
        foreach (var place in clause.Found.Where(f => f.Position is not null))
            account.Now = PlaceNamed(clause, place, who, null, PlaceUse.At, out _);
        return true;
    }

    private bool HearOutcome(Clause clause)
    {
        if (!clause.SaysAny(["about to tap", "going to tap", "almost tapped", "nearly tapped"]) && Taps(clause) is { } tap)
            return HearTap(clause, tap.Applier ?? account.Last?.Notch.By ?? subject, IsSideSaid(clause, tap));
        var who = clause.Subject ?? subject;
        if (account.Last is not { } last)
        {
            if (account.LastBefore is { } before && Actor.Lets(clause) is not null)
                return SetGiven(before, clause);
            return clause.Has(Cues.Finish)
                && !clause.Says("not")
                && !clause.Says("didnt")
                && who is { } alone
                && account.Now is not null
                && HearTap(clause, alone, sideSaid: false);
        }
        if (clause.SaysAny(["about to tap", "going to tap", "almost tapped", "nearly tapped", "close to tapping"]) && IsPending(last))
        {
            Set(last, Outcome.Near);
            return true;
        }
        if (
            clause.SaysAny(AbandonWords)
            && who == last.Notch.By
            && (last.Notch.Outcome != Outcome.Landed || last.Move is { IsSubmission: true })
        )
        {
            Set(last, Outcome.Abandoned);
            return true;
        }
        if (clause.SaysAny(Success) && IsPending(last) && (who is null || who == last.Notch.By || clause.Says("fell for it")))
        {
            if (last.Move is { IsSubmission: true })
            {
                Set(last, Outcome.Tap);
                account.Close(ExchangeEnd.Tap);
            }
            else
            {
                Set(
                    last,
                    Outcome.Landed,
                    last.Notch.To is null && last.Move is { } move
                        ? Landing.End(move, last.Notch.By, vocabulary.Place(last.Notch.From))
                        : null
                );
                account.Now = vocabulary.Place(last.Notch.To) ?? account.Now;
            }
            return true;
        }
        if (
            clause.Has(Cues.Finish)
            && who is { } finisher
            && !clause.Says("not")
            && !clause.Says("didnt")
            && !clause.Says("to finish")
            && !clause.Says("couldnt")
        )
            return HearTap(clause, finisher, sideSaid: false);
        if (clause.SaysAny(Escapes) && IsPending(last) && last.Notch.By != who)
        {
            Set(last, Outcome.Near);
            return true;
        }
        // "Locked" and "tight" are said of a submission; legs and grips are locked without any.
        var near =
            clause.SaysAny(["almost", "nearly", "saved by the bell"]) || (last.Move is { IsSubmission: true } && clause.Has(Cues.Near));
        if (near && IsPending(last))
        {
            Set(last, Outcome.Near);
            return true;
        }
        return Actor.Lets(clause) is not null && SetGiven(last, clause);
    }

    private static bool SetGiven(NotchSoFar draft, Clause clause)
    {
        if (Actor.Lets(clause) is not { } let || draft.Notch.By != let.To || draft.Notch.Outcome is not (Outcome.Landed or Outcome.Tap))
            return false;
        draft.Notch = draft.Notch with { Given = let.To.Other() };
        return true;
    }
}
