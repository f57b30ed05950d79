using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Lessons;

/// <summary>Where a lesson comes from.</summary>
public enum LessonKind
{
    /// <summary>A takeaway of a roll.</summary>
    Takeaway,

    /// <summary>A mistake that is said to be the same again.</summary>
    [Said("the same again")]
    Again,

    /// <summary>What somebody advised.</summary>
    Advice,

    /// <summary>What was taught in a session.</summary>
    Taught,

    /// <summary>A chance that was missed.</summary>
    [Said("missed chance")]
    Missed,

    /// <summary>The causes that were named at one exchange.</summary>
    Cause,
}
