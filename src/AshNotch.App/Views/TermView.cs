using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A fixed term to choose from.</summary>
/// <param name="Id">As it is written.</param>
/// <param name="Say">As it is said to a person.</param>
public sealed record TermView(string Id, string Say)
{
    /// <summary>All terms of a kind, in their usual order.</summary>
    public static IReadOnlyList<TermView> All<T>()
        where T : struct, Enum => [.. Enum.GetValues<T>().Select(t => new TermView(Term.Of(t), Term.Say(t)))];
}
