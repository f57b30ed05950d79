using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>The unit weights are shown in; they are kept in kilograms.</summary>
public enum WeightUnit
{
    /// <summary>Kilograms.</summary>
    [Said("kilograms")]
    Kg,

    /// <summary>Pounds.</summary>
    [Said("pounds")]
    Lb,
}
