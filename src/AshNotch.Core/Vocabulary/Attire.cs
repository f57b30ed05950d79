namespace AshNotch.Core.Vocabulary;

/// <summary>With or without the jacket.</summary>
public enum Attire
{
    /// <summary>With the gi.</summary>
    Gi,

    /// <summary>Without.</summary>
    [Said("no-gi")]
    NoGi,
}
