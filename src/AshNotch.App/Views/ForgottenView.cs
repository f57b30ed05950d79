using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A partner was forgotten.</summary>
/// <param name="Rolls">How many rolls stay, with somebody unknown.</param>
/// <param name="Copies">The copies that still hold them.</param>
public sealed record ForgottenView(int Rolls, IReadOnlyList<BackupView> Copies);

/// <summary>What to do about a copy that still holds somebody.</summary>
/// <param name="Partner">The one who was forgotten: id and names.</param>
/// <param name="Delete">Delete the copy; else it is written anew without them.</param>
public sealed record CopyToClean(PartnerDocument? Partner, bool Delete);

/// <summary>What waits in a browser and may hold somebody who was forgotten.</summary>
/// <param name="Partner">The one who was forgotten: id and names.</param>
/// <param name="Documents">What waits, each as it is written.</param>
public sealed record Waiting(PartnerDocument? Partner, IReadOnlyList<string> Documents);
