using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>What a roll was meant for.</summary>
public enum Intent
{
    /// <summary>To win it.</summary>
    [Said("to win")]
    Win,

    /// <summary>To try things.</summary>
    [Said("to try things")]
    Try,

    /// <summary>To let the partner work.</summary>
    [Said("to let work")]
    LetWork,

    /// <summary>To survive it.</summary>
    [Said("to survive")]
    Survive,
}
