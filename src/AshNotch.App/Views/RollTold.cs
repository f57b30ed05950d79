using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>Rolls to keep, as told: the server reads them.</summary>
/// <param name="Session">The head of their session.</param>
/// <param name="Roll">What is known beside the telling: partner, kind, minutes, starts, intensity, mission.</param>
/// <param name="Text">The telling, of one roll or several.</param>
/// <param name="Corrections">What was put right in its reading.</param>
/// <param name="Partners">Which partners the names in it mean, where that was said.</param>
/// <param name="Struck">Words that say nothing of the roll as a whole, though they were read so.</param>
/// <param name="Finished">Notches put in by hand: taps that no words say, and what words that were not understood mean.</param>
/// <param name="Cuts">Where the user says that a roll begins, or that none does.</param>
/// <param name="Taps">Pairs such as <c>1-1</c> that were said to be taps.</param>
/// <param name="Points">Pairs that were said to be points.</param>
/// <param name="Draft">Name of the draft that it was told in, which is done with.</param>
public sealed record RollTold(
    SessionDocument? Session,
    RollDocument? Roll,
    string? Text,
    IReadOnlyList<CorrectionView>? Corrections,
    IReadOnlyList<NamedPartner>? Partners = null,
    string? Draft = null,
    IReadOnlyList<string>? Struck = null,
    IReadOnlyList<NotchToAdd>? Finished = null,
    IReadOnlyList<CutView>? Cuts = null,
    IReadOnlyList<string>? Taps = null,
    IReadOnlyList<string>? Points = null
)
{
    /// <summary>The telling in it, to be read with what is known of the partner.</summary>
    public ToRead ToRead(string? partner) =>
        new(Text, partner, Corrections, Partners, Struck, Finished, Cuts, Taps, Points, Roll?.Kind == Term.Of(RollKind.Match));
}
