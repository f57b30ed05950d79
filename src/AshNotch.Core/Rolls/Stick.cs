using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>How deep a notch is cut: its weight.</summary>
public enum CutDepth
{
    /// <summary>Threatened, stopped or abandoned.</summary>
    Nick,

    /// <summary>Near: locked or almost there.</summary>
    Half,

    /// <summary>A landed change of place.</summary>
    Cut,

    /// <summary>A tap.</summary>
    Through,
}

/// <summary>One notch as it is cut into the stick.</summary>
/// <param name="Exchange">Index of its exchange.</param>
/// <param name="Notch">Index in the exchange.</param>
/// <param name="X">Where along the stick, 0 to 1.</param>
/// <param name="By">From whose edge.</param>
/// <param name="Depth">How deep.</param>
/// <param name="Level">Where the split line runs after it, from -1 (I am lost) to 1 (I have won).</param>
/// <param name="Open">Drawn open: somebody let it happen.</param>
/// <param name="Dashed">Drawn dashed: unsure.</param>
/// <param name="Words">It in words.</param>
public sealed record StickCut(
    int Exchange,
    int Notch,
    double X,
    Who By,
    CutDepth Depth,
    double Level,
    bool Open,
    bool Dashed,
    string Words
);

/// <summary>An exchange of the stick.</summary>
/// <param name="X">Where it starts, 0 to 1.</param>
/// <param name="EndX">Where it ends.</param>
/// <param name="Level">Where the split line starts.</param>
/// <param name="Start">Where it started, in words; null when not told.</param>
/// <param name="End">Why it ended; null when not told.</param>
/// <param name="Cuts">Its notches.</param>
public sealed record StickExchange(double X, double EndX, double Level, string? Start, ExchangeEnd? End, IReadOnlyList<StickCut> Cuts);

/// <summary>The picture of one roll: where its notches are cut, how deep, and how the split line wanders with control.</summary>
/// <param name="Exchanges">The exchanges, left to right.</param>
public sealed record Stick(IReadOnlyList<StickExchange> Exchanges)
{
    /// <summary>Cuts the stick of a roll: by time where every notch tells it in order, else by step.</summary>
    public static Stick Of(IReadOnlyList<Exchange> exchanges, MatVocabulary vocabulary)
    {
        var steps = exchanges.Sum(e => e.Notches.Count + 1);
        var times = exchanges.SelectMany(e => e.Notches).Select(n => n.AtSeconds).ToList();
        var byTime = times.Count > 1 && times.All(t => t is not null) && times.Zip(times.Skip(1)).All(p => p.First < p.Second);
        var length = byTime ? times[^1]!.Value * 1.08 : steps;
        var slot = 0.0;
        var cut = new List<StickExchange>();
        for (var e = 0; e < exchanges.Count; e++)
        {
            var exchange = exchanges[e];
            var begin = cut.Count == 0 ? 0 : cut[^1].EndX;
            var start = exchange.Start ?? (exchange.Notches.Count > 0 ? exchange.Notches[0].From : null);
            var level = Level(start, vocabulary) ?? 0;
            var cuts = new List<StickCut>();
            var now = level;
            for (var n = 0; n < exchange.Notches.Count; n++)
            {
                var notch = exchange.Notches[n];
                var x = byTime ? notch.AtSeconds!.Value / length : (slot + n + 1) / length;
                now = After(notch, now, vocabulary);
                cuts.Add(
                    new StickCut(
                        e,
                        n,
                        x,
                        notch.By,
                        Depth(notch.Outcome),
                        now,
                        notch.Given is not null,
                        notch.Unsure,
                        NotchWords.Of(notch, vocabulary)
                    )
                );
            }
            slot += exchange.Notches.Count + 1;
            var last = e == exchanges.Count - 1;
            var end =
                last ? 1
                : byTime && cuts.Count > 0 ? Math.Min(1, cuts[^1].X + 0.02)
                : slot / length;
            cut.Add(
                new StickExchange(begin, Math.Max(begin, end), level, start is null ? null : vocabulary.SayPlace(start), exchange.End, cuts)
            );
        }
        return new Stick(cut);
    }

    private static CutDepth Depth(Outcome outcome) =>
        outcome switch
        {
            Outcome.Tap => CutDepth.Through,
            Outcome.Landed => CutDepth.Cut,
            Outcome.Near => CutDepth.Half,
            _ => CutDepth.Nick,
        };

    private static double After(Notch notch, double now, MatVocabulary vocabulary) =>
        notch.Outcome switch
        {
            Outcome.Tap => notch.By == Who.Me ? 1 : -1,
            Outcome.Landed => Level(notch.To, vocabulary) ?? now,
            _ => Level(notch.From, vocabulary) ?? now,
        };

    private static double? Level(string? place, MatVocabulary vocabulary) => vocabulary.Place(place)?.Control;
}
