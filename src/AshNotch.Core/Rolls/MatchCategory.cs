namespace AshNotch.Core.Rolls;

/// <summary>The category that weight classes go by.</summary>
public enum MatchCategory
{
    /// <summary>Men.</summary>
    Men,

    /// <summary>Women.</summary>
    Women,

    /// <summary>Juveniles, whose classes are not known here.</summary>
    Juvenile,

    /// <summary>Masters of whom nothing more is said; their classes are those of the adults.</summary>
    Master,
}
