using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Weeks;

/// <summary>How the newest four weeks compare with those before.</summary>
public enum Turn
{
    /// <summary>Too little was seen to say.</summary>
    [Said("too little seen")]
    Unknown,

    /// <summary>About as before.</summary>
    [Said("as before")]
    Level,

    /// <summary>Better for me.</summary>
    [Said("getting better")]
    Better,

    /// <summary>Worse for me.</summary>
    [Said("getting worse")]
    Worse,

    /// <summary>Worse, but with one partner only.</summary>
    [Said("one partner has learned it")]
    Learned,
}
