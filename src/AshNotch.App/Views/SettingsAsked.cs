using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;

namespace AshNotch.App.Views;

/// <summary>What is to be set; what is absent stays as it is.</summary>
/// <param name="Aim">What the ranking aims at.</param>
/// <param name="Rules">Id of the rules by which points are counted.</param>
/// <param name="House">The user's own table, whole; its id, name and source are ours.</param>
public sealed record SettingsAsked(Aim? Aim = null, string? Rules = null, Ruleset? House = null);
