using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What a clause says of where the two are: a place gained, or one they are in.</summary>
internal sealed partial class RollFollower
{
    private bool HearPlaces(Clause clause)
    {
        var heard = false;
        foreach (var named in clause.Found.Where(f => f.Position is not null && !Understood.ContainsKey(f)))
        {
            heard = true;
            HearPlace(clause, named);
        }
        return heard;
    }

    private void HearPlace(Clause clause, Found named)
    {
        var actor = clause.Subject ?? subject;
        Who? given = null;
        if (Actor.Lets(clause) is { } let)
        {
            actor = let.To;
            given = let.To.Other();
        }
        if (Attempt.Any(Words(clause, clause.First, named.First), ["no", "never", "didnt", "did not", "without", "not"]))
        {
            PlaceNamed(clause, named, actor, null, PlaceUse.At, out _);
            return;
        }
        var stays = IsState(clause, named);
        var place = PlaceNamed(clause, named, actor, null, stays ? PlaceUse.At : PlaceUse.To, out var guess);
        roleGuessed = guess ? named : null;
        var last = account.Last;
        if (last is not null && place.Id == PlaceId.Standing && place != account.Now && IsAlone(clause, named))
        {
            // "Standing." between two sentences is where the next exchange begins.
            Unfinished();
            account.Close(null);
            account.Start = account.Now = place;
            return;
        }
        if (account.Now is null && last is null && (stays || !IsGained(clause, actor)))
        {
            account.Start = account.Now = place;
            return;
        }
        if (last is not null && last.Open && Continues(last, actor, place, clause))
        {
            // "he hit the hip bump and ended up in mount": the place is where the move led.
            last.Notch = last.Notch with
            {
                Outcome = Outcome.Landed,
                To = place.Id,
                Inferred = [.. last.Notch.Inferred.Where(i => i != "to")],
            };
            last.Doubts.Remove(Doubt.Outcome);
            account.Now = place;
            return;
        }
        if (place == account.Now)
            return;
        if (stays || (account.Now is null && !IsGained(clause, actor)))
        {
            account.Now = place;
            return;
        }
        Unfinished(new NotchSoFar(new Notch { By = Who.Me, Outcome = Outcome.Landed }));
        // Nobody named a move: whoever gained by the change is taken to have made it, unless the sentence says who got there.
        var from = account.Now;
        var gainer = place.Control > (from?.Control ?? 0) ? Who.Me : Who.Partner;
        var by =
            actor is { } told
            && (clause.Has(Cues.Takes) || clause.Has(Cues.Change))
            && !clause.Says("ended up")
            && !clause.Says("gives up")
            && !clause.Says("gave up")
            && !clause.Says("giving up")
            && !clause.SaysAny(["gave his", "gave her", "gave their", "gave my", "gives his", "gives her", "exposed"])
                ? told
                : gainer;
        // "I shrimped and got to half guard": the reply was the move.
        var reply =
            replied is { } r && r.Who == by && clause.First - r.After <= 4 && from is not null && Landing.CanStart(r.Move, from, by)
                ? r.Move
                : null;
        replied = null;
        var before = Words(clause, clause.First, named.First);
        var draft = new NotchSoFar(
            new Notch
            {
                By = by,
                Move = reply?.Id,
                From = from?.Id,
                To = place.Id,
                Outcome =
                    Attempt.Any(before, ["almost", "nearly"]) ? Outcome.Near
                    : Attempt.Any(before, Tries) && !Attempt.Any(before, ["ended up", "end up"]) ? Outcome.Stopped
                    : Outcome.Landed,
                Given = given,
                Side = Sides.Of(clause, named),
                Inferred = from is null ? [] : ["from"],
                At = RollTime.Of(clock.At),
                Remaining = RollTime.Of(clock.Remaining),
                Span = new Span(clause.Words[named.First].Start, clause.Words[named.After - 1].End),
            },
            reply
        );
        clock = default;
        if (guess)
            draft.Doubts.Add(Doubt.Role);
        account.Add(draft);
        Understood[named] = (place.Id.Value, by);
    }

    private static readonly string[] Tries =
    [
        "tried to",
        "tries to",
        "trying to",
        "try to",
        "attempted to",
        "attempting to",
        "went for",
        "going for",
        "goes for",
        "fighting to get",
        "fighting for",
        "couldnt get",
        "could not get",
        "cant get",
    ];

    private static bool IsAlone(Clause clause, Found named) =>
        clause.NewSentence
        && (clause.After == clause.Words.Count || clause.Words[clause.After].AfterStop)
        && Enumerable
            .Range(clause.First, clause.After - clause.First)
            .All(i =>
                (i >= named.First && i < named.After)
                || clause.Words[i].Text is "back" or "again" or "to" or "on" or "from" or "then" or "next" or "now"
            );

