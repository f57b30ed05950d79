using AshNotch.Core.Partners;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What the practitioner is afraid of, and where they defend one thing and give another.</summary>
/// <param name="Fears">The fears, hazards first.</param>
/// <param name="Tunnel">Defending one, giving another, each in a sentence.</param>
public sealed record FearsView(IReadOnlyList<FearView> Fears, IReadOnlyList<string> Tunnel);

/// <summary>One of them, held against the record.</summary>
/// <param name="Fear">The fear.</param>
/// <param name="PartnerName">With whom; null for anyone.</param>
/// <param name="Says">What the record says, each a sentence.</param>
/// <param name="Caution">Where it can hurt.</param>
/// <param name="Verdict">What it comes to.</param>
/// <param name="Rolls">The newest rolls it came in.</param>
public sealed record FearView(
    FearDocument Fear,
    string? PartnerName,
    IReadOnlyList<string> Says,
    string? Caution,
    FearVerdict Verdict,
    IReadOnlyList<string> Rolls
);
