using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Follows a retelling clause by clause: who acts, where the walk is, what came of what was tried.</summary>
internal sealed partial class RollFollower(MatVocabulary vocabulary)
{
    private static readonly HashSet<string> Acquires =
    [
        "get",
        "secur",
        "establish",
        "tak",
        "hit",
        "set",
        "win",
        "dig",
        "sneak",
        "snuck",
        "put",
        "throw",
        "threw",
        "start",
        "sink",
        "sunk",
        "switch",
        "go",
        "lock",
        "giv",
        "us",
        "pummel",
        "jump",
    ];

    private static readonly PlaceId ClosedGuardTop = new("closed-guard/top");
    private static readonly MoveId StandInGuard = new("stand-in-guard");

    private readonly Account account = new(vocabulary);
    private Who? subject;
    private (int? At, int? Remaining) clock;
    private (Move Move, Who Who, int After)? replied;
    private Found? roleGuessed;

    /// <summary>What each name of a place or move was understood as.</summary>
    public Dictionary<Found, (string Id, Who? By)> Understood { get; } = [];

    /// <summary>Index of the exchange and notch last told, for a takeaway to tie to.</summary>
    public (int Exchange, int Notch)? LastTold => account.LastTold;

    /// <summary>The exchanges told, with what is in doubt.</summary>
    public IReadOnlyList<(ReadExchange Read, IReadOnlyList<NotchSoFar> Drafts)> Finish()
    {
        Unfinished();
        FinishSum();
        return account.Finish();
    }

    /// <summary>Takes in what is only talked of: it names things and counts nothing.</summary>
    public void Overhear(Clause clause)
    {
        var actor = clause.Subject ?? subject;
        foreach (var found in clause.Found)
        {
            if (found.Move is { } move)
                Understood[found] = (move.Id.Value, clause.OwnerOf(found) ?? actor);
            else
                Understood[found] = (PlaceReading.Of(clause, found, actor, null, PlaceUse.At, account.Now).Place.Id.Value, actor);
        }
    }

    /// <summary>Takes in the next clause of what happened; false when nothing was understood of it.</summary>
    public bool Hear(Clause clause)
    {
        if (clause.Subject is null && clause.NewSentence)
            subject = null;
        subject = clause.Subject ?? (clause.Says("we") ? null : subject);

        // "At 2:30 he ...": the time is said before the one who acts.
        var time = (Times.At(clause), Times.Remaining(clause));
        if (time is not (null, null))
            clock = time;

        if (HearSum(clause))
        {
            account.Cover(clause.Start, clause.End);
            return true;
        }
        var moves = Moves(clause);
        var heard = Ends(clause) is not null ? HearEnd(clause) : false;
        if (!heard)
        {
            heard = moves.Count > 0 ? HearMoves(clause, moves) : HearReply(clause) || HearPlaces(clause);
            if (moves.Count == 0)
                heard |= HearOutcome(clause);
        }
        if (heard)
            account.Cover(clause.Start, clause.End);
        return heard || (clause.Subject is not null && clause.After - clause.First == 1);
    }

    /// <summary>Adds a cause to the last notch; false when there is none to add to.</summary>
    public bool Blame(string cause)
    {
        if ((account.Last ?? account.LastBefore) is not { } last)
            return false;
        if (!last.Notch.Causes.Contains(cause))
            last.Notch = last.Notch with { Causes = [.. last.Notch.Causes, cause] };
        return true;
    }

    /// <summary>Adds advice to the last notch.</summary>
    public void Advise(Advice advice)
    {
        if ((account.Last ?? account.LastBefore) is { } last)
            last.Notch = last.Notch with { Advice = [.. last.Notch.Advice, advice] };
    }

