using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>
/// What people who roll often have learned of each other: Dogwood has found the answer to the hip bump, which still comes off with everybody
/// else, and Willow no longer gets past the seated guard with the toreando.
/// </summary>
public static class Familiar
{
    private static readonly DateOnly Turn = new(2026, 10, 12);

    private static readonly Notch Bump = new()
    {
        By = Who.Me,
        Move = new("hip-bump-sweep"),
        From = new("closed-guard/bottom"),
        To = new("mount/top"),
        Outcome = Outcome.Landed,
    };

    private static readonly Notch Toreando = new()
    {
        By = Who.Partner,
        Move = new("toreando-pass"),
        From = new("seated-guard/bottom"),
        To = new("side-control/bottom"),
        Outcome = Outcome.Landed,
    };

    /// <summary>What is feared: one of which little is known yet, one that the record bears out, and one that it does not.</summary>
    public static IReadOnlyList<Fear> Fears { get; } =
    [
        new("fear-1", "Their guillotine when I go for the double leg", null, new("guillotine"), null, new("double-leg")),
        new("fear-2", "Being kneed through at half guard", null, new("knee-cut-pass"), new("half-guard/bottom"), null),
        new("fear-3", "They take my back when I go for the hip bump", null, new("back-take"), null, new("hip-bump-sweep")),
    ];

    /// <summary>The same sessions with those tries in the rolls that were not told in words.</summary>
    public static IEnumerable<Session> In(IEnumerable<Session> sessions)
    {
        var others = 0;
        foreach (var session in sessions)
            yield return session with
            {
                Rolls = [.. session.Rolls.Select(r => In(session, r, ref others))],
            };
    }

    private static Roll In(Session session, Roll roll, ref int others)
    {
        if (roll.Retelling is not null || roll.Kind != RollKind.Free || session.Date is not { } date)
            return roll;
        var before = date < Turn;
        Exchange[] more = roll.Partner switch
        {
            "dogwood" => before ? [Tries(Bump, 0, true), Tries(Bump, 1, true)] : [Tries(Bump, 1, date.Day == 31)],
            "willow" => before ? [Tries(Toreando, 0, true), Tries(Toreando, 1, true)] : [Tries(Toreando, 4, false)],
            _ when ++others % 4 == 0 => [Tries(Bump, others % 8 == 0 ? 1 : 0, true)],
            _ when others % 4 == 2 => [Tries(Toreando, others % 8 == 2 ? 1 : 0, true)],
            _ => [],
        };
        return more.Length == 0 ? roll : roll with { Exchanges = [.. more, .. roll.Exchanges] };
    }

    // Some that fail, and one more that comes off or not; then both start again.
    private static Exchange Tries(Notch notch, int failed, bool comesOff)
    {
        var stopped = notch with { To = null, Outcome = Outcome.Stopped };
        return new Exchange
        {
            Start = notch.From,
            End = ExchangeEnd.Reset,
            Notches = [.. Enumerable.Repeat(stopped, failed), comesOff ? notch : stopped],
        };
    }
}
