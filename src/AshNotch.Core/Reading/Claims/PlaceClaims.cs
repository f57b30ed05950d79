using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What a clause claims of a place that it names without a move.</summary>
internal static class PlaceClaims
{
    /// <summary>The claim; null when it claims nothing.</summary>
    /// <param name="it">The place in its clause.</param>
    /// <param name="topic">Who acted last.</param>
    public static PlaceClaim? Of(PlaceUse it, Who? topic)
    {
        // "My spider's gone".
        if (it.IsDenied && !it.IsGot || it.Use.Found.After < it.Words.Count && it.Words[it.Use.Found.After].Text == "gone")
            return null;
        var (clause, use, said, coming) = (it.Clause, it.Use, it.Subject, it.Coming);
        var first = it.IsEscapedTo ? it.Verb!.Item.First : use.Found.First;
        return new PlaceClaim(new Span(it.Words[first].Start, it.Words[use.Found.After - 1].End))
        {
            Whos = Whos(it, topic),
            IsWhoSaid = said is not null,
            To = Roles.Of(use, clause, it.Words, said),
            Coming = coming,
            Outcomes =
            [
                new(
                    it.IsNear ? Outcome.Near
                        : coming == Coming.Tries ? Outcome.Stopped
                        : Outcome.Landed,
                    0
                ),
            ],
            Side = SideSaid.Of(clause, use.Found, it.Words),
            IsSentence = clause.NewSentence && clause.Subject is not null,
            IsEscape = it.IsEscapedTo,
            IsLanding = Grammar.Is("landing", it.Said),
            Found = use.Found,
            Why = [.. Because.Of(clause.Verbs, it.Words)],
            IsByEar = use.Found.ByEar,
            IsJoined = !clause.NewSentence && clause.Subject is null,
            IsOrigin = it.Verb is null && use.Lead == "from" && clause.Subject is null,
            IsSentenceOpener = clause.NewSentence && use.Found.First - clause.First <= 2,
            IsBare = it.Verb is null && use.Lead.Length == 0,
            IsAgain = clause.Items.Any(i => it.Words[i.First].Text is "again"),
        };
    }

    private static IReadOnlyList<May<Who>> Whos(PlaceUse it, Who? topic)
    {
        if (it.IsYielded && it.Subject is { } loser)
            return [new(loser.Other(), 0)];
        // "Passed, lost side": a diary's loss is its writer's.
        if (it.IsYielded && it.Clause.Subject is null && it.Coming == Coming.Leaves)
            return [new(Who.Partner, 0), new(Who.Me, Weights.Of("place-turns"))];
        if (it.IsCaughtIn)
            return [new(it.Use.Owner == Party.Me ? Who.Me : Who.Partner, 0)];
        if (it.Subject is { } said)
            return [new(it.IsStopped ? said.Other() : said, 0)];
        var clause = it.Clause;
        // "And roll him into the truck".
        if (clause.Subject is null && MoveUse.Of(clause.Object) is { } handled && it.Use.Lead is "into" or "to")
            return [new(handled.Other(), 0), new(handled, Weights.Of("joined-turns"))];
        if (clause is { Subject: null, OfThing: false } && it.Verb is not null && MoveUse.IsOfThird(it.Said))
            return [new(Who.Partner, 0), new(Who.Me, Weights.Of("third-person-me"))];
        Who? actor =
            clause is { NewSentence: true, Subject: null, Verbs.Count: > 0 } ? Who.Me
            : clause is { Subject: null, OfThing: false } ? topic
            : null;
        return actor is { } who
            ?
            [
                new(who, Weights.Of("place-topic")),
                new(who.Other(), it.Verb is null ? Weights.Of("place-turns-bare") : Weights.Of("place-turns")),
            ]
            : [];
    }
}
