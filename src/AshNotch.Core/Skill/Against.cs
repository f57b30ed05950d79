using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Skill;

/// <summary>Whom a roll is thought of against.</summary>
public enum Against
{
    /// <summary>My own mix of partners.</summary>
    [Said("my usual partners")]
    Usual,

    /// <summary>A partner of my belt, stripes and weight, neither better nor worse than those say.</summary>
    [Said("an equal")]
    Even,
}
