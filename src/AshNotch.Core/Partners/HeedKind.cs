namespace AshNotch.Core.Partners;

/// <summary>What a thought before rolling is for.</summary>
public enum HeedKind
{
    /// <summary>Something of theirs.</summary>
    WatchFor,

    /// <summary>Something of mine that works with them.</summary>
    Try,

    /// <summary>Something of mine that does not.</summary>
    KeepFrom,
}
