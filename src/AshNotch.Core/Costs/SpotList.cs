using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>Which list a weak spot stands in.</summary>
public enum SpotList
{
    /// <summary>What they get, and what it costs.</summary>
    [Said("what they get")]
    Costs,

    /// <summary>What of mine would pay.</summary>
    [Said("what would pay")]
    Pays,

    /// <summary>Seen too seldom to say: worth finding out.</summary>
    [Said("worth finding out")]
    FindOut,
}
