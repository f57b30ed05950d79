using AshNotch.Storage.Importing;

namespace AshNotch.App.Views;

/// <summary>What an import did.</summary>
/// <param name="Import">The import, by which it is undone; null when nothing was to be changed.</param>
public sealed record ImportDone(Import? Import);
