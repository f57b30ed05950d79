namespace AshNotch.Storage;

/// <summary>Why data cannot be used as asked.</summary>
public enum StorageTrouble
{
    /// <summary>What was asked does not go together with what is there.</summary>
    Refused,

    /// <summary>It was changed since the asker looked at it.</summary>
    Changed,

    /// <summary>The disk is full.</summary>
    Full,

    /// <summary>Another program is writing, and did not finish in time.</summary>
    Busy,

    /// <summary>The directory or a file cannot be read or written, or is gone.</summary>
    Unusable,

    /// <summary>The file is not what it should be.</summary>
    Damaged,
}
