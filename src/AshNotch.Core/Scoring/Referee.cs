using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>
/// Goes through a roll as a referee does and writes a line for all that scores, and for what looks as if it should and does not. Sources:
/// IBJJF rule book and ADCC rules, from memory.
/// </summary>
/// <param name="roll">The roll.</param>
/// <param name="rules">The rules.</param>
/// <param name="vocabulary">The places and moves.</param>
/// <param name="unknownIsHeld">What nothing says of counts as held.</param>
internal sealed class Referee(Roll roll, MatchRules rules, MatVocabulary vocabulary, bool unknownIsHeld)
{
    private readonly List<LedgerLine> lines = [];

    // What waits for the end of its chain: three seconds in its last place award all of it.
    private readonly List<(int Line, Who By, bool? Held)> open = [];
    private readonly RollClock clock = new(roll);

    /// <summary>Who made the tap that ended a match; null where none did.</summary>
    public Who? Finisher { get; private set; }

    /// <summary>The lines, in the order of the roll.</summary>
    public IReadOnlyList<LedgerLine> Lines()
    {
        for (var e = 0; e < roll.Exchanges.Count && Finisher is null; e++)
            Go(roll.Exchanges[e], e);
        return lines;
    }

    private void Go(Exchange exchange, int e)
    {
        var seen = new Sequence();
        if (vocabulary.Place(Whereabouts.StartOf(exchange)) is { } start)
            Begin(seen, start);
        for (var n = 0; n < exchange.Notches.Count && Finisher is null; n++)
        {
            var notch = exchange.Notches[n];
            // Only threatened, it changes nothing.
            if (notch.Outcome == Outcome.Threatened)
                continue;
            if (vocabulary.Place(notch.From) is { } told && seen.Now is { } now && told != now)
                Jump(seen, told);
            var danger = seen.Danger;
            seen.Danger = null;
            Judge(new Call(exchange, e, n, notch, seen, danger));
        }
        Settle(Who.Me);
        Settle(Who.Partner);
    }

    // What a round is set to start in is had, and not scored by going back to it.
    private void Begin(Sequence seen, Place start)
    {
        seen.Move(start, null, null);
        foreach (var who in Enum.GetValues<Who>())
            if (Worth.Control(start.SeenBy(who), rules.BodyTriangleIsHooks) is { } had)
                seen.Score(who, had);
    }

    // Something between was not told; whoever is no longer above has lost what they had.
    private void Jump(Sequence seen, Place told)
    {
        foreach (var who in Enum.GetValues<Who>())
            if (!told.SeenBy(who).IsTop || (told.IsGuard && seen.Now is { IsGuard: false }))
                Settle(who);
        seen.Move(told, null, null);
    }

    private void Judge(Call call)
    {
        var (notch, seen) = (call.Notch, call.Seen);
        var move = vocabulary.Move(notch.Move);
        var from = (vocabulary.Place(notch.From) ?? seen.Now)?.SeenBy(notch.By);
        switch (notch.Outcome)
        {
            case Outcome.Tap:
                var isMatch = roll.Kind == RollKind.Match;
                if (isMatch)
                    Finisher = notch.By;
                Line(
                    call,
                    ScoredFor.Submission,
                    isMatch ? "The tap ends the match." : "A tap ends a match, not a training roll; it is no points."
                );
                break;
            case Outcome.Near:
                Near(call, move, from);
                break;
            case Outcome.Landed when vocabulary.Place(Whereabouts.LedTo(notch, vocabulary)) is { } to:
                Landed(call, move, from, to);
                break;
            default:
                if (move?.Kind == MoveKind.Takedown && IsStanding(from))
                    seen.Shot(notch.By);
                break;
        }
    }

