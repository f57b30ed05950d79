using AshNotch.Core.Rolls;

namespace AshNotch.Bench.Simulation;

/// <summary>The same log as somebody keeps it who leaves things out.</summary>
internal static class Untold
{
    /// <summary>Of every second notch, and of every second exchange's start, nobody says where it was.</summary>
    public static Log Places(Log log, Random random) =>
        Each(log, e => random.Next(2) == 0 ? e with { Start = null } : e, n => random.Next(2) == 0 ? n with { From = null, To = null } : n);

    /// <summary>No finish is named.</summary>
    public static Log Names(Log log) => Each(log, e => e, n => n.Outcome == Outcome.Tap ? n with { Move = null } : n);

    private static Log Each(Log log, Func<Exchange, Exchange> exchange, Func<Notch, Notch> notch) =>
        log with
        {
            Sessions =
            [
                .. log.Sessions.Select(s =>
                    s with
                    {
                        Rolls =
                        [
                            .. s.Rolls.Select(r =>
                                r with
                                {
                                    Exchanges = [.. r.Exchanges.Select(e => exchange(e) with { Notches = [.. e.Notches.Select(notch)] })],
                                }
                            ),
                        ],
                    }
                ),
            ],
        };
}
