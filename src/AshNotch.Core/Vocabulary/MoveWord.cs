namespace AshNotch.Core.Vocabulary;

/// <summary>What the name of a move does in a telling.</summary>
public enum MoveWord
{
    /// <summary>It names an event.</summary>
    Event,

    /// <summary>It is the general word for a kind, as in "swept him with a scissor sweep".</summary>
    General,

    /// <summary>It says how, as a grip does, and is no event of its own.</summary>
    Manner,

    /// <summary>It says how the other one's attempt came out, as "postured" does.</summary>
    Reply,
}
