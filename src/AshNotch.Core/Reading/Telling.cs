using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Follows a retelling clause by clause: where the walk is, who spoke of whom last, and the exchanges so far.</summary>
internal sealed class Telling
{
    private static readonly HashSet<string> Generic = ["sweep", "takedown", "guard-pass", "submission", "choke", "escape", "back-take", "guard-recovery"];
    private static readonly HashSet<string> Participles = ["swept", "taken", "caught", "thrown", "cut"];

    private readonly MatVocabulary vocabulary = MatVocabulary.BuiltIn;
    private readonly List<(Exchange Exchange, int Start, int End)> done = [];
    private readonly List<Notch> notches = [];
    private Place? start;
    private Place? now;
    private ExchangeEnd? end;
    private int? opened;
    private int closed;
    private Who? subject;

    /// <summary>What each name of a place or move was understood as.</summary>
    public Dictionary<Found, (string Id, Who? By)> Understood { get; } = [];

    /// <summary>Takes in the next clause; false when nothing was understood of it.</summary>
    public bool Hear(Clause clause)
    {
        var said = clause.Subject;
        if (said is null && clause.NewSentence) subject = null;
        subject = said ?? subject;

        if (clause.Has(Cues.Hypothetical) && clause.Found.Count > 0) return false;

        var moves = Moves(clause);
        var heard = moves.Count > 0 ? HearMoves(clause, moves) : HearPlaces(clause);
        heard |= moves.Count == 0 && HearOutcome(clause);
        heard |= HearEnd(clause);
        if (heard)
        {
            opened ??= clause.Start;
            closed = clause.End;
        }
        return heard || said is not null && clause.After - clause.First == 1;
    }

    /// <summary>Adds a cause to the last notch; false when there is none to add to.</summary>
    public bool Blame(string cause)
    {
        if (Last is not { } last) return false;
        if (!last.Causes.Contains(cause)) Last = last with { Causes = [.. last.Causes, cause] };
        return true;
    }

    /// <summary>Index of the exchange and notch last told, for a takeaway to tie to.</summary>
    public (int Exchange, int Notch)? LastTold => notches.Count > 0 ? (done.Count, notches.Count - 1)
        : done.Count > 0 && done[^1].Exchange.Notches.Count > 0 ? (done.Count - 1, done[^1].Exchange.Notches.Count - 1) : null;

    /// <summary>The exchanges told.</summary>
    public IReadOnlyList<ReadExchange> Finish()
    {
        Close();
        return [.. done.Select(d => new ReadExchange(d.Start, d.End, d.Exchange))];
    }

    private Notch? Last
    {
        get => notches.Count > 0 ? notches[^1] : null;
        set => notches[^1] = value!;
    }

    private static List<Found> Moves(Clause clause)
    {
        var moves = clause.Found.Where(f => f.Move is not null).ToList();
        // "swept him with a scissor sweep": the verb and the name are one move.
        return moves.Count < 2 ? moves : [.. moves.Where(m => !Generic.Contains(m.Move!.Id) || !moves.Any(o => !Generic.Contains(o.Move!.Id) && SameThing(m.Move, o.Move)))];
    }

    private static bool SameThing(Move generic, Move named) => generic.Kind == named.Kind || (generic.IsSubmission && named.IsSubmission);

    private bool HearMoves(Clause clause, List<Found> moves)
    {
        for (var m = 0; m < moves.Count; m++)
        {
            var found = moves[m];
            var move = found.Move!;
            var previousEnd = m == 0 ? clause.First : moves[m - 1].After;
            var nextStart = m + 1 < moves.Count ? moves[m + 1].First : clause.After;
            HearMove(clause, found, move, [.. clause.Found.Where(f => f.Position is not null && f.First >= previousEnd && f.First < nextStart && !Understood.ContainsKey(f))]);
        }
        return true;
    }

