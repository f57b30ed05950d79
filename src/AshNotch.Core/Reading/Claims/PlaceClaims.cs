using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>What a clause claims of a place that it names without a move.</summary>
internal sealed class PlaceClaims(IReadOnlyList<Word> words, Clause clause, Who? topic, Who? shared)
{
    private bool IsState(VerbUse verb) =>
        clause.Items.Any(i => i.Part == Part.Be)
        || Grammar.Is("be", words[verb.Item.First].Text)
        || Grammar.Is("staying", words[verb.Item.First].Text);

    /// <summary>The claims, mostly one.</summary>
    public IEnumerable<Claim> Of(NameUse use)
    {
        // "Let him have mount", "gave me the back": the one who may has it.
        var allowed =
            clause.Verbs.Any(v => v.Is(Act.Allows) && !v.Is(Act.Gets)) && clause.Object is Party.Me or Party.Partner ? clause.Object : null;
        Who? said = (allowed ?? use.By ?? clause.Subject) switch
        {
            Party.Me => Who.Me,
            Party.Partner => Who.Partner,
            _ => clause.Verbs.Count > 0 ? shared : null,
        };
        var verb = clause.Verbs.LastOrDefault(v => v.Item.First < use.Found.First) ?? clause.Verbs.FirstOrDefault();
        var fresh = clause.NewSentence && clause.Subject is null && clause.Verbs.Count > 0;
        var actor =
            said
            ?? (
                fresh ? Who.Me
                : clause.Subject is null && !clause.OfThing ? topic
                : null
            );
        var gets = allowed is not null || verb is not null && (verb.Is(Act.Gets) || verb.Is(Act.Works));
        var tries =
            clause.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets) && !v.Is(Act.Reaches)) || clause.Items.Any(i => i.Part == Part.Unable);
        var stops =
            verb is not null && verb.Is(Act.Stops) && !verb.Is(Act.Gets) && !verb.Is(Act.Reaches) && use.Lead is not ("to" or "into");
        var not = use.Not || verb is { Not: true };
        var leaves = verb is not null && verb.Is(Act.Escapes) && use.Lead is not ("to" or "into");
        var yields =
            clause.Verbs.Any(v => v.Is(Act.Yields) && !v.Is(Act.Gets))
            || clause.Verbs.Any(v => v.Is(Act.Fails) && words[v.Item.First].Text is "lost" or "lose" or "loses");
        if (not && !gets)
            yield break;
        var isAt =
            use.Lead is "in" or "from" or "on" or "under" or "at" or "of" or "off" or "inside" && !gets
            || clause.Items.Any(i => i.Part == Part.Be) && !gets && verb is null;
        var coming =
            tries || stops || not ? Coming.Tries
            : leaves ? Coming.Leaves
            : isAt && (verb is null || verb.Is(Act.Reaches) && use.Lead is "in" or "on" or "under") ? Coming.Is
            : isAt ? Coming.Is
            : Coming.Reaches;
        if (verb is not null && verb.Is(Act.Reaches) && coming == Coming.Is && !IsState(verb))
            coming = Coming.Reaches;
        // "I had mount" is where they were.
        if (coming == Coming.Reaches && verb is not null && clause.Verbs.Count == 1 && Grammar.Is("having", words[verb.Item.First].Text))
            coming = Coming.Is;
        var escapes =
            verb is not null
            && verb.Is(Act.Escapes)
            && !verb.Not
            && use.Lead is "to" or "into"
            && words[verb.Item.First].Text.StartsWith("escap", StringComparison.Ordinal);
        IReadOnlyList<May<Who>> whos =
            said is { } who ? [new(stops ? who.Other() : who, 0)]
            : actor is { } a
                ?
                [
                    new(a, Weights.Of("place-topic")),
                    new(a.Other(), verb is null ? Weights.Of("place-turns-bare") : Weights.Of("place-turns")),
                ]
            : [];
        // "Got caught in his lasso": he has it.
        if (
            use.Owner is Party.Me or Party.Partner
            && use.Lead is "in" or "under" or "by"
            && clause.Verbs.Any(v => v.Passive || words[v.Item.First].Text is "caught" or "stuck" or "trapped")
        )
            whos = [new(use.Owner == Party.Me ? Who.Me : Who.Partner, 0)];
        if (yields && said is { } loser)
            whos = [new(loser.Other(), 0)];
        // Who stands in a guard is not on the feet with the other.
        if (use.Found.Position!.Id == "standing" && use.Found.Count == 1 && use.Lead is not ("back" or "to"))
            coming = Coming.Is;
        var to = Roles.Of(use, clause, words, said ?? (coming == Coming.Reaches ? null : said));
        yield return new Claim(
            ClaimKind.Place,
            new Span(words[escapes ? verb!.Item.First : use.Found.First].Start, words[use.Found.After - 1].End)
        )
        {
            Whos = whos,
            IsWhoSaid = said is not null,
            To = to,
            Coming =
                yields && use.Found.Position!.Family != Family.Back && clause.Verbs.Any(v => Grammar.Is("losing", words[v.Item.First].Text))
                    ? Coming.Leaves
                    : coming,
            Outcomes = [new(coming == Coming.Tries ? Outcome.Stopped : Outcome.Landed, 0)],
            Side = SideSaid.Of(clause, use.Found, words),
            IsSentence = clause.NewSentence && clause.Subject is not null,
            IsEscape = escapes,
            IsLanding = verb is not null && Grammar.Is("landing", words[verb.Item.First].Text),
            Found = use.Found,
            Why = [.. Because.Of(clause.Verbs, words)],
            IsByEar = use.Found.ByEar,
            IsJoined = !clause.NewSentence && clause.Subject is null,
            IsOrigin = verb is null && use.Lead == "from" && clause.Subject is null,
            IsBare = verb is null && use.Lead.Length == 0,
            IsAgain = clause.Items.Any(i => words[i.First].Text is "again"),
        };
    }
}
