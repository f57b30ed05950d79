using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>Whose finishes are counted in a roll that is told.</summary>
/// <param name="Me">What I finished.</param>
/// <param name="Partner">What they finished.</param>
/// <param name="Pair">A bare pair such as <c>1-1</c> that is asked: taps, or points?; null when there is none.</param>
/// <param name="Differs">What the words sum up where the count is another; null where it is not.</param>
public sealed record TapsView(IReadOnlyList<TapView> Me, IReadOnlyList<TapView> Partner, string? Pair, string? Differs)
{
    /// <summary>The finishes of one roll of a telling.</summary>
    public static TapsView Of(
        Telling telling,
        int roll,
        IReadOnlyDictionary<(int, Span), (string Words, int Occurrence)> ties,
        MatVocabulary vocabulary
    )
    {
        var told = telling.Rolls[roll];
        var notches = told.Read.Exchanges.SelectMany(e => e.Exchange.Notches).Where(n => n.Outcome == Outcome.Tap).ToList();
        var added = telling
            .Added.Index()
            .Where(a => !telling.AddedAt.Values.Contains(a.Index) && Math.Min(a.Item.Roll, telling.Rolls.Count - 1) == roll)
            .Select(a => a.Index);
        var nextAdded = new Queue<int>(added);
        var taps = notches.Select(n => (n.By, View: View(n))).ToList();
        var (pair, differs) = Summed(telling, roll);
        return new TapsView(
            [.. taps.Where(t => t.By == Who.Me).Select(t => t.View)],
            [.. taps.Where(t => t.By == Who.Partner).Select(t => t.View)],
            pair,
            differs
        );

        TapView View(Notch notch)
        {
            var say = notch.Move is { } move ? vocabulary.MoveName(move) : "not said what";
            if (notch.Span is not { } span)
                return new TapView(say, false, null, 0, null, nextAdded.TryDequeue(out var which) ? which : null);
            if (telling.AddedAt.TryGetValue((roll, span), out var put))
                return new TapView(say, false, null, 0, null, put);
            var (words, occurrence) = ties[(roll, span)];
            var without = notch.Move is null ? null : LogWriter.Document(notch with { Outcome = Outcome.Stopped, Unsure = false });
            return new TapView(say, notch.Unsure, words, occurrence, without, null);
        }
    }

    private static (string? Pair, string? Differs) Summed(Telling telling, int roll)
    {
        if (telling.AsRead[roll].Read.Summed is not { } summed)
            return (null, null);
        var start = telling.AsRead[roll].Start;
        var words = telling.Text[(start + summed.Words.Start)..(start + summed.Words.End)];
        var taps = telling.Rolls[roll].Taps;
        var same = (summed.Me ?? taps.Me) == taps.Me && (summed.Partner ?? taps.Partner) == taps.Partner;
        return (summed.IsBare && !same ? words : null, same ? null : words);
    }
}