    private static bool IsGained(Clause clause, Who? actor) =>
        actor is not null
        && clause.Loose.Any(l => l.Word.Stem is "get" or "giv" or "secur" or "climb" or "jump" or "tak" && l.Word.Text is not "getting");

    // Whether a place told next is where the last move led rather than a step of its own.
    private bool Continues(NotchSoFar last, Who? actor, Place place, Clause clause)
    {
        if (last.Move is not { } move || move.IsSubmission || move.Stays)
            return false;
        if (clause.Has(Cues.Held) && clause.Says("stuck"))
            return last.Notch.To is null || vocabulary.Place(last.Notch.To)?.Position == place.Position;
        var by = last.Notch.By;
        var gained = by == Who.Me ? place.Control : -place.Control;
        if (last.Notch.Outcome == Outcome.Stopped)
            return !IsState(clause, clause.Found[0])
                && (clause.Has(Cues.Takes) || clause.Has(Cues.Change))
                && (actor == by || clause.Says("we"))
                && gained >= 0.1
                && move.Kind is MoveKind.Takedown or MoveKind.Sweep or MoveKind.Pass or MoveKind.BackTake;
        if (last.Notch.Outcome != Outcome.Landed || !last.Notch.Inferred.Contains("to"))
            return false;
        if (vocabulary.Place(last.Notch.To) == place)
            return true;
        if (clause.Says("landed in") || clause.Says("landed on") || clause.Says("ended up in"))
            return true;
        if (clause.Says("then") || (clause.NewSentence && clause.Has(Cues.Takes)))
            return false;
        if (
            clause.Subject is null
            && !clause.NewSentence
            && actor == by
            && move.Kind is MoveKind.Escape or MoveKind.GuardRecovery or MoveKind.Sweep or MoveKind.Takedown
            && vocabulary.Place(last.Notch.To) is { } usual
            && usual.IsTop == place.IsTop
            && usual.IsBottom == place.IsBottom
        )
            return true;
        return clause.Says("ended up")
            || clause.Says("end up")
            || clause.Says("ends up")
            || clause.Says("ended in")
            || clause.Says("landed")
            || clause.Says("land")
            || clause.Says("lands")
            || clause.Says("landing")
            || clause.Says("wound up")
            || (IsState(clause, clause.Found[0]) && !clause.NewSentence)
            || (
                clause.Subject is null
                && !clause.NewSentence
                && actor == by
                && move.Kind is MoveKind.Takedown or MoveKind.Sweep or MoveKind.Escape
                && clause.Says("on top")
            );
    }

    private Place PlaceNamed(Clause clause, Found named, Who? actor, Move? move, PlaceUse use, out bool guess)
    {
        (var place, guess) = PlaceReading.Of(clause, named, actor, move, use, account.Now);
        Understood[named] = (place.Id.Value, actor);
        return place;
    }

    private static string Lead(Clause clause, Found place)
    {
        var i = place.First - 1;
        while (
            i >= clause.First
            && clause.Words[i].Text
                is "the"
                    or "a"
                    or "my"
                    or "his"
                    or "her"
                    or "their"
                    or "full"
                    or "bottom"
                    or "top"
                    or "like"
                    or "right"
                    or "left"
        )
            i--;
        if (i < clause.First)
            return "";
        // "landed in", "ended up on": in and on lead there.
        var leads =
            clause.Words[i].Text is "in" or "on"
            && i > clause.First
            && (clause.Words[i - 1].Stem is "land" or "end" || clause.Words[i - 1].Text is "up" or "down" or "top");
        return leads ? "to" : clause.Words[i].Text;
    }

    private static bool IsState(Clause clause, Found named)
    {
        if (
            clause.Says("ended up")
            || clause.Says("ended in")
            || clause.Says("ended on")
            || clause.Says("end up")
            || clause.Says("ends up")
        )
            return false;
        var lead = Lead(clause, named);
        if (lead is "from")
            return true;
        if (lead is "to" or "into")
            return false;
        if (
            clause.Loose.Any(l =>
                l.Word.Stem is "be" or "start" or "stick" or "stuck" or "surviv" or "begin" or "began" or "stay" or "hold" or "play"
                || l.Word.Text is "im" or "hes" or "shes" or "were"
            )
        )
            return true;
        if (clause.Loose.Any(l => l.Word.Stem is "hav") && lead is "had" or "have" or "has" or "having")
            return true;
        return !clause.Has(Cues.Change) && !clause.Has(Cues.Takes) && lead is "in" or "inside" or "under" or "at";
    }
}
