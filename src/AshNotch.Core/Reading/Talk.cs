namespace AshNotch.Core.Reading;

/// <summary>What kind of talk a clause is.</summary>
internal enum Talk
{
    /// <summary>It tells what happened in the roll.</summary>
    Event,

    /// <summary>What might have been, is wanted, or did not happen.</summary>
    Thought,

    /// <summary>What somebody advised.</summary>
    Advice,

    /// <summary>What happened on another day.</summary>
    OtherDay,

    /// <summary>What usually happens.</summary>
    Habit,

    /// <summary>What was drilled or shown in class.</summary>
    ClassWork,

    /// <summary>What somebody else did.</summary>
    Others,

    /// <summary>What was told before.</summary>
    Again,
}
