using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling;

/// <summary>What was practised from one place. It is no evidence of what comes off live, and stands apart from all that is learned.</summary>
/// <param name="From">The place that was started from, seen from me; null where it was not told.</param>
/// <param name="Rounds">How many rounds.</param>
/// <param name="Starts">How their starts came out.</param>
/// <param name="Last">The last day; null when no day was told.</param>
/// <param name="Say">It in one sentence.</param>
public sealed record PracticeTally(PlaceId? From, int Rounds, DrilledStarts Starts, DateOnly? Last, string Say)
{
    /// <summary>The practice of a log by the place it started from, the most rounds first.</summary>
    public static IReadOnlyList<PracticeTally> Of(Log log, MatVocabulary vocabulary) =>
        [
            .. log
                .Rolls.Where(r => r.Roll.IsPractice)
                .GroupBy(r => StartOf(r.Roll))
                .Select(g => Of(g.Key, [.. g.Select(r => r.Roll)], g.Max(r => r.Session.Date), vocabulary))
                .OrderByDescending(t => t.Rounds)
                .ThenBy(t => t.From?.Value, StringComparer.Ordinal),
        ];

    /// <summary>One round of practice in a sentence.</summary>
    public static string SayOf(Roll roll, MatVocabulary vocabulary) => Of(StartOf(roll), [roll], null, vocabulary).Say;

    private static PlaceId? StartOf(Roll roll) => roll.Exchanges is [var first, ..] ? Whereabouts.StartOf(first) : null;

    private static PracticeTally Of(PlaceId? from, IReadOnlyList<Roll> rounds, DateOnly? last, MatVocabulary vocabulary)
    {
        var starts = rounds.Select(PracticeCount.Of).Aggregate((a, b) => a.Plus(b));
        var where = from is { } place ? $" {vocabulary.SayFrom(place)}" : "";
        var how =
            starts.All == 0 ? "nobody counted the starts" : $"{starts.Kept} of {starts.All} {(starts.All == 1 ? "start" : "starts")} kept";
        var many = rounds.Count == 1 ? "One round" : $"{rounds.Count} rounds";
        return new PracticeTally(from, rounds.Count, starts, last, $"{many} of practice{where}: {how}{Pace(rounds)}.");
    }

    private static string Pace(IReadOnlyList<Roll> rounds)
    {
        var told = rounds.Select(r => r.Intensity).OfType<Intensity>().ToList();
        if (told.Count == 0)
            return "";
        if (told.Distinct().Count() == 1 && told.Count == rounds.Count)
            return $", {Word(told[0])}";
        return ", " + string.Join(", ", told.CountBy(i => i).OrderBy(p => p.Key).Select(p => $"{p.Value} {Word(p.Key)}"));
    }

    private static string Word(Intensity pace) =>
        pace switch
        {
            Intensity.Light => "at a light pace",
            Intensity.Steady => "at a steady pace",
            _ => "at full pace",
        };
}
