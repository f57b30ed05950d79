using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>How an attempt came out, from least to most.</summary>
public enum Outcome
{
    /// <summary>Shown only, to draw a reaction.</summary>
    [Said("threatened only")]
    Threatened,

    /// <summary>Tried and stopped by the other.</summary>
    Stopped,

    /// <summary>Tried and given up by the one who tried.</summary>
    [Said("given up by who tried")]
    Abandoned,

    /// <summary>Locked or almost there; escaped, or saved by the clock.</summary>
    [Said("near: almost, or escaped")]
    Near,

    /// <summary>It worked.</summary>
    Landed,

    /// <summary>The other tapped.</summary>
    Tap,
}
