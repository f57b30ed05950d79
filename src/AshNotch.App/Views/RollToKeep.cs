using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A roll to keep, as edited.</summary>
/// <param name="Roll">The roll.</param>
/// <param name="Session">
/// The head of its session: without an id, the session of that day, kind and attire; left out, the one it stands in, as that is.
/// </param>
/// <param name="Version">The version it was edited from; left out, it is kept whatever happened since.</param>
/// <param name="PutRight">The one notch that was put right in it; what follows from that is carried on in its exchange.</param>
public sealed record RollToKeep(RollDocument? Roll, SessionDocument? Session = null, int? Version = null, NotchAt? PutRight = null);
