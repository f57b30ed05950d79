using AshNotch.Core.Chain;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>What one move really does.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Caution">What to say where it is shown.</param>
/// <param name="Allowed">Whether my rules let me do it, in words; null where they say nothing.</param>
/// <param name="Says">What is to be said of it, each a sentence.</param>
/// <param name="From">From where.</param>
/// <param name="Sides">By side.</param>
/// <param name="Partners">With whom.</param>
/// <param name="Opens">What it opens.</param>
/// <param name="Habits">What it is done after, each a sentence.</param>
/// <param name="FirstTried">The day it was first tried.</param>
/// <param name="FirstLanded">The day it first came off.</param>
/// <param name="Rolls">Its rolls, the newest first.</param>
public sealed record MoveSheetView(
    string Id,
    string Name,
    string? Caution,
    string? Allowed,
    IReadOnlyList<string> Says,
    IReadOnlyList<MoveSheetView.Where> From,
    IReadOnlyList<MoveSheetView.Where> Sides,
    IReadOnlyList<MoveSheetView.Where> Partners,
    IReadOnlyList<PairView> Opens,
    IReadOnlyList<string> Habits,
    DateOnly? FirstTried,
    DateOnly? FirstLanded,
    IReadOnlyList<string> Rolls
)
{
    private const int MostRolls = 60;

    /// <summary>The view of a sheet.</summary>
    public static MoveSheetView Of(MoveSheet sheet, Log log, Aim aim, string? allowed, MatVocabulary vocabulary)
    {
        var move = vocabulary.Move(sheet.Move);
        return new MoveSheetView(
            sheet.Move.Value,
            vocabulary.MoveName(sheet.Move),
            move?.Caution,
            allowed,
            [
                .. new[]
                {
                    MoveWords.Counts(sheet),
                    MoveWords.Worth(sheet, aim),
                    MoveWords.Lately(sheet),
                    MoveWords.Exposes(sheet),
                    sheet.GripsLost == 0 ? null : MoveWords.Grips(sheet),
                }.OfType<string>(),
            ],
            [.. sheet.From.Select(w => Where.Of(w, vocabulary.SayPlace(new PlaceId(w.Key))))],
            [.. sheet.Sides.Select(w => Where.Of(w, w.Key))],
            [.. sheet.Partners.Select(w => Where.Of(w, log.Partner(w.Key)?.Name ?? "Someone"))],
            [.. sheet.Opens.Select(o => PairView.Of(o, sheet.By, vocabulary))],
            [.. sheet.Habits.Select(h => MoveWords.Of(h, sheet.Move, sheet.By, vocabulary))],
            sheet.FirstTried,
            sheet.FirstLanded,
            [.. sheet.Rolls.Reverse().Take(MostRolls)]
        );
    }

    /// <summary>How often in one place, on one side, with one partner.</summary>
    /// <param name="Key">Which.</param>
    /// <param name="Name">In words.</param>
    /// <param name="Tried">Tries.</param>
    /// <param name="Landed">Those that came off.</param>
    public sealed record Where(string Key, string Name, int Tried, int Landed)
    {
        /// <summary>The view of a count.</summary>
        public static Where Of(CameWhere where, string name) => new(where.Key, name, where.Came.Tried, where.Came.Landed);
    }
}
