using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A notch with what is in doubt about it.</summary>
/// <param name="Notch">The notch.</param>
/// <param name="Doubts">What is in doubt, the weightiest first.</param>
internal sealed record Doubted(Notch Notch, IReadOnlyList<Doubt> Doubts);
