namespace AshNotch.Core.Merging;

/// <summary>How something that comes in from a file stands to what the log holds under the same id.</summary>
public enum Standing
{
    /// <summary>The log has nothing of that id; it is taken.</summary>
    New,

    /// <summary>It is what the log holds.</summary>
    Same,

    /// <summary>The file says otherwise, and the log's own was never edited: the file's is taken unless it is left.</summary>
    Changed,

    /// <summary>It is a form that the log's own had before it was edited: the newer one stays unless the file's is asked for.</summary>
    Older,

    /// <summary>Both were changed: the log's own stays unless the file's is asked for.</summary>
    Conflicting,

    /// <summary>It was deleted from the log: it stays deleted unless it is asked for.</summary>
    Deleted,
}