    private void Near(Call call, Move? move, Place? from)
    {
        var by = call.Notch.By;
        // What nobody named and would have led nowhere else is taken for a submission.
        if (move is { IsSubmission: true } || (move is null && call.Notch.To is null))
        {
            call.Seen.Danger = by;
            if (rules.Advantages)
                Line(call, ScoredFor.Submission, "A submission that was a real danger: an advantage.", advantages: 1);
            return;
        }
        if (move?.Kind == MoveKind.Takedown && IsStanding(from))
            call.Seen.Shot(by);
        var to = vocabulary.Place(call.Notch.To) ?? (move is null ? null : Landing.End(move, by, from?.SeenBy(by)));
        if (!rules.Advantages || to is null)
            return;
        var missed = Worth
            .Of(from, to.SeenBy(by), move?.Kind, rules.BodyTriangleIsHooks)
            .Where(w => rules.Worth(w) > 0 && !call.Seen.HasScored(by, w))
            .ToList();
        if (missed.Count > 0)
            Line(call, missed[^1], $"The {Named(missed[^1])} was near: an advantage.", advantages: 1);
    }

    private void Landed(Call call, Move? move, Place? from, Place to)
    {
        var (notch, seen, by) = (call.Notch, call.Seen, call.Notch.By);
        var after = to.SeenBy(by);
        Settle(by.Other());
        if (!after.IsTop)
            Settle(by);

        var worth = Worth.Of(from, after, move?.Kind, rules.BodyTriangleIsHooks).ToList();
        var pulled = seen.PulledBy == by.Other();
        // The shot had begun before the guard was pulled, and ended on top of it.
        if (move?.Kind == MoveKind.Takedown && pulled && !worth.Contains(ScoredFor.Takedown) && after.IsTop)
            worth.Insert(0, ScoredFor.Takedown);
        foreach (var what in worth)
        {
            var points = rules.Worth(what, Worth.IsPastGuard(after));
            if (rules.Scores.Count == 0)
                continue;
            // What was reached before and not held is done with; this time it may be.
            var again = open.FindIndex(o => o.By == by && o.Held == false && lines[o.Line].For == what);
            if (again >= 0)
            {
                Miss(open[again].Line, isOneMore: true);
                open.RemoveAt(again);
                seen.Lose(by, what);
            }
            if (WhyNot(call, what, move) is { } why)
                Line(call, what, why);
            else
                Open(call, what, points);
        }
        if (worth.Count == 0 && rules.Scores.Count > 0)
            Nothing(call, move, from, after);

        seen.Move(to, by, from is null ? null : Worth.Control(from.Mirror, rules.BodyTriangleIsHooks));
        if (IsPull(move, from, after))
            seen.Pulled(by);
    }

    // Why what looks like a score is none; null where it is one.
    private string? WhyNot(Call call, ScoredFor what, Move? move)
    {
        var (seen, by) = (call.Seen, call.Notch.By);
        if (what == ScoredFor.Takedown && seen.PulledBy == by.Other() && !seen.ShotBeforePull(by))
            return "No takedown after the other has pulled guard.";
        if (what == ScoredFor.Takedown && seen.OnlyDefended(by) && move?.Kind != MoveKind.Takedown)
            return "Did not start the takedown: who only defends a shot gets nothing for coming up on top.";
        if (what == ScoredFor.Sweep && seen.GuardPlayer == by.Other() && move?.Kind != MoveKind.Sweep)
            return "On top again, and not swept: the other played guard.";
        if (seen.HasScored(by, what))
            return "Scored already in this sequence; going back to it does not score again.";
        if (call.Danger == by.Other())
            return "No points for a place while caught in a submission.";
        if (IsBeforePoints(call) == true)
            return "Points do not count before half time.";
        return null;
    }

    private void Nothing(Call call, Move? move, Place? from, Place after)
    {
        if (IsPull(move, from, after))
        {
            var off = rules.GuardPull != 0 && IsBeforePoints(call) != true ? rules.GuardPull : 0;
            Line(
                call,
                ScoredFor.GuardPull,
                off == 0 ? "Pulling guard scores nothing." : "Pulling guard takes a point off" + Half(call),
                points: off
            );
        }
        else if (from is { IsBottom: true } && after.Position.Family == Family.Standing)
            Line(call, ScoredFor.StandUp, "Standing up scores nothing.");
        else if (from is { IsBottom: true, IsGuard: false } && from.Position.Family != Family.Legs && after.IsTop)
            Line(call, ScoredFor.Reversal, "From beneath a pin or the turtle, coming on top is a reversal and scores nothing.");
        else if (
            after is { IsTop: true, Position.Id: "body-triangle" }
            && !rules.BodyTriangleIsHooks
            && from?.Position.Family != Family.Back
        )
            Line(call, ScoredFor.Back, "A body triangle does not count as hooks.");
    }

