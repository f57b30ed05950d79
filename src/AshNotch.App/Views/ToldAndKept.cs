using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What was kept of a telling.</summary>
/// <param name="Rolls">Its rolls.</param>
/// <param name="NewPartners">Partners that were added in passing.</param>
/// <param name="Learned">Names that were learned from what was put right.</param>
public sealed record ToldAndKept(
    IReadOnlyList<RollView> Rolls,
    IReadOnlyList<PartnerDocument> NewPartners,
    IReadOnlyList<OwnNameDocument> Learned
);
