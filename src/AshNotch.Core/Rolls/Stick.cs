using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>The picture of one roll: where its notches are cut, how deep, and how the split line wanders with control.</summary>
/// <param name="Exchanges">The exchanges, left to right.</param>
public sealed record Stick(IReadOnlyList<StickExchange> Exchanges)
{
    /// <summary>Cuts the stick of a roll: by time where every notch tells it in order, else by step.</summary>
    public static Stick Of(IReadOnlyList<Exchange> exchanges, MatVocabulary vocabulary)
    {
        var steps = exchanges.Sum(e => e.Notches.Count + 1);
        var times = exchanges.SelectMany(e => e.Notches).Select(n => n.At).ToList();
        var byTime = times.Count > 1 && times.All(t => t is not null) && times.Zip(times.Skip(1)).All(p => p.First < p.Second);
        var length = byTime ? times[^1]!.Value.Seconds * 1.08 : steps;
        var slot = 0.0;
        var cut = new List<StickExchange>();
        for (var e = 0; e < exchanges.Count; e++)
        {
            var exchange = exchanges[e];
            var begin = cut.Count == 0 ? 0 : cut[^1].EndX;
            var start = exchange.Start ?? (exchange.Notches.Count > 0 ? exchange.Notches[0].From : null);
            var level = Level(start, vocabulary) ?? 0;
            var cuts = new List<StickCut>();
            var now = start;
            var height = level;
            for (var n = 0; n < exchange.Notches.Count; n++)
            {
                var notch = exchange.Notches[n];
                var x = byTime ? notch.At!.Value.Seconds / length : (slot + n + 1) / length;
                now = Whereabouts.After(notch, now, vocabulary);
                height = Height(notch, now, height, vocabulary);
                cuts.Add(
                    new StickCut(
                        e,
                        n,
                        x,
                        notch.By,
                        Depth(notch.Outcome),
                        height,
                        notch.Given is not null,
                        notch.Unsure,
                        NotchWords.Brief(notch, vocabulary),
                        NotchWords.Of(notch, vocabulary),
                        notch.At?.Seconds
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
                new StickExchange(
                    begin,
                    Math.Max(begin, end),
                    level,
                    start is { } place ? vocabulary.SayPlace(place) : null,
                    exchange.End,
                    cuts
                )
            );
        }
        return new Stick(cut);
    }

    /// <summary>The stick with those cuts marked whose notch is looked for.</summary>
    /// <param name="exchanges">The exchanges it was cut from.</param>
    /// <param name="isIt">What is looked for.</param>
    public Stick Marked(IReadOnlyList<Exchange> exchanges, Func<Notch, bool> isIt) =>
        this with
        {
            Exchanges =
            [
                .. Exchanges.Select(
                    (drawn, e) =>
                        drawn with
                        {
                            Cuts = [.. drawn.Cuts.Select(c => isIt(exchanges[e].Notches[c.Notch]) ? c with { Marked = true } : c)],
                        }
                ),
            ],
        };

    private static CutDepth Depth(Outcome outcome) =>
        outcome switch
        {
            Outcome.Tap => CutDepth.Through,
            Outcome.Landed => CutDepth.Cut,
            Outcome.Near => CutDepth.Half,
            _ => CutDepth.Nick,
        };

    private static double Height(Notch notch, PlaceId? now, double before, MatVocabulary vocabulary) =>
        notch.Outcome == Outcome.Tap ? (notch.By == Who.Me ? 1 : -1) : Level(now, vocabulary) ?? before;

    private static double? Level(PlaceId? place, MatVocabulary vocabulary) => vocabulary.Place(place)?.Control;
}
