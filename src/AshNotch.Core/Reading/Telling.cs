using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Follows a retelling clause by clause: who acts, where the walk is, what came of what was tried.</summary>
internal sealed partial class Telling
{
    private static readonly HashSet<string> Acquires = ["get", "secur", "establish", "tak", "hit", "set", "win", "dig", "sneak", "snuck", "put", "throw", "threw", "start", "sink", "sunk", "switch", "go", "lock", "giv", "us", "pummel", "jump"];

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
        return [.. moves.Except(twice).Where(m => !(m.Move!.Word == MoveWord.General && moves.Any(o => o != m && o.Move!.Word != MoveWord.General && SameThing(m.Move, o.Move) && AreOne(clause, m, o)))
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
        if (Settles(clause, found, move, who, actor)) return;

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
        var draft = new Draft(new Notch { By = who, Outcome = outcome }, move);
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
        if (move.Word is MoveWord.Manner or MoveWord.Reply) return false;
        if (!move.Stays) return true;
        if (outcome != Outcome.Landed) return true;
        var verb = clause.Words[found.After - 1].Text;
        var head = clause.Words[found.First].Text;
        if (verb.EndsWith("ed", StringComparison.Ordinal) || verb.EndsWith("ing", StringComparison.Ordinal) || head.EndsWith("ed", StringComparison.Ordinal) || head is "got" or "get" or "gets" or "put" or "sunk") return true;
        if (clause.SubjectIndex >= 0 && clause.SubjectIndex == found.First - 1) return true;
        return before.Split(' ', StringSplitOptions.RemoveEmptyEntries).Any(w => Acquires.Contains(Word.StemOf(w)));
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
}
