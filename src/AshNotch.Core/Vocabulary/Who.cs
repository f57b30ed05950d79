namespace AshNotch.Core.Vocabulary;

/// <summary>Whose action it is.</summary>
public enum Who
{
    /// <summary>The practitioner.</summary>
    Me,

    /// <summary>The partner.</summary>
    Partner,
}
