using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Verbs;

/// <summary>What <c>moves</c> prints.</summary>
internal sealed record MovesAnswer(IReadOnlyList<MovesAnswer.Sheet> Moves, IReadOnlyList<MovesAnswer.Pair> Conceded)
{
    /// <summary>As printed.</summary>
    public static MovesAnswer Of(MoveBook book, Who by, Aim aim, MatVocabulary vocabulary) =>
        new([.. book.Sheets.Select(s => Sheet.Of(s, aim, vocabulary))], [.. book.Conceded.Select(o => Pair.Of(o, by, vocabulary))]);

    /// <summary>One move.</summary>
    internal sealed record Sheet(
        string Move,
        string By,
        int Tried,
        int Landed,
        double Low,
        double High,
        int Taps,
        int Near,
        int Stopped,
        int Given,
        int Threatened,
        double? Worth,
        double? WorthLow,
        double? WorthHigh,
        IReadOnlyList<Where> From,
        IReadOnlyList<Where> Sides,
        IReadOnlyList<Where> Partners,
        Where Lately,
        Where Before,
        Exposed? Exposes,
        IReadOnlyList<Pair> Opens,
        IReadOnlyList<string> Habits,
        int GripsLost,
        string? FirstTried,
        string? FirstLanded,
        IReadOnlyList<string> Rolls,
        string Say
    )
    {
        /// <summary>As printed.</summary>
        public static Sheet Of(MoveSheet sheet, Aim aim, MatVocabulary vocabulary)
        {
            var (low, high) = sheet.All.Range;
            return new Sheet(
                sheet.Move.Value,
                Term.Of(sheet.By),
                sheet.All.Tried,
                sheet.All.Landed,
                Round(low),
                Round(high),
                sheet.Taps,
                sheet.Near,
                sheet.Stopped,
                sheet.Given,
                sheet.Threatened,
                Rounded(sheet.Worth?.Mean),
                Rounded(sheet.Worth?.Low),
                Rounded(sheet.Worth?.High),
                [.. sheet.From.Select(Where.Of)],
                [.. sheet.Sides.Select(Where.Of)],
                [.. sheet.Partners.Select(Where.Of)],
                Where.Of(new CameWhere("lately", sheet.Lately)),
                Where.Of(new CameWhere("before", sheet.Before)),
                sheet.Exposes is { } exposed
                    ? new Exposed(exposed.Misses, exposed.Landed, Round(exposed.Usual), [.. exposed.What.Select(Where.Of)])
                    : null,
                [.. sheet.Opens.Select(o => Pair.Of(o, sheet.By, vocabulary))],
                [.. sheet.Habits.Select(h => MoveWords.Of(h, sheet.Move, sheet.By, vocabulary))],
                sheet.GripsLost,
                Day(sheet.FirstTried),
                Day(sheet.FirstLanded),
                sheet.Rolls,
                string.Join(
                    ' ',
                    new[]
                    {
                        MoveWords.Counts(sheet),
                        MoveWords.Worth(sheet, aim),
                        MoveWords.Lately(sheet),
                        MoveWords.Exposes(sheet),
                    }.OfType<string>()
                )
            );
        }
    }

    /// <summary>How often in one place, on one side, with one partner.</summary>
    internal sealed record Where(string Key, int Tried, int Landed)
    {
        /// <summary>As printed.</summary>
        public static Where Of(CameWhere where) => new(where.Key, where.Came.Tried, where.Came.Landed);
    }

    /// <summary>What a miss exposes.</summary>
    internal sealed record Exposed(int Misses, int Landed, double Usual, IReadOnlyList<Where> What);

    /// <summary>What comes off after it.</summary>
    internal sealed record Pair(
        string? After,
        bool Given,
        string Move,
        int Tries,
        int Came,
        double Usual,
        double? Odds,
        double Low,
        double? High,
        IReadOnlyList<string> Rolls,
        string Say
    )
    {
        /// <summary>As printed; odds without an end are left out.</summary>
        public static Pair Of(Opening pair, Who by, MatVocabulary vocabulary) =>
            new(
                pair.After.Move?.Value ?? pair.After.To?.Value,
                pair.After.Given,
                pair.Move.Value,
                pair.Tries,
                pair.Came,
                Round(pair.Usual),
                Finite(pair.Odds),
                Round(pair.Low),
                Finite(pair.High),
                pair.Rolls,
                MoveWords.Of(pair, by, vocabulary)
            );
    }

    private static double? Finite(double value) => double.IsFinite(value) ? Round(value) : null;

    private static double? Rounded(double? value) => value is { } some ? Round(some) : null;

    private static double Round(double value) => Math.Round(value, 4);

    private static string? Day(DateOnly? day) => day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
