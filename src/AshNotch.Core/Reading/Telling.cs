using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Follows a retelling clause by clause: who acts, where the walk is, what came of what was tried.</summary>
internal sealed class Telling
{
    private static readonly HashSet<string> Generic = ["sweep", "takedown", "guard-pass", "submission", "choke", "escape", "back-take", "guard-recovery", "leg-lock"];
    private static readonly HashSet<string> Replies = ["posture-up", "hand-fight"];
    private static readonly HashSet<string> Grips = ["collar-grip", "sleeve-grip", "pant-grip", "belt-grip", "gable-grip", "wrist-control", "collar-tie", "head-control", "hip-control", "kimura-grip", "arm-drag-grip", "knee-pinch", "knee-line", "foot-on-hip", "foot-on-bicep", "two-on-one", "scramble", "disengage-grip"];
    private static readonly HashSet<string> Acquires = ["get", "secur", "establish", "tak", "hit", "set", "win", "dig", "sneak", "snuck", "put", "throw", "threw", "start", "sink", "sunk", "switch", "go", "lock", "giv", "us", "pummel", "jump"];
    private static readonly string[] Success = ["got it", "it worked", "worked", "finished it", "landed it", "finish it", "hit it", "completed it", "got him down", "got me down", "got her down", "took me down", "took him down", "got him over", "fell for it", "gets it", "got the finish"];
    private static readonly string[] Misses = ["didnt work", "did not work", "doesnt work", "nothing happened", "nothing moved", "no luck", "missed", "slipped off", "did nothing", "wasnt there", "was not there", "shut it down", "sat on it", "shut me down", "saw it coming", "never got it", "didnt get it", "did not get it", "couldnt finish", "could not finish", "couldnt get it", "lost it", "held on", "too strong", "didnt finish", "did not finish", "never finished", "no chance", "was not having it", "didnt have it"];
    private static readonly string[] Escapes = ["got out", "gets out", "escaped", "survived", "slipped out", "got free", "was ok", "was fine", "saved by", "slipped away", "got my hand in", "popped out", "managed to get out"];
    private static readonly string[] AbandonWords = ["gave it up", "let it go", "let go", "gave up on it", "abandoned it", "abandon it", "bailed", "let go of it", "gave up"];

    private readonly MatVocabulary vocabulary = MatVocabulary.BuiltIn;
    private readonly Account account = new();
    private Who? subject;
    private (int? At, int? Remaining) clock;

    /// <summary>What each name of a place or move was understood as.</summary>
    public Dictionary<Found, (string Id, Who? By)> Understood { get; } = [];

    /// <summary>Index of the exchange and notch last told, for a takeaway to tie to.</summary>
    public (int Exchange, int Notch)? LastTold => account.LastTold;

    /// <summary>The exchanges told, with what is in doubt.</summary>
    public IReadOnlyList<(ReadExchange Read, IReadOnlyList<Draft> Drafts)> Finish()
    {
        Unfinished();
        return account.Finish();
    }

    /// <summary>Takes in what is only talked of: it names things and counts nothing.</summary>
    public void Overhear(Clause clause)
    {
        var actor = clause.Subject ?? subject;
        foreach (var found in clause.Found)
        {
            if (found.Move is { } move) Understood[found] = (move.Id, clause.OwnerOf(found) ?? actor);
            else Understood[found] = (PlaceReading.Of(clause, found, actor, null, PlaceUse.At, account.Now).Place.Id, actor);
        }
    }

    /// <summary>Takes in the next clause of what happened; false when nothing was understood of it.</summary>
    public bool Hear(Clause clause)
    {
        if (clause.Subject is null && clause.NewSentence) subject = null;
        subject = clause.Subject ?? (clause.Says("we") ? null : subject);

        // "At 2:30 he ...": the time is said before the one who acts.
        var time = (Times.At(clause), Times.Remaining(clause));
        if (time is not (null, null)) clock = time;

        var moves = Moves(clause);
        var heard = Ends(clause) is not null ? HearEnd(clause) : false;
        if (!heard)
        {
            heard = moves.Count > 0 ? HearMoves(clause, moves) : HearReply(clause) || HearPlaces(clause);
            if (moves.Count == 0) heard |= HearOutcome(clause);
        }
        if (heard) account.Cover(clause.Start, clause.End);
        return heard || (clause.Subject is not null && clause.After - clause.First == 1);
    }

