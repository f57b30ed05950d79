using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>How a move came out, as far as its clause says.</summary>
/// <param name="Outcomes">What it may be; nothing when the clause does not claim that it was done at all.</param>
/// <param name="IsOpen">What comes next may say otherwise.</param>
internal readonly record struct Ending(IReadOnlyList<May<Outcome>> Outcomes, bool IsOpen)
{
    private static readonly Ending None = new([], false);

    /// <summary>The ending of a move in its clause.</summary>
    public static Ending Of(MoveUse it) =>
        Uncounted(it)
            ? None
            : ByContext(it) ?? ByMeans(it) ?? Countered(it) ?? Marked(it) ?? Denied(it) ?? Finished(it) ?? Attempted(it) ?? Plain(it);

    private static Ending Is(Outcome outcome, bool open = false) => new([new(outcome, 0)], open);

    private static Outcome Success(MoveUse it) => it.Move.IsSubmission ? Outcome.Tap : Outcome.Landed;

    // What names no event here.
    private static bool Uncounted(MoveUse it)
    {
        var (clause, use, move) = (it.Clause, it.Use, it.Move);
        if (it.IsCountedNone || Grammar.IsAheadOn(it.Words, use.Found.First))
            return true;
        // "A kimura off the guillotine fake": what was only shown.
        if (
            use.Lead is "off" or "from" or "after" or "with"
            && use.Found.After < it.Words.Count
            && !it.Words[use.Found.After].AfterPause
            && Grammar.Is("feint", it.Words[use.Found.After].Text)
        )
            return true;
        if (move.Word is MoveWord.Manner or MoveWord.Reply)
            return true;
        // "The heel hook defence works".
        if (
            !use.IsVerb
            && use.Found.After < it.Words.Count
            && !it.Words[use.Found.After].AfterPause
            && Grammar.Is("defending", it.Words[use.Found.After].Text)
        )
            return true;
        // "Defended by stacking": that is what stopped the other one.
        if (
            it.IsMeans
            && !it.IsOwnDefence
            && !move.Stays
            && it.Verb is { } stops
            && stops.Is(Act.Stops)
            && !stops.Is(Act.Gets)
            && !stops.Passive
            && clause.Subject is not null
        )
            return true;
        // "Escaped the armbar" is told by the armbar.
        if (
            it.IsEscape
            && clause.Names.Any(n =>
                n.Found is { Move.IsSubmission: true } && n.Found.First >= use.Found.After && n.Lead is "" or "from" or "the"
            )
        )
            return true;
        if (move.Word == MoveWord.General && !use.IsVerb && move.Id.Value is "submission" or "escape" && it.Verb is null)
            return true;
        // "I stood to pass": what for, not what happened.
        if (
            use is { Lead: "to", IsVerb: false }
            && move.Word == MoveWord.General
            && clause.Verbs.Count == 0
            && clause.Names.Any(n => n.IsVerb && n.Found.First < use.Found.First)
        )
            return true;
        // Who has a hold holds it; getting it is what happens.
        if (move.Stays && !use.IsVerb && Grammar.Is("having", it.Said) && !it.IsUnable && !clause.Verbs.Any(v => v.Is(Act.Nears)))
            return true;
        return IsSum(it);
    }

    // "Three mounts, two escapes".
    private static bool IsSum(MoveUse it)
    {
        var last = it.Words[it.Use.Found.After - 1].Text;
        return !it.Use.IsVerb
            && it.Clause is { Subject: null, Verbs.Count: 0 }
            && it.Headed is null
            && it.Use is { Owner: null, By: null }
            && last.EndsWith('s')
            && !last.EndsWith("ss", StringComparison.Ordinal)
            && it.Use.Found.First > 0
            && Grammar.Is("number", it.Words[it.Use.Found.First - 1].Text)
            && (it.Clause.NewSentence || it.Use.Found.First - it.Clause.First == 1);
    }

    private static Ending? ByContext(MoveUse it) =>
        it.IsEscaped
        || it.IsCountered
        // "He sprawls on my double".
        || it.Move.Kind == MoveKind.Takedown
            && it.Clause.Names.Any(n => n is { IsVerb: true, Found.Move.Id.Value: "sprawl" } && n.Found.First < it.Use.Found.First)
            ? Is(Outcome.Stopped)
            : null;

    // "Submitted me with a bow and arrow", "swept him with it": the name says how.
    private static Ending? ByMeans(MoveUse it)
    {
        if (
            !it.IsMeans
            || it.Clause.Names.FirstOrDefault(n =>
                n.IsVerb
                && n.Found.First < it.Use.Found.First
                && n.Found.Move is { Word: MoveWord.General } general
                && general.Kind == it.Move.Kind
            )
                is not { } done
        )
            return null;
        var how = Of(it with { Use = done });
        return how.Outcomes.Count > 0 && how.Outcomes[0].Is is Outcome.Landed or Outcome.Tap ? Is(Success(it), open: true) : how;
    }

    // What the other one did about it, or how near it came.
    private static Ending? Countered(MoveUse it)
    {
        if (it.Verbs.Any(v => v.Is(Act.Nears)) || it.Verbs.Any(v => v.Is(Act.Finishes) && (v.Not || v.Unable)))
            return Is(Outcome.Near);
        if (it.Verbs.Any(v => v.Is(Act.GivesUp) && !v.Not))
            return Is(Outcome.Abandoned);
        if (it.Verb is not { } verb)
            return it.IsSeenComing ? Is(Outcome.Stopped) : null;
        // "Could not stop my knee cut".
        if (verb.Is(Act.Stops) && !verb.Is(Act.Gets) && !it.Use.IsVerb && !it.IsOwnDefence && !(it.IsMeans && it.Move.Stays))
            return it.IsUnable || it.IsDenied ? Is(Success(it), open: true) : Is(Outcome.Stopped);
        if (verb.Is(Act.Escapes) && !verb.Is(Act.Gets) && !it.Use.IsVerb && !it.Use.Leads)
            return it.Move.Kind is MoveKind.Escape or MoveKind.GuardRecovery ? Is(Outcome.Landed, open: true) : Is(Outcome.Stopped);
        // "Did not fall for the sweep".
        return verb.Is(Act.Yields) && it.IsDenied || it.IsSeenComing ? Is(Outcome.Stopped) : null;
    }

    // "Scissor sweep y, armbar n".
    private static Ending? Marked(MoveUse it) =>
        it.Use is { IsVerb: false } and { Found.After: var after }
        && after < it.Words.Count
        && it.Words[after] is { AfterPause: false, Text: "y" or "n" } mark
        && (after + 1 == it.Words.Count || it.Words[after + 1].AfterPause)
            ? Is(mark.Text == "y" ? Success(it) : Outcome.Stopped)
            : null;

    private static Ending? Denied(MoveUse it)
    {
        if (it.IsUnable || it.Move.IsSubmission && it.Clause.Verbs.Any(v => v.Is(Act.Taps) && (v.Not || v.Unable)))
            return Is(Outcome.Stopped);
        if (it.IsDenied)
            // "Did not get it" was tried; "did not sweep" was not.
            return
                it.Verb is { } verb
                && !it.Use.IsVerb
                && it.Move is not { Word: MoveWord.General, Kind: MoveKind.Submission }
                && !Grammar.Is("auxiliary", it.Said)
                && (verb.Is(Act.Gets) || verb.Is(Act.Works) || verb.Is(Act.Finishes) || verb.Is(Act.Nears))
                ? Is(Outcome.Stopped)
                : None;
        var fails =
            it.Verbs.Any(v => v.Is(Act.Fails) && !v.Is(Act.Gets))
            && (it.Use.Leads || it.Use.IsVerb || it.Verbs[0].Is(Act.Fails) || it.Verb is { } governing && governing.Is(Act.Fails));
        return fails || it.Clause.Denies ? Is(Outcome.Stopped) : null;
    }

    private static Ending? Finished(MoveUse it)
    {
        var sub = it.Move.IsSubmission;
        // "Tapped to pressure": the name says so itself.
        var named =
            it.Words[it.Use.Found.First].Text.StartsWith("tap", StringComparison.Ordinal)
            // "Choked her out".
            || it.Use is { IsVerb: true, Not: false, Unable: false } && it.Words[it.Use.Found.After - 1].Text == "out";
        if (sub && (it.Verb is { } verb && verb.Is(Act.Finishes) || it.Clause.Does(Act.Taps) || named))
            return Is(Outcome.Tap);
        if (it.Verbs.Any(v => v.Is(Act.Threatens) && !v.Is(Act.Gets)))
            return Is(Outcome.Threatened, open: true);
        if (!IsSaidToWork(it))
            return null;
        return sub
            ? new([new(Outcome.Tap, Weights.Of("worked-tap")), new(Outcome.Stopped, Weights.Of("worked-stopped"))], true)
            : Is(Outcome.Landed, open: true);
    }

    private static Ending? Attempted(MoveUse it)
    {
        var tried = it.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets));
        if (!tried && !it.IsTry)
            return null;
        var comesOff =
            !tried ? "attempt-finished"
            : it.Move.IsSubmission ? "tried-tap"
            : "tried-landed";
        return new([new(Outcome.Stopped, Weights.Of("tried-stopped")), new(Success(it), Weights.Of(comesOff))], true);
    }

    /// <summary>"Swept her", "passed straight to mount": it came off, whatever is said next.</summary>
    public static bool IsDoneToSomebody(MoveUse it) =>
        it.Use is { IsVerb: true, Passive: false }
        && it.Move.Kind is MoveKind.Sweep or MoveKind.Pass
        && (
            it.Use.To is not null
            || it.Clause.Object is Party.Me or Party.Partner
            || it.Clause.Names.Any(n => n.Found.Position is not null && n.Found.First > it.Use.Found.First && n.Lead is "to" or "into")
        )
        && Enumerable.Range(it.Use.Found.First, it.Use.Found.Count).Any(i => Grammar.Is("surely-done", it.Words[i].Text));

    /// <summary>"Got the pass", "passed with a smash pass": the verb says that it came off.</summary>
    public static bool IsSaidDone(MoveUse it) =>
        it.IsMeans
            && it.Clause.Names.Any(n =>
                n is { IsVerb: true, Not: false }
                && n.Found.First < it.Use.Found.First
                && Grammar.Is("surely-done", it.Words[n.Found.First].Text)
            )
        || !it.Use.IsVerb && it.Verb is { } done && done.Is(Act.Gets) && !it.Clause.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets));

    /// <summary>"The sweep worked".</summary>
    public static bool IsSaidToWork(MoveUse it) =>
        it.Clause.Verbs.Any(v => v.Is(Act.Works) && (it.Use.Leads || v.Item.First > it.Use.Found.First));

    // Named, and no more said.
    private static Ending Plain(MoveUse it)
    {
        static Ending Either(Outcome success, string comesOff, string not) =>
            new([new(success, Weights.Of(comesOff)), new(Outcome.Stopped, Weights.Of(not))], true);
        if (it.Move.Stays)
            return new([new(Outcome.Landed, Weights.Of("plain-landed")), new(Outcome.Stopped, Weights.Of("hold-stopped"))], true);
        // "Elbow escape 3, RNC 2": what is counted up came off.
        if (it is { IsCounted: true, Verb: null })
            return Is(Success(it));
        if (!it.Move.IsSubmission)
            return Either(Outcome.Landed, "plain-landed", "plain-stopped");
        // "Shoulder pressure tap": the name says that there was one.
        if (it.Move.Id.Value == "pressure-tap")
            return Is(Outcome.Tap);
        if (it.Use.IsVerb)
            return Either(
                Outcome.Tap,
                "done-tap",
                it.Clause.Object is null && it.Use is { To: null, Within: null, Passive: false } ? "done-stopped" : "done-to-stopped"
            );
        // "Gave him an armbar", "fed her the arm, armbar": what is made a present of is taken.
        if (it.Verb is { } gave && gave.Is(Act.Allows) && !gave.Is(Act.Gets) && Grammar.Is("presenting", it.Said))
            return Either(Outcome.Tap, "got-tap", "got-stopped");
        if (it.Use.IsMarked && it.Verb is null)
            return Either(Outcome.Tap, "got-with-tap", "got-with-stopped");
        if (it.Verb is null || !it.Verb.Is(Act.Gets))
            return Either(Outcome.Tap, "named-tap", "named-stopped");
        // "He got me in 40 seconds with an armbar".
        return it.Clause.Object is Party.Me or Party.Partner && it.IsMeans || IsCaughtWith(it)
            ? Either(Outcome.Tap, "got-with-tap", "got-with-stopped")
            : Either(Outcome.Tap, "got-tap", "got-stopped");
    }

    // "Caught me with a toe hold": whom, within the verb.
    private static bool IsCaughtWith(MoveUse it) =>
        it.Verb is { Item: var caught }
        && caught.After - caught.First > 2
        && it.Words[caught.After - 1].Text is "with" or "in"
        && it.Said is not ("get" or "got" or "gets" or "getting");
}
