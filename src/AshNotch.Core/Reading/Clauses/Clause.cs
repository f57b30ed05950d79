using AshNotch.Core.Reading.Names;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>A verb in a clause.</summary>
/// <param name="Item">The verb.</param>
/// <param name="Not">It is denied.</param>
/// <param name="Unable">It could not be done.</param>
/// <param name="Passive">It was done to the subject.</param>
internal sealed record VerbUse(Item Item, bool Not, bool Unable, bool Passive)
{
    /// <summary>Whether it does one of these.</summary>
    public bool Is(Act act) => Item.Is(act);
}

/// <summary>A name of the trade in a clause, and how it stands there.</summary>
internal sealed class NameUse(Found found)
{
    /// <summary>The name.</summary>
    public Found Found => found;

    /// <summary>The preposition before it: to, from, in.</summary>
    public string Lead { get; init; } = "";

    /// <summary>Whose it is said to be: my, his.</summary>
    public Party? Owner { get; init; }

    /// <summary>It is what is done: "I knee cut", "armbarred me".</summary>
    public bool IsVerb { get; init; }

    /// <summary>It was done to the subject: "got passed".</summary>
    public bool Passive { get; init; }

    /// <summary>That it was done to the subject is only likely: "got passed. Mounted."</summary>
    public bool IsCarried { get; init; }

    /// <summary>It stands before the verb: "my triangle failed".</summary>
    public bool Leads { get; set; }

    /// <summary>It is denied.</summary>
    public bool Not { get; init; }

    /// <summary>It could not be done.</summary>
    public bool Unable { get; init; }

    /// <summary>Who did it, as said after it: by her, from him.</summary>
    public Party? By { get; set; }

    /// <summary>Whose it was stands in brackets after it, as in a list of what came off.</summary>
    public bool IsMarked { get; set; }

    /// <summary>To whom it was done: on me, me.</summary>
    public Party? To { get; set; }

    /// <summary>It was under way: "when I was passing".</summary>
    public bool UnderWay { get; init; }

    /// <summary>Who stands in the name itself: "took my back".</summary>
    public Party? Within { get; init; }
}

/// <summary>One clause: who does what to whom, how it is put, and the names in it.</summary>
internal sealed class Clause
{
    /// <summary>Index of the first word.</summary>
    public int First { get; set; }

    /// <summary>Index after the last.</summary>
    public int After { get; set; }

    /// <summary>What joins it to the one before: and, but, when; empty when nothing does.</summary>
    public string Link { get; set; } = "";

    /// <summary>A sentence or line begins with it.</summary>
    public bool NewSentence { get; set; }

    /// <summary>A line begins with it.</summary>
    public bool NewLine { get; set; }

    /// <summary>It stands in a list of what one did, which "and" ends.</summary>
    public bool IsInList { get; set; }

    /// <summary>Who acts, if said in it.</summary>
    public Party? Subject { get; set; }

    /// <summary>A thing acts: it, that.</summary>
    public bool OfThing { get; set; }

    /// <summary>Whom it is done to, if said.</summary>
    public Party? Object { get; set; }

    /// <summary>The verbs, in order: "tried to get" has two.</summary>
    public List<VerbUse> Verbs { get; } = [];

    /// <summary>The names, in order.</summary>
    public List<NameUse> Names { get; } = [];

    /// <summary>All that stands in it.</summary>
    public List<Item> Items { get; } = [];

    /// <summary>It says no and nothing else.</summary>
    public bool Denies { get; set; }

    /// <summary>It names whom the next is about: "Oak (blue belt): ...".</summary>
    public bool IsHeading { get; set; }

    /// <summary>It goes on with the verb of the clause before: "gets the underhook and the cross face".</summary>
    public bool GoesOn { get; set; }

    /// <summary>Whether a verb of it does this.</summary>
    public bool Does(Act act) => Verbs.Any(v => v.Is(act));

    /// <summary>Something is said in it.</summary>
    public bool IsFull => Verbs.Count > 0 || Names.Count > 0;
}