    /// <summary>Adds a cause to the last notch; false when there is none to add to.</summary>
    public bool Blame(string cause)
    {
        if ((account.Last ?? account.LastBefore) is not { } last) return false;
        if (!last.Notch.Causes.Contains(cause)) last.Notch = last.Notch with { Causes = [.. last.Notch.Causes, cause] };
        return true;
    }

    /// <summary>Adds advice to the last notch.</summary>
    public void Advise(Advice advice)
    {
        if ((account.Last ?? account.LastBefore) is { } last) last.Notch = last.Notch with { Advice = [.. last.Notch.Advice, advice] };
    }

    private static List<Found> Moves(Clause clause)
    {
        var moves = clause.Found.Where(f => f.Move is not null).ToList();
        if (moves.Count < 2) return moves;
        // "swept him with a scissor sweep", "passed with the body lock": the verb and the name are one move.
        // "snapped him down with a snap down" is one, too.
        var twice = moves.Zip(moves.Skip(1)).Where(p => p.First.Move == p.Second.Move && AreOne(clause, p.First, p.Second)).Select(p => p.First).ToList();
        return [.. moves.Except(twice).Where(m => !(Generic.Contains(m.Move!.Id) && moves.Any(o => o != m && !Generic.Contains(o.Move!.Id) && SameThing(m.Move, o.Move) && AreOne(clause, m, o)))
            && !(m.Move!.Id is "come-up-on-top" && moves.Any(o => o.First > m.First && clause.Words[o.First - 1].Text is "a" or "the" or "on" or "to" or "with" && o.Move!.Kind is MoveKind.Takedown or MoveKind.Sweep)))];
    }

    private static bool SameThing(Move generic, Move named) => generic.Kind == named.Kind || (generic.IsSubmission && named.IsSubmission);

    private static bool AreOne(Clause clause, Found generic, Found named)
    {
        var (first, second) = generic.First < named.First ? (generic, named) : (named, generic);
        return second.First - first.After <= 6 && !Enumerable.Range(first.After, second.First - first.After).Any(i => clause.Words[i].Text is "and" or "then" or "but");
    }

    private bool HearMoves(Clause clause, List<Found> moves)
    {
        foreach (var dropped in clause.Found.Where(f => f.Move is not null && !moves.Contains(f))) Understood[dropped] = (dropped.Move!.Id, clause.Subject ?? subject);
        for (var m = 0; m < moves.Count; m++)
        {
            var from = m == 0 ? clause.First : moves[m - 1].After;
            var until = m + 1 < moves.Count ? moves[m + 1].First : clause.After;
            HearMove(clause, moves[m], from, until, [.. clause.Found.Where(f => f.Position is not null && f.First >= from && f.First < until && !Understood.ContainsKey(f))]);
        }
        return true;
    }

    private static string Words(Clause clause, int from, int until) => $" {string.Join(' ', Enumerable.Range(from, Math.Max(0, until - from)).Select(i => clause.Words[i].Text))} ";

