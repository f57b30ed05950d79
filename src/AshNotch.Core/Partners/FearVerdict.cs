using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>What the record says of a fear.</summary>
public enum FearVerdict
{
    /// <summary>Too little was seen to say.</summary>
    [Said("too little seen to say")]
    Unknown,

    /// <summary>It comes, and it costs.</summary>
    [Said("the record bears it out")]
    BornOut,

    /// <summary>It comes seldom and costs little.</summary>
    [Said("the record does not bear it out")]
    NotBornOut,
}
