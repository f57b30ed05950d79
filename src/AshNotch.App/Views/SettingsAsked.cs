using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;

namespace AshNotch.App.Views;

/// <summary>What is to be set; what is absent stays as it is.</summary>
/// <param name="Aim">What the ranking aims at.</param>
/// <param name="Rules">Id of the rules by which points are counted.</param>
/// <param name="Lead">What is made of a lead.</param>
/// <param name="Version">The version they were changed from; left out, they are kept whatever happened since.</param>
public sealed record SettingsAsked(Aim? Aim = null, string? Rules = null, LeadSchool? Lead = null, int? Version = null);