    private void HearMove(Clause clause, Found found, int from, int until, List<Found> places)
    {
        var move = found.Move!;
        var before = Words(clause, from, found.First);
        var after = Words(clause, found.After, until);
        var actor = Actor.Of(clause, found, from, subject);
        var attempt = Attempt.Of(before, after, Words(clause, found.First, found.After).Trim(), move);
        if (attempt.Outcome is null)
        {
            Understood[found] = (move.Id, actor.Who);
            foreach (var place in places) PlaceOf(clause, place, actor.Who, null, PlaceUse.At, out _);
            return;
        }

        var (who, guessed) = Guess(actor.Who, move, clause);
        Understood[found] = (move.Id, who);
        if (Settles(clause, found, move, who, actor, after)) return;

        var outcome = actor.Stopped && attempt.Outcome is not Outcome.Near ? Outcome.Stopped : attempt.Outcome.Value;
        if (outcome == Outcome.Tap && Taps(clause) is { } tap && tap.Applier is { } applier) who = applier;
        if (Repeats(move, who, outcome, clause, found)) return;

        // A place before the move, or after "from" or "in", is where it starts; another one is where it leads.
        Found? at = null, to = null;
        foreach (var place in places)
        {
            if (at is null && (place.First < found.First || move.IsSubmission || Lead(clause, place) is "from" || (Lead(clause, place) is "in" or "inside" or "on" or "under" && move.Kind is not (MoveKind.Takedown or MoveKind.Sweep or MoveKind.BackTake or MoveKind.GuardPull)))) at = place;
            else to ??= place;
        }
        var draft = new Draft(new Notch { By = who, Outcome = outcome });
        if (guessed) draft.Doubts.Add(Doubt.Who);
        if (!attempt.Sure) draft.Doubts.Add(Doubt.Outcome);
        if (found.ByEar && clause.Words[found.First].Text.Length > 3 && !IsNearly(clause, found)) draft.Doubts.Add(Doubt.Name);
        if (at is not null)
        {
            account.Now = PlaceOf(clause, at, who, move, PlaceUse.At, out var guess);
            if (guess) draft.Doubts.Add(Doubt.Role);
        }
        var inferred = new List<string>();
        var start = at is not null ? account.Now : Landing.Start(move, who, account.Now);
        if (at is null && start is not null) inferred.Add("from");

        Place? reached = null;
        if (to is not null)
        {
            var named = PlaceOf(clause, to, who, move, PlaceUse.To, out var guess);
            // "shot a double to half guard": it got there, so it landed.
            if (outcome == Outcome.Stopped && attempt.Open && !actor.Stopped && Lead(clause, to) is "to" or "into") outcome = Outcome.Landed;
            if (outcome == Outcome.Landed) reached = named;
            if (guess && outcome == Outcome.Landed) draft.Doubts.Add(Doubt.Role);
        }
        else if (outcome == Outcome.Landed && Landing.End(move, who, start) is { } usual)
        {
            reached = usual;
            inferred.Add("to");
        }

        if (!IsEvent(clause, found, move, outcome, before)) return;
        foreach (var place in places.Where(p => p != at && p != to)) PlaceOf(clause, place, who, null, PlaceUse.At, out _);
        var spanned = places.Where(p => p == at || p == to).Append(found).ToList();
        draft.Open = attempt.Open && !actor.Stopped;
        draft.Notch = new Notch
        {
            By = who,
            Move = move.Id,
            From = start?.Id,
            To = reached?.Id,
            Outcome = outcome,
            Given = actor.Given,
            Side = Sides.Of(clause, found),
            AtSeconds = clock.At,
            RemainingSeconds = clock.Remaining,
            Inferred = inferred,
            Span = new Span(clause.Words[spanned.Min(p => p.First)].Start, clause.Words[spanned.Max(p => p.After) - 1].End),
        };
        clock = default;
        Unfinished(draft);
        account.Add(draft);
        if (outcome == Outcome.Tap && attempt.Sure && !attempt.Open)
        {
            account.Close(ExchangeEnd.Tap);
            subject = clause.Subject ?? subject;
            return;
        }
        account.Now = reached ?? start ?? account.Now;
        subject = clause.Subject ?? subject ?? who;
    }

    // A name spelled with one slip is no riddle.
    private static bool IsNearly(Clause clause, Found found) =>
        found.Move!.Names.Any(n => Spelling.Distance(string.Concat(Enumerable.Range(found.First, found.Count).Select(i => clause.Words[i].Text)), string.Concat(Word.Split(n).Select(w => w.Text)), 2) <= 2);

    // Grips are talk of how, not events; other holds are events when somebody gets them.
    private static bool IsEvent(Clause clause, Found found, Move move, Outcome outcome, string before)
    {
        if (Grips.Contains(move.Id) || Replies.Contains(move.Id)) return false;
        if (!move.Stays) return true;
        if (outcome != Outcome.Landed) return true;
        var verb = clause.Words[found.After - 1].Text;
        var head = clause.Words[found.First].Text;
        if (verb.EndsWith("ed", StringComparison.Ordinal) || verb.EndsWith("ing", StringComparison.Ordinal) || head.EndsWith("ed", StringComparison.Ordinal) || head is "got" or "get" or "gets" or "put" or "sunk") return true;
        if (clause.SubjectIndex >= 0 && clause.SubjectIndex == found.First - 1) return true;
        return before.Split(' ', StringSplitOptions.RemoveEmptyEntries).Any(w => Acquires.Contains(Word.StemOf(w)));
    }

