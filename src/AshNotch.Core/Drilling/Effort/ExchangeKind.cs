using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Effort;

/// <summary>What exchanges have in common that take about the same effort: to stop theirs or to land mine, in a family of places.</summary>
/// <param name="By">Whose move.</param>
/// <param name="Family">The family of the place; null for a place of the user's own.</param>
public sealed record ExchangeKind(Who By, Family? Family)
{
    /// <summary>The kind of an exchange.</summary>
    public static ExchangeKind Of(Way way, MatVocabulary vocabulary) => new(way.By, vocabulary.Place(way.From)?.Position.Family);
}
