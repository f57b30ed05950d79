using AshNotch.Core.Reading;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A telling to read.</summary>
/// <param name="Text">The text.</param>
/// <param name="Partner">The partner's id, so that their name is known in the text.</param>
/// <param name="Corrections">What was put right so far.</param>
/// <param name="Partners">Which partners the names in it mean, where that was said.</param>
public sealed record ToRead(
    string? Text,
    string? Partner,
    IReadOnlyList<CorrectionView>? Corrections,
    IReadOnlyList<NamedPartner>? Partners = null
)
{
    /// <summary>Reads the telling with all that the log knows.</summary>
    /// <param name="cache">The log and its names.</param>
    /// <param name="check">Collects what is wrong.</param>
    public Telling Read(LogCache cache, Checker check)
    {
        var text = check.Text(Text, "text") ?? "";
        var corrections = (Corrections ?? [])
            .Select(
                (c, i) =>
                    new Correction(
                        check.Text(c.Words, $"corrections[{i}].words") ?? "",
                        c.Occurrence,
                        c.Notch is null ? null : RollReading.Read(c.Notch, check, $"corrections[{i}].notch")
                    )
            )
            .ToList();
        var log = cache.Log;
        var named = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < (Partners?.Count ?? 0); i++)
        {
            var name = check.Name(Partners![i].Name, $"partners[{i}].name");
            var partner = check.Name(Partners[i].Partner, $"partners[{i}].partner") ?? "";
            if (partner.Length > 0 && log.Partner(partner) is null)
                check.Fault($"partners[{i}].partner", "is not among the partners; choose another.");
            if (name is not null)
                named[name] = partner;
        }
        check.ThrowIfFaulty();
        return Telling.Read(text, cache.Book, log.Partners, new TellingAside(Partner, corrections, named));
    }
}
