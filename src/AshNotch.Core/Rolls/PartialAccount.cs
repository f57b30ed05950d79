using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>What an account leaves out.</summary>
public enum PartialAccount
{
    /// <summary>The beginning was not kept.</summary>
    [Said("the beginning is missing")]
    StartsLate,

    /// <summary>The end was not kept.</summary>
    [Said("the end is missing")]
    CutShort,
}
