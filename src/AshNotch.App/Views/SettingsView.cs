using AshNotch.Core.Chain;

namespace AshNotch.App.Views;

/// <summary>Settings of the application.</summary>
/// <param name="Aim">What the ranking aims at.</param>
public sealed record SettingsView(Aim Aim);
