using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What a clause claims of a move that it names.</summary>
internal static class MoveClaims
{
    /// <summary>The claim; null when it claims nothing.</summary>
    public static Claim? Of(MoveUse it)
    {
        var (whos, said) = Doer.Of(it);
        // "She choked me twice": a sum, and what they were is told after it.
        if (it.Use.IsVerb && it.Move is { IsSubmission: true, Word: MoveWord.General } && it.Times > 1 && whos[0].Cost <= 0.5)
            return new SumClaim(SpanOf(it, it.Clause.First, it.Clause.After), it.Times)
            {
                Move = it.Move,
                Whos = [whos[0]],
                IsWhoSaid = said && (it.Subject is not null || !it.Use.Passive),
                Found = it.Use.Found,
            };
        // "From where she sat".
        if (
            it.Clause.Items is [{ Part: Part.Link, Text: "where" }, ..]
            && it.Clause.Items.Any(i => i.First == it.Use.Found.First && i.Is(Act.Does))
        )
            return null;
        // "I opened my legs" is no opening of the other's guard.
        if (it.Move.Id.Value == "open-the-guard" && it.Use.Within is { } own && own == it.Clause.Subject)
            return null;
        // "She straightened her arm": her own.
        if (
            it.Move.IsSubmission
            && it.IsBodily
            && it.Subject is { } actor
            && MoveUse.Of(it.Use.Within) == actor
            && !Names(it, actor.Other())
        )
            return null;
        // "The kimura's gone": that was told before.
        if (it.Use.Found.After < it.Words.Count && it.Words[it.Use.Found.After].Text == "gone")
            return null;
        var ending = Ending.Of(it);
        if (ending.Outcomes.Count == 0)
            return null;
        var clause = it.Clause;
        var places = new MovePlaces(it);
        Who? by = whos.Count == 1 ? whos[0].Is : null;
        var (from, to, named) = places.By(by ?? whos.MinBy(w => w.Cost).Is);
        return new MoveClaim(SpanOf(it, places, from, to), it.Move)
        {
            Whos = whos,
            IsWhoSaid = said,
            Outcomes = ending.Outcomes,
            IsOpen = ending.IsOpen,
            From = from,
            To = to,
            FromOf = by is null && from.Count > 0 ? who => places.By(who).From : null,
            ToOf = by is null && to.Count > 0 ? who => places.By(who).To : null,
            Places = named,
            Why =
            [
                .. Because.Of(clause.Verbs, it.Words),
                new Because(
                    null,
                    said ? "The words say whose it was." : "Nobody is named: whoever acted before goes on, as far as they can from there."
                ),
            ],
            Side = SideSaid.Of(clause, it.Use.Found, it.Words),
            Given = Given(it, whos),
            Times = it.Times,
            IsCounted = it.IsCounted,
            Found = it.Use.Found,
            Level = it.Level,
            IsByEar = it.Use.Found.ByEar,
            IsMeanwhile = clause is { Link: "when", NewSentence: false },
            IsFirm = Ending.IsDoneToSomebody(it) || Ending.IsSaidToWork(it),
            IsGot = it.Move.IsSubmission && ending.Outcomes.Count > 1 && it.Verb is { } got && got.Is(Act.Gets) && !clause.Does(Act.Tries),
            IsDeed = it.Subject is null && it.IsDeed && !it.Use.Passive,
            IsNaming =
                clause is { OfThing: true, Verbs.Count: 0, Subject: null }
                && Grammar.Is("thing-subject", it.Words[clause.Items[0].First].Text)
                && it.Use is { Lead.Length: 0, Owner: null, IsVerb: false }
                && (clause.Items.Any(i => i.Part == Part.Be) || it.Words[clause.Items[0].First].Text == "its"),
            IsCounter = clause.Verbs.Any(v => it.Words[v.Item.First].Text.StartsWith("counter", StringComparison.Ordinal)),
            IsBare = it.Verb is null && !it.Use.IsVerb,
            IsDone = Ending.IsSaidDone(it),
            IsTried = it.IsTry || clause.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets)),
            IsSentence =
                clause is { NewSentence: true, Subject: not null }
                && !clause.Names.Any(n => n.Found.Move is not null && n.Found.First < it.Use.Found.First)
                && (it.Use.IsVerb || clause.Verbs.Count > 0),
            IsTapSaid =
                ending.Outcomes.Count == 1
                || it.Use.IsVerb && (it.Use.Passive || it.Use.Within is not null || it.Use.To is not null || clause.Object is not null),
            IsWeak = clause.Items.Any(i => i.First == it.Use.Found.First && i.Is(Act.Does)),
            // "That sweep was nice": spoken of once more.
            IsRecap = it.Use.Found.First > clause.First && it.Words[it.Use.Found.First - 1].Text == "that" && clause.Verbs.Count == 0,
            IsAgain =
                clause.Items.Any(i => Grammar.Is("again", it.Words[i.First].Text))
                // "Footlocked me. Then footlocked me."
                || clause.Link == "then" && it.Use.IsVerb && it.Move.IsSubmission
                || IsRepeated(it),
            IsJoined = clause is { NewSentence: false, Subject: null },
            IsListed = it.Move.IsSubmission && !it.Use.IsVerb && IsListed(it),
        };
    }

    // "Caught my head under her arm": both are in it.
    private static bool Names(MoveUse it, Who who) =>
        it
            .Words.Take(it.Use.Found.After)
            .Skip(it.Use.Found.First)
            .Any(w => who == Who.Me ? w.Text is "my" or "me" : Grammar.Is("partner-pronoun", w.Text));

    // "Armbar, armbar": two of them.
    private static bool IsRepeated(MoveUse it)
    {
        var (first, count) = (it.Use.Found.First, it.Use.Found.Count);
        return first >= count
            && it.Words[first].Before.Trim() == ","
            && Enumerable.Range(0, count).All(i => it.Words[first - count + i].Text == it.Words[first + i].Text);
    }

    // Nothing but "and then another" stands between it and what was told before.
    private static bool IsListed(MoveUse it)
    {
        var first = it.Use.Found.First;
        var before =
            it.Clause.Names.Where(n => n.Found.After <= first).Select(n => (int?)n.Found.After).Max()
            ?? (it.Clause is { NewSentence: false, Subject: null } ? it.Clause.First : null);
        return before is { } from
            && (from < first || it.Words[first].AfterPause)
            && Enumerable.Range(from, first - from).All(i => Grammar.Is("listing", it.Words[i].Text));
    }

    private static Span SpanOf(MoveUse it, int first, int after) => new(it.Words[first].Start, it.Words[after - 1].End);

    // The name, with the places it goes with.
    private static Span SpanOf(MoveUse it, MovePlaces places, IReadOnlyList<May<Place>> from, IReadOnlyList<May<Place>> to)
    {
        var (first, after) = (it.Use.Found.First, it.Use.Found.After);
        foreach (var place in places.Named.Where(p => from.Concat(to).Any(f => f.Is.Position == p.Found.Position)))
            (first, after) = (Math.Min(first, place.Found.First), Math.Max(after, place.Found.After));
        return SpanOf(it, first, after);
    }

    // "Let him pass".
    private static Who? Given(MoveUse it, IReadOnlyList<May<Who>> whos) =>
        it.Clause.Verbs.Any(v => v.Is(Act.Allows) && !v.Is(Act.Gets))
        && whos.Count == 1
        && (it.Subject is null || whos[0].Is == it.Subject.Value.Other())
            ? whos[0].Is.Other()
            : null;
}
