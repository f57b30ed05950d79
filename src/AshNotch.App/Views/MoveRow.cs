using AshNotch.Core.Repertoire;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A move in the list of what moves do.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Kind">What it is for; null for a move of the user's own of no kind.</param>
/// <param name="Tried">Tries.</param>
/// <param name="Landed">Those that came off.</param>
/// <param name="Worth">What a try is worth to me; null under a handful of tries.</param>
/// <param name="Lately">Tries of the last eight weeks.</param>
/// <param name="Opens">How many moves it opens.</param>
/// <param name="First">It came off for the first time in the last four weeks of the log.</param>
public sealed record MoveRow(
    string Id,
    string Name,
    MoveKind? Kind,
    int Tried,
    int Landed,
    double? Worth,
    int Lately,
    int Opens,
    bool First
)
{
    private const int FirstDays = 28;

    /// <summary>The row of a sheet.</summary>
    public static MoveRow Of(MoveSheet sheet, DateOnly? last, MatVocabulary vocabulary) =>
        new(
            sheet.Move.Value,
            vocabulary.MoveName(sheet.Move),
            vocabulary.Move(sheet.Move)?.Kind,
            sheet.All.Tried,
            sheet.All.Landed,
            sheet.All.Tried < Core.Costs.Contrast.Handful || sheet.Worth is not { } worth ? null : Math.Round(worth.Mean, 3),
            sheet.Lately.Tried,
            sheet.Opens.Count,
            sheet.FirstLanded is { } first && last is { } newest && first > newest.AddDays(-FirstDays)
        );
}
