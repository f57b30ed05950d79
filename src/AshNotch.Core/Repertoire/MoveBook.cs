using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What every move of one side really does: mine, or what is done to me.</summary>
/// <param name="Sheets">A sheet for each move that was tried, let happen or threatened, the most tried first.</param>
/// <param name="Conceded">What was let happen on purpose, and what it opens.</param>
public sealed record MoveBook(IReadOnlyList<MoveSheet> Sheets, IReadOnlyList<Opening> Conceded)
{
    private const int LatelyWeeks = 8;

    /// <summary>The moves of one side in a log; practice is left out.</summary>
    /// <param name="log">The log.</param>
    /// <param name="values">What places are worth.</param>
    /// <param name="goal">What values are told in.</param>
    /// <param name="by">Whose moves.</param>
    public static MoveBook Of(Log log, PlaceValues values, Goal goal, Who by)
    {
        var vocabulary = values.Vocabulary;
        var exchanges = Happening.ByExchange(log, vocabulary);
        var opens = Openings.Of(exchanges, by);
        var habits = Habit.Of(exchanges, by, vocabulary);
        var usual = Usual(exchanges, by.Other());
        var lately = (log.Sessions.Max(s => s.Date) ?? DateOnly.MaxValue).AddDays(-7 * LatelyWeeks);
        return new MoveBook(
            [
                .. exchanges
                    .SelectMany(e => e.Where(h => h.Notch.By == by && h.Notch.Move is not null).Select(h => (Exchange: e, One: h)))
                    .GroupBy(h => h.One.Notch.Move!.Value)
                    .Select(g => Sheet(g.Key, by, [.. g]))
                    .OrderByDescending(s => s.All.Tried)
                    .ThenBy(s => s.Move.Value, StringComparer.Ordinal),
            ],
            [.. opens.Where(o => o.After.Given)]
        );

        MoveSheet Sheet(MoveId move, Who whose, List<(Happening[] Exchange, Happening One)> all)
        {
            List<(Happening[] Exchange, Happening One)> tries = [.. all.Where(h => h.One.IsTry)];
            List<Happening> bare = [.. tries.Select(t => t.One)];
            bool IsLate(Happening h) => h.Logged.Session.Date is { } day && day > lately;
            return new MoveSheet(
                move,
                whose,
                Came.Of(bare),
                bare.Count(h => h.Notch.Outcome == Outcome.Tap),
                bare.Count(h => h.Notch.Outcome == Outcome.Near),
                bare.Count(h => h.Notch.Outcome is Outcome.Stopped or Outcome.Abandoned),
                all.Count(h => h.One.Notch.Given is not null),
                all.Count(h => h.One.Notch.Outcome == Outcome.Threatened),
                By(bare, h => h.From?.Value),
                By(bare, h => h.Notch.Side is { } side ? Term.Of(side) : null),
                By(bare, h => h.Logged.Roll.Partner),
                Came.Of(bare.Where(IsLate)),
                Came.Of(bare.Where(h => !IsLate(h))),
                Repertoire.Worth.Of(tries.Select(t => (t.One, t.Exchange.ElementAtOrDefault(t.One.Index + 1))), values, goal),
                bare.Count(h => !h.CameOff && h.Notch.Causes.Contains(Causes.GripLost)),
                bare.Select(h => h.Logged.Session.Date).Where(d => d is not null).Min(),
                bare.Where(h => h.CameOff).Select(h => h.Logged.Session.Date).Where(d => d is not null).Min(),
                Exposure.Of([.. tries.Where(t => !t.One.CameOff).Select(t => (t.Exchange, t.One))], usual, vocabulary),
                [.. opens.Where(o => !o.After.Given && o.After.Move == move)],
                [.. habits[move]],
                [.. all.Select(h => h.One.Logged.Roll.Id).Distinct()]
            );
        }
    }

    private static List<CameWhere> By(List<Happening> tries, Func<Happening, string?> key) =>
        [
            .. tries
                .Where(h => key(h) is not null)
                .GroupBy(h => key(h)!)
                .Select(g => new CameWhere(g.Key, Came.Of(g)))
                .OrderByDescending(w => w.Came.Tried)
                .ThenBy(w => w.Key, StringComparer.Ordinal),
        ];

    // How often somebody lands something in one step from a place.
    private static Func<Happening, double> Usual(List<Happening[]> exchanges, Who who)
    {
        var rates = exchanges
            .SelectMany(e => e)
            .Where(h => h.IsTry && h.From is not null)
            .GroupBy(h => h.From!.Value)
            .ToDictionary(g => g.Key, g => g.Count(h => h.CameOff && h.Notch.By == who) / (double)g.Count());
        return step => step.From is { } from ? rates.GetValueOrDefault(from) : 0;
    }
}
