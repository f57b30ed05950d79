using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Who was given a match.</summary>
public enum MatchWinner
{
    /// <summary>I was.</summary>
    [Said("I did")]
    Me,

    /// <summary>The other was.</summary>
    [Said("they did")]
    Partner,

    /// <summary>Nobody.</summary>
    [Said("nobody, a draw")]
    Draw,
}
