namespace AshNotch.Core.Drilling.Plans;

/// <summary>What becomes of a focus after its block.</summary>
public enum Verdict
{
    /// <summary>It is there: refresh it now and then.</summary>
    Keep,

    /// <summary>It moves: go on with it.</summary>
    Deepen,

    /// <summary>Something else first, and back to it later.</summary>
    Rotate,

    /// <summary>It is not worth the minutes.</summary>
    Drop,
}
