namespace AshNotch.Core.Chain;

/// <summary>What came of one step of the walk.</summary>
public enum StepResult
{
    /// <summary>It led to another place.</summary>
    Lands,

    /// <summary>It ended in a tap.</summary>
    Taps,

    /// <summary>It was stopped, and the walk stays.</summary>
    Stays,
}
