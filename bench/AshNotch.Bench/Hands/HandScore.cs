using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;

namespace AshNotch.Bench.Hands;

/// <summary>
/// How far a reading agrees with a person: each event is matched with the notch that fits it best among those whose words it shares, or
/// that stand near and name the same.
/// </summary>
internal sealed class HandScore
{
    private const int Near = 60;

    public int Events { get; private set; }
    public int Found { get; private set; }
    public int WhoRight { get; private set; }
    public int AllRight { get; private set; }
    public int Tellings { get; private set; }
    public int TapsExact { get; private set; }
    public int OnlySaid { get; private set; }
    public int Counted { get; private set; }
    public int NobodyTold { get; private set; }

    /// <summary>Takes in one telling.</summary>
    public void Add(Telling telling, Phrasebook book)
    {
        var read = RollRead.Join(ClassReader.Read(telling.Text, book, []));
        var notches = read.Exchanges.SelectMany(e => e.Exchange.Notches).Where(n => n.Span is not null).ToList();
        var taps = TapCount.Of(read.Exchanges.Select(e => e.Exchange));
        Tellings++;
        // A tap of mine is a finish of the partner's.
        TapsExact += (taps.Partner, taps.Me) == (telling.Taps.Me, telling.Taps.Partner) ? 1 : 0;
        var free = notches.ToList();
        var pairs =
            from e in telling.Events
            from n in notches
            let fit = Fit(telling, e, n)
            where fit > 0
            orderby fit descending
            select (e, n);
        var matched = new Dictionary<TellingEvent, Notch>(ReferenceEqualityComparer.Instance);
        foreach (var (e, n) in pairs)
            if (!matched.ContainsKey(e) && free.Exists(f => ReferenceEquals(f, n)))
            {
                matched[e] = n;
                free.RemoveAll(f => ReferenceEquals(f, n));
            }
        NobodyTold += free.Count;
        foreach (var e in telling.Events.Where(e => !e.Optional))
        {
            Events++;
            if (!matched.TryGetValue(e, out var n))
                continue;
            Found++;
            WhoRight += e.IsBy(n.By) ? 1 : 0;
            var what = e.IsOpen || e.IsMove(n.Move?.Value) || e.IsTo(n.To?.Value);
            AllRight += e.IsBy(n.By) && what && e.IsOutcome(n.Outcome) ? 1 : 0;
        }
        foreach (var said in telling.NotEvents ?? [])
        {
            OnlySaid++;
            var words = telling.Of(said);
            Counted += free.Exists(n => Gap(words, n.Span!.Value) == 0 && n.Outcome != Outcome.Threatened) ? 1 : 0;
        }
    }

    /// <summary>Takes in what another one took in.</summary>
    public void Add(HandScore other)
    {
        Events += other.Events;
        Found += other.Found;
        WhoRight += other.WhoRight;
        AllRight += other.AllRight;
        Tellings += other.Tellings;
        TapsExact += other.TapsExact;
        OnlySaid += other.OnlySaid;
        Counted += other.Counted;
        NobodyTold += other.NobodyTold;
    }

    private static double Fit(Telling telling, TellingEvent e, Notch n)
    {
        var gap = e.Anchors.Min(a => Gap(telling.Of(a), n.Span!.Value));
        var (move, to) = (e.IsMove(n.Move?.Value), e.IsTo(n.To?.Value));
        if (gap > Near || gap > 0 && !move && !to)
            return 0;
        return 1
            + (move ? 6 : 0)
            + (to ? 3 : 0)
            + (gap == 0 ? 3 : 2 * (1 - gap / (double)Near))
            + (e.IsBy(n.By) ? 2.5 : 0)
            + (e.IsOutcome(n.Outcome) ? 1.5 : 0)
            - (e.Optional ? 0.5 : 0);
    }

    /// <summary>How many characters lie between two spans; 0 when they share some.</summary>
    public static int Gap(Span one, Span other) => Math.Max(0, Math.Max(other.Start - one.End + 1, one.Start - other.End + 1));
}
