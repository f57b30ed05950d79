using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A roll to keep, as edited.</summary>
/// <param name="Session">The head of its session; without an id, the session of that day, kind and attire.</param>
/// <param name="Roll">The roll.</param>
/// <param name="Version">The version it was edited from; left out, it is kept whatever happened since.</param>
public sealed record RollToKeep(SessionDocument? Session, RollDocument? Roll, int? Version);
