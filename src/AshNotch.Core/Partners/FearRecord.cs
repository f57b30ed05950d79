using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>A fear held against the record.</summary>
/// <param name="Fear">The fear.</param>
/// <param name="Rolls">How many live rolls there were with whom it is feared of.</param>
/// <param name="Came">How often it came, a threat included, and how often it came off.</param>
/// <param name="Near">How often it nearly came off.</param>
/// <param name="Cost">What it cost in all, in the unit of the goal; 0 where it never came off.</param>
/// <param name="Share">Its share of all that theirs cost in those rolls, from 0 to 1.</param>
/// <param name="Shown">How often I tried what brings it, and after how many of those it came within two steps; null where it is tied to nothing of mine.</param>
/// <param name="Worth">What a try of mine is worth, what followed included; null where nothing of mine is named or was tried.</param>
/// <param name="Instead">What else I do from the same places is worth; null likewise.</param>
/// <param name="Caution">What to say where it can hurt; null where it cannot.</param>
/// <param name="In">The rolls it came in, the newest first.</param>
/// <param name="Verdict">What the record says.</param>
public sealed record FearRecord(
    Fear Fear,
    int Rolls,
    Came Came,
    int Near,
    double Cost,
    double Share,
    Came? Shown,
    Worth? Worth,
    double? Instead,
    string? Caution,
    IReadOnlyList<string> In,
    FearVerdict Verdict
)
{
    private const int Steps = 2;

    // Under so many rolls, or so many tries of mine, nothing is said. The authors' judgement.
    private const int EnoughRolls = 10;
    private const int EnoughTries = 8;

    // So much of what theirs cost is borne out, and so little is not; likewise of the tries that bring it. The authors' judgement.
    private const double Much = 0.05;
    private const double Little = 0.02;
    private const double Often = 0.25;
    private const double Seldom = 0.1;

    /// <summary>Fears held against a log, hazards first, then what costs most.</summary>
    /// <param name="fears">The fears.</param>
    /// <param name="log">The log.</param>
    /// <param name="values">What places are worth.</param>
    /// <param name="goal">In what unit.</param>
    public static IReadOnlyList<FearRecord> Of(IEnumerable<Fear> fears, Log log, PlaceValues values, Goal goal)
    {
        var exchanges = Happening.ByExchange(log, values.Vocabulary);
        return
        [
            .. fears
                .Select(f => Of(f, log, exchanges, values, goal))
                .OrderBy(r => r.Caution is null)
                .ThenByDescending(r => r.Cost)
                .ThenBy(r => r.Fear.Text, StringComparer.Ordinal),
        ];
    }

    private static FearRecord Of(Fear fear, Log log, List<Happening[]> all, PlaceValues values, Goal goal)
    {
        var vocabulary = values.Vocabulary;
        List<Happening[]> exchanges = [.. all.Where(e => fear.Partner is null || e[0].Logged.Roll.Partner == fear.Partner)];
        var rolls = log.LiveRolls.Count(r => fear.Partner is null || r.Roll.Partner == fear.Partner);
        List<(Happening[] Exchange, Happening One)> theirs =
        [
            .. exchanges.SelectMany(e => e.Where(h => h.Notch.By == Who.Partner && h.IsEarned).Select(h => (e, h))),
        ];
        List<(Happening[] Exchange, Happening One)> came = fear.IsTold ? [.. theirs.Where(t => Is(fear, t.One))] : [];
        double Cost(IEnumerable<(Happening[] Exchange, Happening One)> of) =>
            -of.Where(t => t.One.CameOff).Sum(t => Math.Min(0, Repertoire.Worth.Change(t.One, null, values, goal) ?? 0));
        var (cost, whole) = (Cost(came), Cost(theirs));
        var mine = fear.Mine is { } move
            ? exchanges
                .SelectMany(e => e.Where(h => h.Notch.By == Who.Me && h.IsTry && h.Notch.Move == move).Select(h => (Exchange: e, One: h)))
                .ToList()
            : null;
        Came? shown = mine is null
            ? null
            : new Came(
                mine.Count,
                mine.Count(m => m.Exchange.Skip(m.One.Index + 1).Take(Steps).Any(h => h.Notch.By == Who.Partner && Is(fear, h)))
            );
        var worth = mine is null
            ? null
            : Repertoire.Worth.Of(mine.Select(m => (m.One, m.Exchange.ElementAtOrDefault(m.One.Index + 1))), values, goal);
        var record = new FearRecord(
            fear,
            rolls,
            new Came(came.Count, came.Count(t => t.One.CameOff)),
            came.Count(t => t.One.Notch.Outcome == Outcome.Near),
            cost,
            whole > 0 ? cost / whole : 0,
            shown,
            worth,
            mine is null ? null : InsteadOf(mine, exchanges, values, goal),
            vocabulary.Move(fear.Move)?.Caution,
            [.. came.Select(t => t.One.Logged.Roll.Id).Distinct().Reverse()],
            FearVerdict.Unknown
        );
        return record with { Verdict = Judged(record) };
    }

    // What is feared of somebody: their move, where it starts or leads.
    private static bool Is(Fear fear, Happening one) =>
        (fear.Move is null || one.Notch.Move == fear.Move)
        && (fear.Place is not { } place || one.From == place || (one.CameOff && one.After == place));

    private static double? InsteadOf(
        List<(Happening[] Exchange, Happening One)> mine,
        List<Happening[]> exchanges,
        PlaceValues values,
        Goal goal
    )
    {
        var from = mine.Select(m => m.One.From).OfType<PlaceId>().ToHashSet();
        var move = mine.Count > 0 ? mine[0].One.Notch.Move : null;
        return Repertoire
            .Worth.Of(
                exchanges.SelectMany(e =>
                    e.Where(h => h.Notch.By == Who.Me && h.IsTry && h.Notch.Move != move && h.From is { } at && from.Contains(at))
                        .Select(h => (h, e.ElementAtOrDefault(h.Index + 1)))
                ),
                values,
                goal
            )
            ?.Mean;
    }

    private static FearVerdict Judged(FearRecord record)
    {
        if (!record.Fear.IsTold || record.Rolls < EnoughRolls || record.Shown is { Tried: < EnoughTries })
            return FearVerdict.Unknown;
        if (record.Shown is { } shown)
        {
            var share = (double)shown.Landed / shown.Tried;
            return share >= Often && record.Came.Landed > 0 ? FearVerdict.BornOut
                : share <= Seldom || record.Came.Landed == 0 ? FearVerdict.NotBornOut
                : FearVerdict.Unknown;
        }
        return record.Share >= Much ? FearVerdict.BornOut
            : record.Share <= Little ? FearVerdict.NotBornOut
            : FearVerdict.Unknown;
    }
}
