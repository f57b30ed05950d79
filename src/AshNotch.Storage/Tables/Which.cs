namespace AshNotch.Storage.Tables;

/// <summary>Which rolls are read; each is a condition of its own, so that the index made for it is used.</summary>
internal sealed record Which(string Condition, object? Value = null)
{
    /// <summary>Those of the log.</summary>
    public static readonly Which All = new("r.deleted_at IS NULL");

    /// <summary>Those of one session that are in the log.</summary>
    public static Which Of(string session) => new("r.deleted_at IS NULL AND r.session_id = $1", session);

    /// <summary>One, deleted or not.</summary>
    public static Which One(long key) => new("r.key = $1", key);

    /// <summary>Those that were deleted.</summary>
    public static readonly Which Deleted = new("r.deleted_at IS NOT NULL");
}