    // "He escaped" after a submission, "I hand fought" after a choke, "came up on top" after a sweep: they say how the last one came out.
    private bool Settles(Clause clause, Found found, Move move, Who who, Actor actor, string after)
    {
        if (account.Last is not { } last) return false;
        var theirs = last.Notch.By != who;
        if (theirs && IsPending(last) && (Replies.Contains(move.Id) || (move.Kind == MoveKind.Escape && vocabulary.Move(last.Notch.Move) is { IsSubmission: true } && (move.Id is "escape" or "bridge" or "hip-escape" || move.To is null)
            && !clause.Found.Any(f => f.Position is not null))))
        {
            Set(last, move.Id == "escape" && last.Notch.Outcome is Outcome.Tap ? Outcome.Near : last.Notch.Outcome is Outcome.Tap ? Outcome.Stopped : last.Notch.Outcome);
            if (move.Id == "escape") Set(last, Outcome.Near);
            return true;
        }
        if (theirs && move.Id == "sprawl" && vocabulary.Move(last.Notch.Move) is { Kind: MoveKind.Takedown } && last.Notch.Outcome == Outcome.Landed && last.Open)
        {
            Set(last, Outcome.Stopped);
            account.Now = vocabulary.Place(last.Notch.From) ?? vocabulary.Place("standing/neutral");
            return false;
        }
        if (!theirs && move.Id == "come-up-on-top" && vocabulary.Move(last.Notch.Move) is { Kind: MoveKind.Sweep or MoveKind.Takedown or MoveKind.Transition or MoveKind.Submission } && clause.Found.All(f => f == found || f.Position is not null))
        {
            if (vocabulary.Move(last.Notch.Move)!.IsSubmission) return false;
            if (last.Notch.Outcome == Outcome.Stopped && last.Open) Set(last, Outcome.Landed, Landing.End(vocabulary.Move(last.Notch.Move)!, who, vocabulary.Place(last.Notch.From)));
            HearPlaces(clause);
            return true;
        }
        // "I tried a submission ... submitted him": generic words for what was just named.
        if (!theirs && move.IsSubmission && Generic.Contains(move.Id) && vocabulary.Move(last.Notch.Move) is { IsSubmission: true } && IsPending(last))
        {
            Set(last, Outcome.Tap);
            account.Close(ExchangeEnd.Tap);
            return true;
        }
        // "hit the tripod ... swept him": the same again in general words, unless something else was told between.
        return !theirs && Generic.Contains(move.Id) && last.Open && last.Notch.Outcome == Outcome.Landed && (last.Notch.To is null || last.Notch.Inferred.Contains("to")) && !clause.Says("then") && vocabulary.Move(last.Notch.Move) is { } named && named.Kind == move.Kind && !Generic.Contains(named.Id) && !clause.NewSentence
            && actor.Given is null && MergeInto(last, clause, who);
    }

    private bool MergeInto(Draft last, Clause clause, Who who)
    {
        foreach (var place in clause.Found.Where(f => f.Position is not null && !Understood.ContainsKey(f)))
        {
            var reached = PlaceOf(clause, place, who, vocabulary.Move(last.Notch.Move), PlaceUse.To, out _);
            last.Notch = last.Notch with { To = reached.Id, Inferred = [.. last.Notch.Inferred.Where(i => i != "to")], Span = last.Notch.Span };
            account.Now = reached;
        }
        return true;
    }

    // "He had a guillotine ... it was the guillotine again": the same attempt named twice in a row is one, and its later outcome holds.
    private bool Repeats(Move move, Who who, Outcome outcome, Clause clause, Found found)
    {
        if (account.Last is not { } last || last.Notch.Move != move.Id || last.Notch.By != who || !move.IsSubmission || !IsPending(last)) return false;
        if (clause.Says("again") || clause.Says("another")) return false;
        Set(last, outcome);
        last.Notch = last.Notch with { Span = new Span(Math.Min(last.Notch.Span!.Value.Start, clause.Words[found.First].Start), last.Notch.Span.Value.End) };
        if (outcome == Outcome.Tap) account.Close(ExchangeEnd.Tap);
        return true;
    }

