using AshNotch.Core.Rolls;

namespace AshNotch.Core.Scoring;

/// <summary>The times of a roll, as far as they were written.</summary>
internal sealed class RollClock(Roll roll)
{
    private readonly double? length = (roll.Minutes ?? roll.PlannedMinutes) * 60;

    /// <summary>When, since the roll began; null when not told.</summary>
    public RollTime? At(Notch notch) => notch.At ?? RollTime.Of((int?)Elapsed(notch));

    /// <summary>Seconds left after the last time that was written; null where none was, or nobody knows how long it lasts.</summary>
    public double? Left() => length - roll.Notches.Select(Elapsed).Where(t => t is not null).DefaultIfEmpty(null).Max();

    /// <summary>Whether a place was held so many seconds, by the times beside it; null where they do not say.</summary>
    public static bool? Held(Exchange exchange, int n, double seconds)
    {
        var notch = exchange.Notches[n];
        for (var k = n + 1; k < exchange.Notches.Count; k++)
        {
            var next = exchange.Notches[k];
            if (next.Outcome != Outcome.Landed || next.To is not null && next.To == next.From)
                continue;
            if (Between(notch, next) is not { } between)
                return null;
            return between >= seconds ? true
                : next.By != notch.By ? false
                : null;
        }
        return null;
    }

    /// <summary>Whether a notch came before a part of the match, 0 to 1; null where nothing says.</summary>
    public bool? IsBefore(Exchange exchange, int n, double part)
    {
        if (length is not { } whole)
            return null;
        if (Elapsed(exchange.Notches[n]) is { } at)
            return at < part * whole;
        // Before one of the first half it was in the first half; after one of the second, in the second.
        var all = roll.Notches.ToList();
        var here = all.FindIndex(m => ReferenceEquals(m, exchange.Notches[n]));
        if (all.Take(here).Select(Elapsed).LastOrDefault(t => t is not null) >= part * whole)
            return false;
        return all.Skip(here).Select(Elapsed).FirstOrDefault(t => t is not null) < part * whole ? true : null;
    }

    /// <summary>Times that do not go together: out of order, beyond the end, or two that contradict each other.</summary>
    public IEnumerable<LedgerFault> Faults()
    {
        double? before = null;
        for (var e = 0; e < roll.Exchanges.Count; e++)
        for (var n = 0; n < roll.Exchanges[e].Notches.Count; n++)
        {
            var notch = roll.Exchanges[e].Notches[n];
            if (notch is { At: { } at, Remaining: { } left } && length is { } lasts && Math.Abs(at.Seconds + left.Seconds - lasts) > 1)
                yield return new LedgerFault(e, n, $"At {at} with {left} left do not make {Clock(lasts)}.");
            if (notch.HeldSeconds is { } held && length is { } all && held > all)
                yield return new LedgerFault(e, n, $"Held for {Clock(held)}, longer than the {Clock(all)} that it lasted.");
            if (Elapsed(notch) is not { } now)
                continue;
            if (length is { } whole && (now > whole || now < 0))
                yield return new LedgerFault(e, n, $"{At(notch) ?? notch.Remaining} lies beyond the {Clock(whole)} that it lasted.");
            else if (now < before)
                yield return new LedgerFault(e, n, $"{Clock(now)} comes before {Clock(before.Value)}, the time of one before it.");
            before = Math.Max(before ?? 0, now);
        }
    }

    private static RollTime Clock(double seconds) => new((int)seconds);

    private double? Elapsed(Notch notch) => notch.At?.Seconds ?? (length is { } whole ? whole - notch.Remaining?.Seconds : null);

    private static double? Between(Notch one, Notch other) =>
        one.At is { } a && other.At is { } b && b >= a ? b.Seconds - a.Seconds
        : one.Remaining is { } left && other.Remaining is { } later && later <= left ? left.Seconds - later.Seconds
        : null;
}
