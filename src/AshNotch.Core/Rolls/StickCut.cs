using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>One notch as it is cut into the stick.</summary>
/// <param name="Exchange">Index of its exchange.</param>
/// <param name="Notch">Index in the exchange.</param>
/// <param name="X">Where along the stick, 0 to 1.</param>
/// <param name="By">From whose edge.</param>
/// <param name="Depth">How deep.</param>
/// <param name="Level">Where the split line runs after it, from -1 (I am lost) to 1 (I have won).</param>
/// <param name="Open">Drawn open: somebody let it happen.</param>
/// <param name="Dashed">Drawn dashed: unsure.</param>
/// <param name="Name">The short name of its move, or of the place it led to; empty when neither was named.</param>
/// <param name="Words">It in words.</param>
/// <param name="Seconds">When it was, in seconds since the roll began; null when not told.</param>
/// <param name="Turns">The exchange turned here; it carries a knot.</param>
/// <param name="Marked">It is what is being looked for.</param>
public sealed record StickCut(
    int Exchange,
    int Notch,
    double X,
    Who By,
    CutDepth Depth,
    double Level,
    bool Open,
    bool Dashed,
    string Name,
    string Words,
    int? Seconds = null,
    bool Turns = false,
    bool Marked = false
);
