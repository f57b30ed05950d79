using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>What the invented practitioner wrote down to remember, on which day.</summary>
internal static class Remembered
{
    private static readonly PlaceId HalfGuard = new("half-guard/bottom");

    private static readonly (int Month, int Day, Taught Taught)[] Taught =
    [
        (9, 28, new Taught("Old school sweep: underhook first, then the far foot.", HalfGuard, new("old-school-sweep"), "coach")),
        (10, 12, new Taught("Berimbolo against a standing passer.", null, new("berimbolo"), "coach")),
        (10, 26, new Taught("Baseball bat choke as they pass.", null, new("baseball-bat-choke"), "Hazel")),
        (11, 9, new Taught("Knee cut: win the far underhook before the knee goes down.", null, new("knee-cut-pass"), "coach")),
    ];

    private static readonly (int Month, int Day, string Text)[] Takeaways =
    [
        (9, 21, "Half guard: knee shield before the grips settle."),
        (10, 5, "Half guard: knee shield in before their grips settle."),
        (10, 14, "Tapped too late to that straight ankle lock, ankle sore for two days. Tap at the grip."),
        (10, 21, "Breathe out before the bridge."),
        (11, 2, "Same mistake: no knee shield in half guard before the grips settled."),
    ];

    private static readonly (int Month, int Day, MissedChance Chance)[] Missed =
    [
        (10, 19, new MissedChance("Should have gone for the arm drag from seated guard.", null, new("arm-drag"))),
        (11, 7, new MissedChance("Should have taken the back when they turned away.", null, new("back-take"))),
    ];

    /// <summary>The same sessions with what was to be remembered of them.</summary>
    public static IEnumerable<Session> In(IEnumerable<Session> sessions) => sessions.Select(In);

    private static Session In(Session session)
    {
        bool IsThat(int month, int day) => session.Date is { } date && (date.Month, date.Day) == (month, day);
        return session with
        {
            Taught = [.. Taught.Where(t => IsThat(t.Month, t.Day)).Select(t => t.Taught)],
            Rolls =
            [
                .. session.Rolls.Select(
                    (roll, i) =>
                        i > 0
                            ? Advised(roll)
                            : Advised(roll) with
                            {
                                Takeaways =
                                [
                                    .. roll.Takeaways,
                                    .. Takeaways.Where(t => IsThat(t.Month, t.Day)).Select(t => new Takeaway(t.Text)),
                                ],
                                Missed = [.. Missed.Where(m => IsThat(m.Month, m.Day)).Select(m => m.Chance)],
                            }
                ),
            ],
        };
    }

    // Alder says it each time that his knee cut came through on the left.
    private static Roll Advised(Roll roll) =>
        roll.Partner != "alder"
            ? roll
            : roll with
            {
                Exchanges =
                [
                    .. roll.Exchanges.Select(e =>
                        e with
                        {
                            Notches =
                            [
                                .. e.Notches.Select(n =>
                                    n is { By: Who.Partner, Move.Value: "knee-cut-pass", Outcome: Outcome.Landed, Side: BodySide.Left }
                                        ? n with
                                        {
                                            Advice = [new Advice("Frame on the biceps before the knee cut crosses.", "Alder")],
                                        }
                                        : n
                                ),
                            ],
                        }
                    ),
                ],
            };
}