    private static List<Found> Moves(Clause clause)
    {
        var moves = clause.Found.Where(f => f.Move is not null).ToList();
        if (moves.Count < 2)
            return moves;
        // "swept him with a scissor sweep", "passed with the body lock": the verb and the name are one move.
        // "snapped him down with a snap down" is one, too.
        var twice = moves
            .Zip(moves.Skip(1))
            .Where(p => p.First.Move == p.Second.Move && AreOne(clause, p.First, p.Second))
            .Select(p => p.First)
            .ToList();
        return
        [
            .. moves
                .Except(twice)
                .Where(m =>
                    !(
                        m.Move!.Word == MoveWord.General
                        && moves.Any(o => o != m && o.Move!.Word != MoveWord.General && SameThing(m.Move, o.Move) && AreOne(clause, m, o))
                    )
                    && !(
                        m.Move!.Id.Value is "come-up-on-top"
                        && moves.Any(o =>
                            o.First > m.First
                            && clause.Words[o.First - 1].Text is "a" or "the" or "on" or "to" or "with"
                            && o.Move!.Kind is MoveKind.Takedown or MoveKind.Sweep
                        )
                    )
                ),
        ];
    }

    private static bool SameThing(Move generic, Move named) => generic.Kind == named.Kind || (generic.IsSubmission && named.IsSubmission);

    private static bool AreOne(Clause clause, Found generic, Found named)
    {
        var (first, second) = generic.First < named.First ? (generic, named) : (named, generic);
        return second.First - first.After <= 6
            && !Enumerable.Range(first.After, second.First - first.After).Any(i => clause.Words[i].Text is "and" or "then" or "but");
    }

    private bool HearMoves(Clause clause, List<Found> moves)
    {
        foreach (var dropped in clause.Found.Where(f => f.Move is not null && !moves.Contains(f)))
            Understood[dropped] = (dropped.Move!.Id.Value, clause.Subject ?? subject);
        for (var m = 0; m < moves.Count; m++)
        {
            var from = m == 0 ? clause.First : moves[m - 1].After;
            var until = m + 1 < moves.Count ? moves[m + 1].First : clause.After;
            HearMove(
                clause,
                moves[m],
                from,
                until,
                [.. clause.Found.Where(f => f.Position is not null && f.First >= from && f.First < until && !Understood.ContainsKey(f))]
            );
        }
        return true;
    }

    // Who stands up inside a guard opens it; only from below is it a way out.
    private Move Meant(Clause clause, Found found)
    {
        var move = found.Move!;
        if (move.Id.Value is not ("stand-up-escape" or "technical-stand-up") || account.Now is not { } now)
            return move;
        var who = clause.Subject ?? subject ?? Who.Me;
        return now.SeenBy(who).Id == ClosedGuardTop ? vocabulary.Move(StandInGuard)! : move;
    }

    private static string Words(Clause clause, int from, int until) =>
        $" {string.Join(' ', Enumerable.Range(from, Math.Max(0, until - from)).Select(i => clause.Words[i].Text))} ";

