namespace AshNotch.Core.Reading.Headed;

/// <summary>What a heading stands over: things to remember, none of which happened in the roll.</summary>
public enum HeadedKind
{
    /// <summary>What is taken away, what comes next, the same mistake again.</summary>
    Takeaway,

    /// <summary>What was set out to do.</summary>
    Mission,

    /// <summary>The checks of a mission.</summary>
    Checks,

    /// <summary>What somebody advised.</summary>
    Advice,

    /// <summary>What was taught.</summary>
    Taught,

    /// <summary>A chance that was missed.</summary>
    Missed,
}
