using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>A place named in a clause, with what the clause does to it.</summary>
/// <param name="Words">The words.</param>
/// <param name="Clause">The clause.</param>
/// <param name="Use">How the name stands in it.</param>
/// <param name="Shared">Who acts for all that "and" joins, where this clause names nobody.</param>
internal sealed record PlaceUse(IReadOnlyList<Word> Words, Clause Clause, NameUse Use, Who? Shared)
{
    /// <summary>The verb that the name belongs to.</summary>
    public VerbUse? Verb => Clause.Verbs.LastOrDefault(v => v.Item.First < Use.Found.First) ?? Clause.Verbs.FirstOrDefault();

    /// <summary>The verb's first word.</summary>
    public string Said => Verb is null ? "" : Words[Verb.Item.First].Text;

    /// <summary>"Let him have mount", "gave me the back": the one who may has it.</summary>
    public Party? Allowed =>
        Clause.Verbs.Any(v => v.Is(Act.Allows) && !v.Is(Act.Gets)) && Clause.Object is Party.Me or Party.Partner ? Clause.Object : null;

    /// <summary>Who is said to act.</summary>
    public Who? Subject => MoveUse.Of(Allowed ?? Use.By ?? Clause.Subject) ?? (Clause.Verbs.Count > 0 ? Shared : null);

    /// <summary>Somebody got it.</summary>
    public bool IsGot => Allowed is not null || Verb is { } verb && (verb.Is(Act.Gets) || verb.Is(Act.Works));

    /// <summary>Somebody wanted it, or could not get it.</summary>
    public bool IsTried =>
        Clause.Verbs.Any(v => v.Is(Act.Tries) && !v.Is(Act.Gets) && !v.Is(Act.Reaches) && (v.Item.First < Use.Found.First || Use.Leads))
        || Clause.Items.Any(i => i.Part == Part.Unable);

    /// <summary>The other one stopped it. "Blocked it with the knee shield" says where they are now.</summary>
    public bool IsStopped =>
        Verb is { } verb
        && verb.Is(Act.Stops)
        && Said != "saved"
        && !verb.Is(Act.Gets)
        && !verb.Is(Act.Reaches)
        && !IsInto
        // "Smothered in side control": there they were.
        && Use.Lead is not ("in" or "under")
        && !Grammar.Is("means", Use.Lead);

    /// <summary>"Nearly in mount", "almost took the mount".</summary>
    public bool IsNear => Clause.Verbs.Any(v => v.Is(Act.Nears) && v.Item.First < Use.Found.First);

    /// <summary>It is denied.</summary>
    public bool IsDenied => Use.Not || Verb is { Not: true };

    /// <summary>Somebody gave it up.</summary>
    public bool IsYielded =>
        Clause.Verbs.Any(v => v.Is(Act.Yields) && !v.Is(Act.Gets))
        || Clause.Verbs.Any(v => v.Is(Act.Fails) && Grammar.Is("losing-place", Words[v.Item.First].Text));

    /// <summary>"Escaped to half guard".</summary>
    public bool IsEscapedTo =>
        Verb is { Not: false } verb && verb.Is(Act.Escapes) && IsInto && Said.StartsWith("escap", StringComparison.Ordinal);

    /// <summary>"Got caught in his lasso": he has it.</summary>
    public bool IsCaughtIn =>
        Use.Owner is Party.Me or Party.Partner
        && Use.Lead is "in" or "under" or "by"
        && Clause.Verbs.Any(v => v.Passive || Words[v.Item.First].Text is "caught" or "stuck" or "trapped");

    private bool IsInto => Use.Lead is "to" or "into";

    private bool HasBe => Clause.Items.Any(i => i.Part == Part.Be);

    private bool IsState => HasBe || Grammar.Is("be", Said) || Grammar.Is("staying", Said);

    /// <summary>How it is meant.</summary>
    public Coming Coming
    {
        get
        {
            // Who stands in a guard is not on the feet with the other.
            if (Use.Found.Position!.Id == "standing" && Use.Found.Count == 1 && Use.Lead is not ("back" or "to"))
                return Coming.Is;
            if (IsTried || IsStopped || IsDenied || IsNear)
                return Coming.Tries;
            // "Lost the mount"; but who gave the back has it taken.
            if (
                IsYielded
                && Use.Found.Position!.Family != Family.Back
                && Clause.Verbs.Any(v => Grammar.Is("losing", Words[v.Item.First].Text))
            )
                return Coming.Leaves;
            if (Verb is { } left && left.Is(Act.Escapes) && !IsInto)
                return Coming.Leaves;
            var isAt = !IsGot && (Grammar.Is("being-at", Use.Lead) || HasBe && Verb is null);
            if (isAt)
                // "And then he was on my back": there they came.
                return
                    Verb is { } verb && verb.Is(Act.Reaches) && !IsState
                    || Clause is { Link: "then", Subject: not null } && (HasBe || Grammar.Is("be", Said))
                    ? Coming.Reaches
                    : Coming.Is;
            // "I had mount" is where they were.
            return Clause.Verbs.Count == 1 && Grammar.Is("having", Said) ? Coming.Is : Coming.Reaches;
        }
    }
}
