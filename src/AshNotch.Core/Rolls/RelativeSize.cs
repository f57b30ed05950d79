namespace AshNotch.Core.Rolls;

/// <summary>A partner's size beside mine, where no weight is known.</summary>
public enum RelativeSize
{
    /// <summary>Much lighter.</summary>
    MuchLighter,

    /// <summary>Lighter.</summary>
    Lighter,

    /// <summary>About the same.</summary>
    Similar,

    /// <summary>Heavier.</summary>
    Heavier,

    /// <summary>Much heavier.</summary>
    MuchHeavier,
}
