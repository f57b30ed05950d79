namespace AshNotch.Core.Rolls;

/// <summary>What sort of session.</summary>
public enum SessionKind
{
    /// <summary>A taught class.</summary>
    Class,

    /// <summary>Open mat.</summary>
    OpenMat,

    /// <summary>A competition.</summary>
    Competition,

    /// <summary>A private lesson.</summary>
    Private,

    /// <summary>A drilling session.</summary>
    Drilling,

    /// <summary>A seminar.</summary>
    Seminar,

    /// <summary>Anything else.</summary>
    Other,
}
