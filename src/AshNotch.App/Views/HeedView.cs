using AshNotch.Core.Partners;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>Something to keep in mind.</summary>
/// <param name="Kind">What for.</param>
/// <param name="Say">It in a sentence.</param>
/// <param name="Caution">Where it can hurt.</param>
/// <param name="From">Where it starts.</param>
/// <param name="By">Whose it is.</param>
/// <param name="Move">The move.</param>
public sealed record HeedView(HeedKind Kind, string Say, string? Caution, string From, Who By, string Move)
{
    /// <summary>The view of a heed.</summary>
    public static HeedView Of(Heed heed, MatVocabulary vocabulary) =>
        new(heed.Kind, heed.Say, vocabulary.Move(heed.Way.Move)?.Caution, heed.Way.From.Value, heed.Way.By, heed.Way.Move!.Value.Value);
}