    private void HearMove(Clause clause, Found found, Move move, List<Found> places)
    {
        var (actor, given, guessed) = ActorOf(clause, found, move);

        // A place before the move, or after "from" or "in", is where it starts; another one is where it leads.
        Found? at = null, to = null;
        foreach (var place in places)
        {
            if (at is null && (place.First < found.First || move.IsSubmission || Lead(clause, place) is "from" or "in" or "inside" or "on" or "under")) at = place;
            else to ??= place;
        }

        var sure = true;
        if (at is not null) now = Understand(clause, at, actor, move, PlaceUse.At, ref sure);
        if (move.Kind == MoveKind.Escape && to is null && move.Id == "escape" && Last is { } open && open.By != actor && IsOpen(open))
        {
            Last = open with { Outcome = Outcome.Near };
            Understood[found] = (move.Id, actor);
            return;
        }
        if (move.Id == "submission" && move.IsSubmission && Last is { } attempt && IsOpen(attempt) && attempt.By == actor && !clause.NewSentence)
        {
            EndWithTap(attempt with { Outcome = Outcome.Tap });
            Understood[found] = (attempt.Move ?? move.Id, actor);
            return;
        }

        var (outcome, doubt) = Outcomes.Of(clause, move);
        if (outcome == Outcome.Tap && Outcomes.Taps(clause) is { } tap && tap.Applier is { } applier) actor = applier;
        var inferred = new List<string>();
        var from = now;
        if (from is null || (at is null && !CanStart(move, from, actor)))
        {
            var likely = LikelyStart(move, actor, from);
            if (from is null && likely is not null)
            {
                from = likely;
                inferred.Add("from");
            }
        }
        else if (at is null)
        {
            inferred.Add("from");
        }

        Place? reached = null;
        if (outcome == Outcome.Landed)
        {
            if (to is not null) reached = Understand(clause, to, actor, move, PlaceUse.To, ref sure);
            else if (Destination(move, actor, from) is { } usual)
            {
                reached = usual;
                inferred.Add("to");
            }
        }
        else if (to is not null)
        {
            Understand(clause, to, actor, move, PlaceUse.To, ref sure);
        }

        var spanned = places.Where(p => p == at || p == to).Append(found).ToList();
        var notch = new Notch
        {
            By = actor,
            Move = move.Id,
            From = from?.Id,
            To = reached?.Id,
            Outcome = outcome,
            Given = given,
            Side = Sides.Of(clause, found),
            AtSeconds = Times.At(clause),
            RemainingSeconds = Times.Remaining(clause),
            Unsure = guessed || doubt || !sure,
            Inferred = inferred,
            Span = new Span(clause.Words[spanned.Min(p => p.First)].Start, clause.Words[spanned.Max(p => p.After) - 1].End),
        };
        Understood[found] = (move.Id, actor);
        if (notches.Count == 0) start ??= from;
        if (outcome == Outcome.Tap)
        {
            notches.Add(notch);
            EndWithTap(notch);
            return;
        }
        notches.Add(notch);
        now = reached ?? from ?? now;
        subject = clause.Subject ?? actor;
    }

    private bool HearPlaces(Clause clause)
    {
        var heard = false;
        foreach (var named in clause.Found.Where(f => f.Position is not null))
        {
            heard = true;
            var actor = clause.Subject ?? (clause.NewSentence ? null : subject);
            var (given, let) = Lets(clause);
            if (let is not null) actor = let;
            var stays = IsState(clause, named);
            var sure = true;
            var place = Understand(clause, named, actor, null, stays ? PlaceUse.At : PlaceUse.To, ref sure);
            if (now is null && notches.Count == 0)
            {
                start = now = place;
                continue;
            }
            if (place == now) continue;
            if (stays || now is null)
            {
                now = place;
                continue;
            }
            // Nobody named a move: whoever gained by the change is taken to have made it, unless the sentence says who got there.
            var by = actor is { } told && clause.Has(Cues.Takes) ? told : place.Control > now.Control ? Who.Me : Who.Partner;
            notches.Add(new Notch
            {
                By = by,
                From = now.Id,
                To = place.Id,
                Outcome = Outcome.Landed,
                Given = given,
                Unsure = !sure,
                Inferred = ["from"],
                AtSeconds = Times.At(clause),
                RemainingSeconds = Times.Remaining(clause),
                Span = new Span(clause.Words[named.First].Start, clause.Words[named.After - 1].End),
            });
            Understood[named] = (place.Id, by);
            now = place;
        }
        return heard;
    }

