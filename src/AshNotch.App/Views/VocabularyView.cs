using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>The vocabulary.</summary>
/// <param name="Places">The places.</param>
/// <param name="Moves">The moves.</param>
public sealed record VocabularyView(IReadOnlyList<PlaceView> Places, IReadOnlyList<MoveView> Moves)
{
    /// <summary>The view of a vocabulary.</summary>
    /// <param name="vocabulary">The vocabulary.</param>
    /// <param name="barred">Why a move is barred for who looks; null where nobody asks.</param>
    public static VocabularyView Of(MatVocabulary vocabulary, Func<Move, string?>? barred = null) =>
        new([.. vocabulary.Places.Select(Of)], [.. vocabulary.Moves.Select(m => Of(m, barred?.Invoke(m)))]);

    private static PlaceView Of(Place place) =>
        new(
            place.Id.Value,
            place.Position.Name,
            place.Say,
            place.Mirror.Id.Value,
            place.Position.Family,
            [.. place.Position.Names.Skip(1)]
        );

    private static MoveView Of(Move move, string? barred) =>
        new(
            move.Id.Value,
            move.Name,
            move.Kind,
            [.. move.Names.Skip(1)],
            [.. move.From.Select(f => f.Id.Value)],
            move.To?.Id.Value,
            move.SubmissionClass,
            move.Caution,
            move.Attire,
            move.Leads,
            barred
        );
}
