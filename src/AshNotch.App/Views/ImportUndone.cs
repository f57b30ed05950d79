using AshNotch.Storage.Importing;

namespace AshNotch.App.Views;

/// <summary>An import was taken back.</summary>
/// <param name="Stays">How many of its changes stay, as they were changed since.</param>
/// <param name="Why">The first of them, each in words.</param>
public sealed record ImportUndone(int Stays, IReadOnlyList<string> Why)
{
    private const int MostSaid = 20;

    /// <summary>The view of it.</summary>
    public static ImportUndone Of(IReadOnlyList<Stay> stays) =>
        new(stays.Count, [.. stays.Take(MostSaid).Select(s => $"{s.What} {s.Id}: {s.Why}")]);
}
