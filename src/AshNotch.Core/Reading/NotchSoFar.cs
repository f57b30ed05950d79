using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>A notch while the telling goes on: what comes next may settle it.</summary>
internal sealed class NotchSoFar(Notch notch, Move? move = null)
{
    /// <summary>The move it names, the user's own included; null for a change of place that nobody named.</summary>
    public Move? Move { get; set; } = move;

    /// <summary>The notch as understood so far.</summary>
    public Notch Notch { get; set; } = notch;

    /// <summary>What is in doubt about it.</summary>
    public HashSet<Doubt> Doubts { get; } = [];

    /// <summary>How it came out has not been said; the next words may say it.</summary>
    public bool Open { get; set; }
}