    private void HearMove(Clause clause, Found found, int from, int until, List<Found> places)
    {
        var move = Meant(clause, found);
        var before = Words(clause, from, found.First);
        var after = Words(clause, found.After, until);
        var actor = Actor.Of(clause, found, from, subject);
        var attempt = Attempt.Of(before, after, Words(clause, found.First, found.After).Trim(), move);
        if (attempt.Outcome is not { } cameOf)
        {
            Understood[found] = (move.Id.Value, actor.Who);
            foreach (var place in places)
                PlaceNamed(clause, place, actor.Who, null, PlaceUse.At, out _);
            return;
        }

        var (who, guessed) = Guess(actor.Who, move, clause);
        if (move.IsSubmission && Listed(clause) is { } lister)
        {
            (who, guessed) = (lister, false);
            if (!attempt.Sure)
                (cameOf, attempt) = (Outcome.Tap, new(Outcome.Tap, true, false));
        }
        if (sum is { } listed && who == listed.By && cameOf == Outcome.Tap)
            sum = listed with { Told = true };
        Understood[found] = (move.Id.Value, who);
        if (Settles(clause, found, move, who, actor))
            return;

        var outcome = actor.Stopped && cameOf != Outcome.Near ? Outcome.Stopped : cameOf;
        if (outcome == Outcome.Tap && Taps(clause) is { } tap && tap.Applier is { } applier)
            who = applier;
        // "Choked me" after a clause of mine: who suffers it cannot be who did it.
        if (outcome == Outcome.Tap && clause.Subject is null && Sufferer(clause, found) == who)
            who = who.Other();
        if (Actor.IsCaughtIn(clause, found, from) && !attempt.Sure)
            outcome = Outcome.Stopped;
        if (Repeats(move, who, outcome, attempt.Sure, clause, found))
            return;

        // A place before the move, or after "from" or "in", is where it starts; another one is where it leads.
        Found? at = null,
            to = null;
        foreach (var place in places)
        {
            if (
                at is null
                && (
                    IsPassed(clause, place, move)
                    || (place.First < found.First && !IsReached(clause, place, from))
                    || move.IsSubmission
                    || Lead(clause, place) is "from"
                    || (
                        Lead(clause, place) is "in" or "inside" or "on" or "under"
                        && move.Kind is not (MoveKind.Takedown or MoveKind.Sweep or MoveKind.BackTake or MoveKind.GuardPull)
                    )
                )
            )
                at = place;
            else
                to ??= place;
        }
        if (
            at is null
            && roleGuessed is { } guessedAt
            && account.Now is { } there
            && move.From.Count > 0
            && !Landing.CanStart(move, there, who)
            && there.Mirror is var mirror
            && (Landing.CanStart(move, mirror, who) || (move.IsSubmission && there.SeenBy(who) is { IsBottom: true, IsGuard: false }))
        )
        {
            // "I'm in side control and he goes for the north south choke": what he does says who was on top.
            if (account.Start == there)
                account.Start = mirror;
            if (account.Last is { } reacher && reacher.Notch.To == there.Id)
                reacher.Notch = reacher.Notch with { To = mirror.Id };
            account.Now = mirror;
            Understood[guessedAt] = (mirror.Id.Value, Understood[guessedAt].By);
        }
        var draft = new NotchSoFar(new Notch { By = who, Outcome = outcome }, move);
        if (guessed)
            draft.Doubts.Add(Doubt.Who);
        if (!attempt.Sure)
            draft.Doubts.Add(Doubt.Outcome);
        if (outcome == Outcome.Tap)
            draft.Doubts.UnionWith(DoubtsOfTap(clause, found, move, actor));
        if (found.ByEar && clause.Words[found.First].Text.Length > 3 && !IsNearly(clause, found))
            draft.Doubts.Add(Doubt.Name);
        if (at is not null)
        {
            account.Now = PlaceNamed(clause, at, who, move, PlaceUse.At, out var guess);
            if (guess)
                draft.Doubts.Add(Doubt.Role);
        }
        var inferred = new List<string>();
        var start = at is not null ? account.Now : Landing.Start(move, who, account.Now);
        if (at is null && start is not null)
            inferred.Add("from");

        Place? reached = null;
        if (to is not null)
        {
            var named = PlaceNamed(clause, to, who, move, PlaceUse.To, out var guess);
            // "shot a double to half guard": it got there, so it landed.
            if (outcome == Outcome.Stopped && attempt.Open && !actor.Stopped && Lead(clause, to) is "to" or "into")
                outcome = Outcome.Landed;
            if (outcome == Outcome.Landed)
                reached = named;
            if (guess && outcome == Outcome.Landed)
                draft.Doubts.Add(Doubt.Role);
        }
        else if (outcome == Outcome.Landed && Landing.End(move, who, start) is { } usual)
        {
            reached = usual;
            inferred.Add("to");
        }

        var led = reached?.Id ?? (move.To?.SeenBy(who).Id);
        if (
            outcome == Outcome.Landed
            && at is null
            && account.Last is { Move: null, Notch: { Outcome: Outcome.Landed, To: not null } } unnamed
            && unnamed.Notch.By == who
            && unnamed.Notch.To == led
        )
        {
            // "He gave up the back so I took the back": one change of place, named the second time.
            unnamed.Move = move;
            unnamed.Notch = unnamed.Notch with { Move = move.Id };
            return;
        }
        if (
            !IsEvent(
                clause,
                found,
                move,
                outcome,
                before,
                account.Last is { Move.Stays: true, Notch.Outcome: Outcome.Landed } held && held.Notch.By == who
            )
        )
            return;
        foreach (var place in places.Where(p => p != at && p != to))
            PlaceNamed(clause, place, who, null, PlaceUse.At, out _);
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
            At = RollTime.Of(clock.At),
            Remaining = RollTime.Of(clock.Remaining),
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
        roleGuessed = null;
        subject = clause.Subject ?? subject ?? who;
    }

