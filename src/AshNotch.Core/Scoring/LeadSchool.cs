using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What to do with a lead; schools differ.</summary>
public enum LeadSchool
{
    /// <summary>Both: keep it, and take the finish that costs nothing.</summary>
    [Said("protect it and finish")]
    Both,

    /// <summary>Keep it.</summary>
    [Said("protect it")]
    Protect,

    /// <summary>Go on for the finish.</summary>
    [Said("go on for the finish")]
    Finish,
}
