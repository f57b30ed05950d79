using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A place to choose from.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">The position's name.</param>
/// <param name="Say">It in words, as <c>your half guard</c>.</param>
/// <param name="Mirror">What the partner sees.</param>
/// <param name="Family">Its family.</param>
/// <param name="Aliases">Other names of the position.</param>
public sealed record PlaceView(string Id, string Name, string Say, string Mirror, Family Family, IReadOnlyList<string> Aliases);
