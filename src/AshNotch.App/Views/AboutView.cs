namespace AshNotch.App.Views;

/// <summary>What the program is and where the data lives.</summary>
/// <param name="Version">Version of the program.</param>
/// <param name="DataDirectory">Where the data is kept.</param>
/// <param name="Demo">Whether this is the demo, which can be started over.</param>
public sealed record AboutView(string Version, string DataDirectory, bool Demo);