    private (Who Who, bool Guessed) Guess(Who? told, Move move, Clause clause)
    {
        if (told is { } who) return (who, false);
        if (clause.Says("same") && account.Notches.LastOrDefault(n => n.Notch.Move == move.Id) is { } same) return (same.Notch.By, false);
        if (clause.Says("same") && account.LastBefore is { } earlier && earlier.Notch.Move == move.Id) return (earlier.Notch.By, false);
        // No one named: whoever can do this from here; where both can, a diary speaks of its writer.
        var mine = account.Now is not null && Landing.CanStart(move, account.Now, Who.Me);
        var theirs = account.Now is not null && Landing.CanStart(move, account.Now, Who.Partner);
        return (theirs && !mine ? Who.Partner : Who.Me, mine == theirs && account.Now is not null && account.Now.Role != Role.Neutral);
    }

    // A tap that nobody said aloud did not happen if the exchange goes on.
    private void Unfinished(Draft? next = null)
    {
        if (account.Last is not { } last || last.Notch.Outcome != Outcome.Tap) return;
        if (next is null)
        {
            account.Close(ExchangeEnd.Tap);
            return;
        }
        if (vocabulary.Move(next.Notch.Move) is { Kind: MoveKind.Takedown or MoveKind.GuardPull })
        {
            account.Close(ExchangeEnd.Tap);
            return;
        }
        if (!last.Open) return;
        Set(last, Outcome.Stopped);
        last.Doubts.Add(Doubt.Outcome);
    }

    private bool IsPending(Draft draft) => draft.Open || vocabulary.Move(draft.Notch.Move) is { IsSubmission: true } || draft.Notch.Outcome is Outcome.Stopped or Outcome.Near or Outcome.Threatened;

    private static void Set(Draft draft, Outcome outcome, Place? to = null)
    {
        draft.Notch = draft.Notch with
        {
            Outcome = outcome,
            To = outcome == Outcome.Landed ? to?.Id ?? draft.Notch.To : null,
            Inferred = outcome == Outcome.Landed && to is not null ? [.. draft.Notch.Inferred.Where(i => i != "to"), "to"] : outcome == Outcome.Landed ? draft.Notch.Inferred : [.. draft.Notch.Inferred.Where(i => i != "to")],
        };
        draft.Doubts.Remove(Doubt.Outcome);
        draft.Open = false;
    }

