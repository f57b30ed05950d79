namespace AshNotch.Core.Weeks;

/// <summary>How the newest four weeks compare with those before.</summary>
public enum Turn
{
    /// <summary>Too little was seen to say.</summary>
    Unknown,

    /// <summary>About as before.</summary>
    Level,

    /// <summary>Better for me.</summary>
    Better,

    /// <summary>Worse for me.</summary>
    Worse,

    /// <summary>Worse, but with one partner only.</summary>
    Learned,
}