    private void Open(Call call, ScoredFor what, int points)
    {
        var by = call.Notch.By;
        bool? held =
            call.Notch.Held
            ?? (call.Notch.HeldSeconds is { } s ? s >= rules.Seconds : RollClock.Held(call.Exchange, call.N, rules.Seconds));
        call.Seen.Score(by, what);
        open.Add((lines.Count, by, held));
        Line(call, what, $"{Told(what)}{Half(call)}", points: points);
    }

    // A chain of places ends: what was held, or led to what was, is awarded; of the rest each place is an advantage.
    private void Settle(Who who)
    {
        var awarded = false;
        (int Exchange, int? Notch)? last = null;
        for (var i = open.Count - 1; i >= 0; i--)
        {
            var (at, by, held) = open[i];
            if (by != who)
                continue;
            open.RemoveAt(i);
            var line = lines[at];
            var here = (line.Exchange, line.Notch);
            if (held ?? unknownIsHeld)
            {
                var isUnsaid = held is null && !awarded;
                var unsaid = isUnsaid ? " Nothing says whether it was held; it counts as held." : "";
                lines[at] = line with { Why = line.Why + unsaid, HeldUnsaid = isUnsaid };
                awarded = true;
            }
            else if (awarded)
            {
                lines[at] = line with { Why = $"{line.Why} Held in the place that it led to." };
            }
            else
            {
                // One place was reached: one advantage, though it was passed and mounted at once.
                Miss(at, isOneMore: last != here);
            }
            last = here;
        }
    }

    private void Miss(int at, bool isOneMore)
    {
        var advantage = rules.Advantages && isOneMore ? 1 : 0;
        var why = $"{Capital(Named(lines[at].For))} not held {Seconds()}" + (advantage > 0 ? ": an advantage." : ".");
        lines[at] = lines[at] with { Points = 0, Advantages = advantage, Why = why };
    }

    private bool? IsBeforePoints(Call call) => rules.PointsFrom <= 0 ? false : clock.IsBefore(call.Exchange, call.N, rules.PointsFrom);

    private string Half(Call call) =>
        rules.PointsFrom > 0 && IsBeforePoints(call) is null ? ", if it was in the second half; in the first it is nothing." : ".";

    private string Seconds() => string.Create(CultureInfo.InvariantCulture, $"for {rules.Seconds:0.#} seconds");

    private void Line(Call call, ScoredFor what, string why, int points = 0, int advantages = 0) =>
        lines.Add(new LedgerLine(call.E, call.N, clock.At(call.Notch), call.Notch.By, what, points, advantages, 0, why));

    private static bool IsPull(Move? move, Place? from, Place after) =>
        after is { IsGuard: true, IsBottom: true }
        && (move?.Kind == MoveKind.GuardPull || move is null && from is { Position.Family: Family.Standing });

    // From the feet, or from where nobody knows.
    private static bool IsStanding(Place? from) => from is null or { Position.Family: Family.Standing };

    private static string Told(ScoredFor what) =>
        what switch
        {
            ScoredFor.Takedown => "From the feet to the top",
            ScoredFor.Sweep => "From the guard to the top",
            ScoredFor.Pass => "Past the legs to a pin",
            ScoredFor.Back => "Behind them with both hooks",
            _ => $"{Capital(Named(what))} reached",
        };

    private static string Named(ScoredFor what) => what == ScoredFor.Back ? "back" : Term.Say(what);

    private static string Capital(string words) => $"{char.ToUpperInvariant(words[0])}{words[1..]}";

    private sealed record Call(Exchange Exchange, int E, int N, Notch Notch, Sequence Seen, Who? Danger);
}