    // "but I posted", "he defended that": the other one's last attempt was stopped.
    private bool HearReply(Clause clause)
    {
        if (account.Last is not { } last) return false;
        var who = clause.Subject ?? subject;
        var lost = clause.SaysAny(Misses);
        var stops = clause.Loose.Any(l => Cues.Stop.Contains(l.Word.Stem) && l.Word.Text is not ("posture" or "postures") && !(l.Word.Stem is "bas" && !l.Word.Text.StartsWith("based", StringComparison.Ordinal)));
        if (!lost && !stops) return false;
        if (stops && !lost && who == last.Notch.By) return false;
        if (last.Notch.Outcome is Outcome.Landed && !last.Open && !clause.Says("stopped it") && !clause.Says("blocked it")) return false;
        if (last.Notch.Outcome is not (Outcome.Near or Outcome.Abandoned)) Set(last, clause.Says("couldnt finish") || clause.Says("could not finish") || clause.Says("didnt finish") || clause.Says("never finished") ? Outcome.Near : Outcome.Stopped);
        if (vocabulary.Place(last.Notch.From) is { } back) account.Now = back;
        foreach (var place in clause.Found.Where(f => f.Position is not null)) account.Now = PlaceOf(clause, place, who, null, PlaceUse.At, out _);
        return true;
    }

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
            given = Actor.Other(let.To);
        }
        if (Attempt.Any(Words(clause, clause.First, named.First), ["no", "never", "didnt", "did not", "without", "not"]))
        {
            PlaceOf(clause, named, actor, null, PlaceUse.At, out _);
            return;
        }
        var stays = IsState(clause, named);
        var place = PlaceOf(clause, named, actor, null, stays ? PlaceUse.At : PlaceUse.To, out var guess);
        var last = account.Last;
        if (account.Now is null && last is null && (stays || !IsGained(clause, actor)))
        {
            account.Start = account.Now = place;
            return;
        }
        if (last is not null && last.Open && Continues(last, actor, place, clause))
        {
            // "he hit the hip bump and ended up in mount": the place is where the move led.
            last.Notch = last.Notch with { Outcome = Outcome.Landed, To = place.Id, Inferred = [.. last.Notch.Inferred.Where(i => i != "to")] };
            last.Doubts.Remove(Doubt.Outcome);
            account.Now = place;
            return;
        }
        if (place == account.Now) return;
        if (stays || (account.Now is null && !IsGained(clause, actor)))
        {
            account.Now = place;
            return;
        }
        Unfinished(new Draft(new Notch { By = Who.Me, Outcome = Outcome.Landed }));
        // Nobody named a move: whoever gained by the change is taken to have made it, unless the sentence says who got there.
        var from = account.Now;
        var gainer = place.Control > (from?.Control ?? 0) ? Who.Me : Who.Partner;
        var by = actor is { } told && (clause.Has(Cues.Takes) || clause.Has(Cues.Change)) && !clause.Says("ended up") && !clause.Says("gives up") && !clause.Says("gave up") && !clause.Says("giving up") ? told : gainer;
        var draft = new Draft(new Notch
        {
            By = by,
            From = from?.Id,
            To = place.Id,
            Outcome = Attempt.Any(Words(clause, clause.First, named.First), ["almost", "nearly"]) ? Outcome.Near : Outcome.Landed,
            Given = given,
            Inferred = from is null ? [] : ["from"],
            AtSeconds = clock.At,
            RemainingSeconds = clock.Remaining,
            Span = new Span(clause.Words[named.First].Start, clause.Words[named.After - 1].End),
        });
        clock = default;
        if (guess) draft.Doubts.Add(Doubt.Role);
        if (draft.Notch.Outcome == Outcome.Near) draft.Notch = draft.Notch with { To = null };
        account.Add(draft);
        Understood[named] = (place.Id, by);
        if (draft.Notch.Outcome == Outcome.Landed) account.Now = place;
    }

    private static bool IsGained(Clause clause, Who? actor) => actor is not null && clause.Loose.Any(l => l.Word.Stem is "get" or "giv" or "secur" or "climb" or "jump" or "tak" && l.Word.Text is not "getting");

    // Whether a place told next is where the last move led rather than a step of its own.
    private bool Continues(Draft last, Who? actor, Place place, Clause clause)
    {
        if (vocabulary.Move(last.Notch.Move) is not { } move || move.IsSubmission || move.Stays) return false;
        if (clause.Has(Cues.Held) && clause.Says("stuck")) return last.Notch.To is null || vocabulary.Place(last.Notch.To)?.Position == place.Position;
        var by = last.Notch.By;
        var gained = by == Who.Me ? place.Control : -place.Control;
        if (last.Notch.Outcome == Outcome.Stopped) return !IsState(clause, clause.Found[0]) && (clause.Has(Cues.Takes) || clause.Has(Cues.Change)) && (actor == by || clause.Says("we")) && gained >= 0.1 && move.Kind is MoveKind.Takedown or MoveKind.Sweep or MoveKind.Pass or MoveKind.BackTake;
        if (last.Notch.Outcome != Outcome.Landed || !last.Notch.Inferred.Contains("to")) return false;
        if (vocabulary.Place(last.Notch.To) == place) return true;
        if (clause.Says("landed in") || clause.Says("landed on") || clause.Says("ended up in")) return true;
        if (clause.Says("then") || (clause.NewSentence && clause.Has(Cues.Takes))) return false;
        if (clause.Subject is null && !clause.NewSentence && actor == by && move.Kind is MoveKind.Escape or MoveKind.GuardRecovery or MoveKind.Sweep or MoveKind.Takedown && vocabulary.Place(last.Notch.To) is { } usual && usual.IsTop == place.IsTop && usual.IsBottom == place.IsBottom) return true;
        return clause.Says("ended up") || clause.Says("end up") || clause.Says("ends up") || clause.Says("ended in") || clause.Says("landed") || clause.Says("land") || clause.Says("lands") || clause.Says("landing") || clause.Says("wound up")
            || (IsState(clause, clause.Found[0]) && !clause.NewSentence) || (clause.Subject is null && !clause.NewSentence && actor == by && move.Kind is MoveKind.Takedown or MoveKind.Sweep or MoveKind.Escape && clause.Says("on top"));
    }

    private bool HearOutcome(Clause clause)
    {
        if (Taps(clause) is { } tap) return HearTap(clause, tap.Applier ?? account.Last?.Notch.By ?? subject);
        var who = clause.Subject ?? subject;
        if (account.Last is not { } last)
        {
            if (account.LastBefore is { } before && Actor.Lets(clause) is not null) return SetGiven(before, clause);
            return clause.Has(Cues.Finish) && !clause.Says("not") && !clause.Says("didnt") && who is { } alone && account.Now is not null && HearTap(clause, alone);
        }
        if (clause.SaysAny(AbandonWords) && who == last.Notch.By && (last.Notch.Outcome != Outcome.Landed || vocabulary.Move(last.Notch.Move) is { IsSubmission: true }))
        {
            Set(last, Outcome.Abandoned);
            return true;
        }
        if (clause.SaysAny(Success) && IsPending(last) && (who is null || who == last.Notch.By || clause.Says("fell for it")))
        {
            if (vocabulary.Move(last.Notch.Move) is { IsSubmission: true })
            {
                Set(last, Outcome.Tap);
                account.Close(ExchangeEnd.Tap);
            }
            else
            {
                Set(last, Outcome.Landed, last.Notch.To is null && vocabulary.Move(last.Notch.Move) is { } move ? Landing.End(move, last.Notch.By, vocabulary.Place(last.Notch.From)) : null);
                account.Now = vocabulary.Place(last.Notch.To) ?? account.Now;
            }
            return true;
        }
        if (clause.Has(Cues.Finish) && who is { } finisher && !clause.Says("not") && !clause.Says("didnt") && !clause.Says("to finish") && !clause.Says("couldnt")) return HearTap(clause, finisher);
        if (clause.SaysAny(Escapes) && IsPending(last) && last.Notch.By != who)
        {
            Set(last, Outcome.Near);
            return true;
        }
        if ((clause.Has(Cues.Near) || clause.Says("saved by the bell")) && IsPending(last))
        {
            Set(last, Outcome.Near);
            return true;
        }
        return Actor.Lets(clause) is not null && SetGiven(last, clause);
    }

    private static bool SetGiven(Draft draft, Clause clause)
    {
        if (Actor.Lets(clause) is not { } let || draft.Notch.By != let.To || draft.Notch.Outcome is not (Outcome.Landed or Outcome.Tap)) return false;
        draft.Notch = draft.Notch with { Given = Actor.Other(let.To) };
        return true;
    }

    private bool HearTap(Clause clause, Who? by)
    {
        if (account.LastBefore is { } told && account.IsFresh && told.Notch.Outcome == Outcome.Tap && (by is null || told.Notch.By == by) && !clause.Says("again"))
        {
            told.Doubts.Remove(Doubt.Outcome);
            return true;
        }
        if (by is null) return false;
        if (account.Last is { } last && last.Notch.By == by && vocabulary.Move(last.Notch.Move) is { IsSubmission: true })
        {
            Set(last, Outcome.Tap);
            account.Close(ExchangeEnd.Tap);
            return true;
        }
        if (account.Notches.LastOrDefault(n => n.Notch.By == by) is { Notch.Outcome: Outcome.Stopped or Outcome.Tap or Outcome.Near or Outcome.Threatened } earlier && vocabulary.Move(earlier.Notch.Move) is { IsSubmission: true } && account.Notches[^1].Notch.By != by)
        {
            Set(earlier, Outcome.Tap);
            account.Close(ExchangeEnd.Tap);
            return true;
        }
        account.Add(new Draft(new Notch { By = by.Value, From = account.Now?.Id, Outcome = Outcome.Tap, Inferred = account.Now is null ? [] : ["from"], Span = new Span(clause.Start, clause.End) }));
        account.Close(ExchangeEnd.Tap);
        return true;
    }

    private static ExchangeEnd? Ends(Clause clause) =>
        clause.Has(Cues.Reset) || clause.Says("started again") || clause.Says("started over") || clause.Says("start again") || clause.Says("went again") || clause.Says("slap and bump again") ? ExchangeEnd.Reset
        : clause.Says("time ran out") || clause.Says("ran out of time") || clause.Has(Bell) || clause.Says("time was up") || clause.Says("round ended") || clause.Says("end of the round") || clause.Says("until time") || clause.Says("till time") || clause.Says("then time") || IsAlone(clause, "time") || clause.Says("till the end") || clause.Says("and time") || clause.Says("time is up") ? ExchangeEnd.Time
        : clause.Says("out of bounds") || clause.Says("off the mat") || clause.Says("hit the wall") || clause.Says("into the wall") ? ExchangeEnd.Boundary
        : null;

    private static readonly HashSet<string> Bell = ["bell", "buzzer", "timer"];

    private static bool IsAlone(Clause clause, string word) => clause.Words[clause.After - 1].Text == word && Enumerable.Range(clause.First, clause.After - clause.First - 1).All(i => clause.Words[i].Text is "and" or "then" or "again" or "so");

    private bool HearEnd(Clause clause)
    {
        var ended = Ends(clause)!.Value;
        var moves = Moves(clause);
        var restart = ended is ExchangeEnd.Reset or ExchangeEnd.Boundary;
        if (moves.Count > 0 && !restart) HearMoves(clause, moves);
        if (ended == ExchangeEnd.Time && account.Last is { } last && IsPending(last) && last.Notch.Outcome is not (Outcome.Landed or Outcome.Abandoned or Outcome.Threatened)) Set(last, clause.Says("saved by the bell") ? Outcome.Near : last.Notch.Outcome is Outcome.Near ? Outcome.Near : Outcome.Stopped);
        if (!restart) HearPlaces(clause);
        account.Close(ended);
        if (!restart) return true;
        foreach (var named in clause.Found.Where(f => f.Position is not null)) account.Start = account.Now = PlaceOf(clause, named, clause.Subject, null, PlaceUse.At, out _);
        if (moves.Count > 0) HearMoves(clause, moves);
        return true;
    }

    private Place PlaceOf(Clause clause, Found named, Who? actor, Move? move, PlaceUse use, out bool guess)
    {
        (var place, guess) = PlaceReading.Of(clause, named, actor, move, use, account.Now);
        Understood[named] = (place.Id, actor);
        return place;
    }

    // Who made whom tap, if the clause has a tap: the one who applied.
    private static (int Index, Who? Applier)? Taps(Clause clause)
    {
        foreach (var (index, word) in clause.Loose)
        {
            if (word.Stem != "tap" || clause.At(index - 1) is "no" or "not" or "didnt" || clause.At(index + 1) is "out" && false) continue;
            var before = clause.At(index - 1);
            // "tapped him", "got the tap": the subject applied. "I tapped": the other did.
            var ofSubject = clause.ObjectAfter(index) is not null || (before is "the" or "a" or "quick" or "another" && !clause.Says("to tap")) || clause.Says("made him tap") || clause.Says("made her tap") || clause.Says("made me tap") || clause.Says("makes me tap");
            return (index, clause.Subject is { } s ? (ofSubject ? s : Actor.Other(s)) : null);
        }
        return null;
    }

    private static string Lead(Clause clause, Found place)
    {
        var i = place.First - 1;
        while (i >= clause.First && clause.Words[i].Text is "the" or "a" or "my" or "his" or "her" or "their" or "full" or "bottom" or "top" or "like" or "right" or "left") i--;
        if (i < clause.First) return "";
        // "landed in", "ended up on": in and on lead there.
        var leads = clause.Words[i].Text is "in" or "on" && i > clause.First && (clause.Words[i - 1].Stem is "land" or "end" || clause.Words[i - 1].Text is "up" or "down" or "top");
        return leads ? "to" : clause.Words[i].Text;
    }

    private static bool IsState(Clause clause, Found named)
    {
        if (clause.Says("ended up") || clause.Says("ended in") || clause.Says("ended on") || clause.Says("end up") || clause.Says("ends up")) return false;
        var lead = Lead(clause, named);
        if (lead is "from") return true;
        if (lead is "to" or "into") return false;
        if (clause.Loose.Any(l => l.Word.Stem is "be" or "start" or "stick" or "stuck" or "surviv" or "begin" or "began" or "stay" or "hold" or "play" || l.Word.Text is "im" or "hes" or "shes" or "were")) return true;
        if (clause.Loose.Any(l => l.Word.Stem is "hav") && lead is "had" or "have" or "has" or "having") return true;
        return !clause.Has(Cues.Change) && !clause.Has(Cues.Takes) && lead is "in" or "inside" or "under" or "at";
    }
}
