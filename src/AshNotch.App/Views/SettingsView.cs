using AshNotch.Core.Chain;
using AshNotch.Core.Scoring;

namespace AshNotch.App.Views;

/// <summary>Settings of the application.</summary>
/// <param name="Aim">What the ranking aims at.</param>
/// <param name="Rules">Id of the rules by which points are counted.</param>
/// <param name="Lead">What is made of a lead.</param>
/// <param name="Rulesets">The rules to choose from, the user's own last.</param>
/// <param name="Version">Grows with every change; sent back with one, so that nobody overwrites what they have not seen.</param>
public sealed record SettingsView(Aim Aim, string Rules, LeadSchool Lead, IReadOnlyList<Ruleset> Rulesets, int Version);