    // "Passed to mount with a knee slide": the general word led there before the move was named.
    private static bool IsReached(Clause clause, Found place, int from) =>
        Lead(clause, place) is "to" or "into"
        && clause.Found.Any(f => f.Move is { Word: MoveWord.General } && f.First >= from && f.After <= place.First);

    // "Passed his half guard": what is passed is where it starts, unless it went to there.
    private static bool IsPassed(Clause clause, Found place, Move move) =>
        move.Kind == MoveKind.Pass && place.Position is { Holder: Role.Bottom } && Lead(clause, place) is not ("to" or "into");

    // A name spelled with one slip is no riddle.
    private static bool IsNearly(Clause clause, Found found) =>
        found.Move!.Names.Any(n =>
            Spelling.Distance(
                string.Concat(Enumerable.Range(found.First, found.Count).Select(i => clause.Words[i].Text)),
                string.Concat(Word.Split(n).Select(w => w.Text)),
                2
            ) <= 2
        );

    // Grips are talk of how, not events; other holds are events when somebody gets them.
    private static bool IsEvent(Clause clause, Found found, Move move, Outcome outcome, string before, bool goesOn)
    {
        if (move.Word is MoveWord.Manner or MoveWord.Reply)
            return false;
        // "elevated me with a butterfly hook" says how.
        if (move.Kind == MoveKind.GuardRecovery && IsManner(clause, found))
            return false;
        if (!move.Stays)
            return true;
        if (outcome != Outcome.Landed)
            return true;
        // "gets the underhook and the cross face": what was got, goes on.
        if (
            goesOn
            && clause.First == found.First - 2
            && clause.Words[clause.First].Text == "and"
            && clause.Words[clause.First + 1].Text is "the" or "a"
        )
            return true;
        var verb = clause.Words[found.After - 1].Text;
        var head = clause.Words[found.First].Text;
        if (
            verb.EndsWith("ed", StringComparison.Ordinal)
            || verb.EndsWith("ing", StringComparison.Ordinal)
            || head.EndsWith("ed", StringComparison.Ordinal)
            || head is "got" or "get" or "gets" or "put" or "sunk"
        )
            return true;
        if (clause.SubjectIndex >= 0 && clause.SubjectIndex == found.First - 1)
            return true;
        return before.Split(' ', StringSplitOptions.RemoveEmptyEntries).Any(w => Acquires.Contains(Word.StemOf(w)));
    }

    private static bool IsManner(Clause clause, Found found) =>
        clause.Found.Any(f => f.After <= found.First && f.Move is { Kind: MoveKind.Sweep or MoveKind.Takedown })
        && clause.At(found.First - 2) == "with"
        && clause.At(found.First - 1) is "a" or "an" or "the" or "my" or "his" or "her";

    private (Who Who, bool Guessed) Guess(Who? told, Move move, Clause clause)
    {
        if (told is { } who)
            return (who, false);
        if (clause.Says("same") && account.Notches.LastOrDefault(n => n.Notch.Move == move.Id) is { } same)
            return (same.Notch.By, false);
        if (clause.Says("same") && account.LastBefore is { } earlier && earlier.Notch.Move == move.Id)
            return (earlier.Notch.By, false);
        // No one named: whoever can do this from here; where both can, a diary speaks of its writer.
        var mine = account.Now is not null && Landing.Suits(move, account.Now, Who.Me);
        var theirs = account.Now is not null && Landing.Suits(move, account.Now, Who.Partner);
        return (theirs && !mine ? Who.Partner : Who.Me, mine == theirs && account.Now is not null && account.Now.Role != Role.Neutral);
    }
}