    private bool HearOutcome(Clause clause)
    {
        if (Outcomes.Taps(clause) is { } tap && !clause.Says("tap to"))
        {
            return HearTap(clause, tap.Applier ?? Last?.By ?? subject);
        }
        if (clause.Has(Cues.Finish)) return HearTap(clause, clause.Subject ?? subject);
        if (Last is not { } last) return false;
        if (Outcomes.Tries(clause) && Outcomes.Stops(clause) && last.Outcome is Outcome.Landed or Outcome.Tap or Outcome.Stopped)
        {
            if (last.Outcome == Outcome.Landed && vocabulary.Place(last.From) is { } back) now = back;
            Last = last with { Outcome = Outcome.Stopped, To = null, Inferred = [.. last.Inferred.Where(i => i != "to")] };
            return true;
        }
        if (clause.Has(Cues.Abandon) || clause.Says("gave it up") || clause.Says("let it go") || clause.Says("let go"))
        {
            Last = last with { Outcome = Outcome.Abandoned, To = null };
            return true;
        }
        if (clause.Has(Cues.Near) || clause.Says("saved by the bell"))
        {
            if (IsOpen(last)) Last = last with { Outcome = Outcome.Near };
            return true;
        }
        return false;
    }

    private bool HearTap(Clause clause, Who? by)
    {
        // "He got an armbar. I tapped." was counted when the armbar was told.
        if (notches.Count == 0 && done.Count > 0 && done[^1].Exchange.End == ExchangeEnd.Tap && done[^1].Exchange.Notches is [.., var told] && (by is null || told.By == by))
        {
            if (told.Unsure) done[^1] = (done[^1].Exchange with { Notches = [.. done[^1].Exchange.Notches.SkipLast(1), told with { Unsure = false }] }, done[^1].Start, clause.End);
            return true;
        }
        if (by is null) return false;
        if (Last is { } last && last.By == by && IsOpen(last))
        {
            EndWithTap(last with { Outcome = Outcome.Tap });
            return true;
        }
        var tap = new Notch { By = by.Value, From = now?.Id, Outcome = Outcome.Tap, Inferred = now is null ? [] : ["from"], Span = new Span(clause.Start, clause.End) };
        notches.Add(tap);
        EndWithTap(tap);
        return true;
    }

    private bool HearEnd(Clause clause)
    {
        ExchangeEnd? ended = clause.Has(Cues.Reset) || clause.Says("started again") || clause.Says("started over") || clause.Says("start again") || clause.Says("went again") ? ExchangeEnd.Reset
            : clause.Says("time ran out") || clause.Says("ran out of time") || clause.Has(Bell) || clause.Says("time was up") || clause.Says("round ended") || clause.Says("end of the round") || IsAlone(clause, "time") ? ExchangeEnd.Time
            : clause.Says("out of bounds") || clause.Says("off the mat") || clause.Says("hit the wall") || clause.Says("into the wall") ? ExchangeEnd.Boundary
            : null;
        if (ended is null) return false;
        if (ended == ExchangeEnd.Time && Last is { } last && IsOpen(last) && clause.Says("saved by the bell")) Last = last with { Outcome = Outcome.Near };
        if (notches.Count == 0 && start is null)
        {
            // "We reset" after a tap has nothing more to end.
            return true;
        }
        var there = clause.Found.FirstOrDefault(f => f.Position is not null);
        end = ended;
        var next = there is not null && ended == ExchangeEnd.Reset ? now : null;
        Close();
        if (next is not null) start = now = next;
        return true;
    }

    private static readonly HashSet<string> Bell = ["bell", "buzzer", "timer"];

    private static bool IsAlone(Clause clause, string word) => clause.After - clause.First == 1 && clause.Words[clause.First].Text == word;

    private void EndWithTap(Notch notch)
    {
        notches[^1] = notch;
        end = ExchangeEnd.Tap;
        Close();
    }

    private void Close()
    {
        if (notches.Count > 0 || start is not null)
        {
            var from = opened ?? (notches.Count > 0 ? notches[0].Span!.Value.Start : 0);
            var until = Math.Max(closed, notches.Count > 0 ? notches[^1].Span!.Value.End : closed);
            done.Add((new Exchange { Start = start?.Id, End = end, Notches = [.. notches] }, from, until));
        }
        notches.Clear();
        start = now = null;
        end = null;
        opened = null;
        closed = 0;
        subject = null;
    }

    private Place Understand(Clause clause, Found named, Who? actor, Move? move, PlaceUse use, ref bool sure)
    {
        var (place, guess) = PlaceReading.Of(clause, named, actor, move, use, now);
        if (guess) sure = false;
        Understood[named] = (place.Id, actor);
        return place;
    }

