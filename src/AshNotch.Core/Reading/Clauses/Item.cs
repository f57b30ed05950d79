using AshNotch.Core.Reading.Names;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>What a word or a few are in a clause.</summary>
internal enum Part
{
    /// <summary>One of the two who roll, both, or somebody else.</summary>
    Person,

    /// <summary>My, his, her.</summary>
    Owner,

    /// <summary>It, that, there.</summary>
    Thing,

    /// <summary>Is, was, been.</summary>
    Be,

    /// <summary>Not, never, no.</summary>
    Not,

    /// <summary>Could not, cannot.</summary>
    Unable,

    /// <summary>Could, would.</summary>
    Modal,

    /// <summary>A verb or phrase of the lexicon.</summary>
    Verb,

    /// <summary>A name of the trade.</summary>
    Name,

    /// <summary>To, in, with, from.</summary>
    Preposition,

    /// <summary>The, a.</summary>
    Determiner,

    /// <summary>And, but, when, because.</summary>
    Link,

    /// <summary>Any other word.</summary>
    Word,
}

/// <summary>Who a person of a clause is.</summary>
internal enum Party
{
    Me,
    Partner,
    Both,
    Other,
}

/// <summary>A word or a few with what they are.</summary>
/// <param name="First">Index of the first word.</param>
/// <param name="After">Index after the last.</param>
/// <param name="Part">What they are.</param>
/// <param name="Text">Their first word.</param>
internal sealed record Item(int First, int After, Part Part, string Text)
{
    /// <summary>Of a person or an owner: who.</summary>
    public Party? Party { get; init; }

    /// <summary>A pronoun that can only act: I, he.</summary>
    public bool Acts { get; init; }

    /// <summary>A pronoun that can only be acted on: me, him.</summary>
    public bool Suffers { get; init; }

    /// <summary>Of a name: the name.</summary>
    public Found? Name { get; init; }

    /// <summary>Of a verb: what it does; several where it depends.</summary>
    public IReadOnlyList<Act> Does { get; init; } = [];

    /// <summary>Of a link: its kind, as in <c>grammar.txt</c>.</summary>
    public string Kind { get; init; } = "";

    /// <summary>Whether it does one of these.</summary>
    public bool Is(Act act) => Does.Contains(act);
}
