namespace AshNotch.Core.Drilling.Plans;

/// <summary>A partner with whom a focus can be worked on.</summary>
/// <param name="Partner">Their id.</param>
/// <param name="Name">Their name.</param>
/// <param name="Chance">The chance that what comes off next from that place is mine, against them.</param>
/// <param name="Say">What to watch for from them, in a line.</param>
public sealed record Suited(string Partner, string Name, double Chance, string Say);