    private (Who Actor, Who? Given, bool Guessed) ActorOf(Clause clause, Found found, Move move)
    {
        var (given, let) = Lets(clause);
        if (let is { } letIn) return (letIn, given, false);
        var told = clause.Subject ?? subject;
        if (told is { } who)
        {
            if (IsPassive(clause, found)) return (Outcomes.Other(who), null, false);
            if (clause.Says("tapped to") || clause.Says("tap to") || clause.Says("tapping to")) return (Outcomes.Other(who), null, false);
            return (who, null, false);
        }
        // No one named: whoever can do this from here; where both can, a diary speaks of its writer.
        var mine = now is not null && CanStart(move, now, Who.Me);
        var theirs = now is not null && CanStart(move, now, Who.Partner);
        return (theirs && !mine ? Who.Partner : Who.Me, null, mine == theirs && now is not null);
    }

    // "I let him pass", "he gave me the sweep": the one who acts, and who gave it.
    private static (Who? Given, Who? Actor) Lets(Clause clause)
    {
        foreach (var (index, word) in clause.Loose)
        {
            if (word.Stem is "let" or "giv" && clause.ObjectAfter(index) is { } to) return (Outcomes.Other(to), to);
        }
        return (null, null);
    }

    private static bool IsPassive(Clause clause, Found found)
    {
        if (found.First <= clause.First) return false;
        var before = clause.Words[found.First - 1];
        var verb = clause.Words[found.First].Text;
        if (before.Stem is "by" or "with" or "in" && found.First - 1 > clause.First && clause.Loose.Any(l => l.Word.Text is "caught" or "tapped" or "submitted" or "got" or "finished" && l.Index > clause.First && clause.Words[l.Index - 1].Stem is "get" or "be")) return true;
        if (clause.Says("got caught") || clause.Says("was caught") || clause.Says("got hit with")) return true;
        return before.Stem is "get" or "be" && (verb.EndsWith("ed", StringComparison.Ordinal) || Participles.Contains(verb));
    }

    private bool CanStart(Move move, Place place, Who actor)
    {
        var seen = vocabulary.Seen(place.Id, actor);
        return move.From.Contains(seen) || (move.From.Count == 0 && vocabulary.Place(seen) is { IsTop: true });
    }

    private Place? LikelyStart(Move move, Who actor, Place? near)
    {
        if (near is not null) return near;
        // Only where the move leaves no choice is its start taken as told.
        var starts = move.From.Where(f => f != "clinch/neutral").ToList();
        return starts.Count == 1 ? vocabulary.Place(vocabulary.Seen(starts[0], actor)) : null;
    }

    private Place? Destination(Move move, Who actor, Place? from)
    {
        if (move.To is null) return null;
        // Recovering from a sweep or pass that skipped a place keeps to where the move usually ends.
        var to = vocabulary.Place(vocabulary.Seen(move.To, actor));
        return to == from ? null : to;
    }

    private bool IsOpen(Notch notch) => notch.Outcome != Outcome.Threatened && (vocabulary.Move(notch.Move) is { IsSubmission: true } || notch.Outcome is Outcome.Stopped or Outcome.Near);

    private static string Lead(Clause clause, Found place)
    {
        var i = place.First - 1;
        while (i >= clause.First && clause.Words[i].Text is "the" or "a" or "my" or "his" or "her" or "their" or "full" or "bottom" or "top") i--;
        if (i < clause.First) return "";
        // "landed in", "ended up on": in and on lead there.
        var leads = clause.Words[i].Text is "in" or "on" && i > clause.First && (clause.Words[i - 1].Stem is "land" or "end" || clause.Words[i - 1].Text is "up");
        return leads ? "to" : clause.Words[i].Text;
    }

    private static bool IsState(Clause clause, Found named)
    {
        if (clause.Says("ended up") || clause.Says("ended in") || clause.Says("ended on")) return false;
        if (Lead(clause, named) is "from") return true;
        if (clause.Loose.Any(l => l.Word.Stem is "be" or "start" or "stick" or "surviv" or "begin" or "began" || l.Word.Text is "im" or "hes" or "shes")) return true;
        return !clause.Has(Cues.Change) && !clause.Has(Cues.Takes) && Lead(clause, named) is "in" or "inside" or "under" or "at";
    }
}
