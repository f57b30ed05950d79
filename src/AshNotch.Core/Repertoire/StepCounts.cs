using System.Runtime.InteropServices;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>The steps of a log, what came off in them for one side, and what followed each set-up of theirs within two steps.</summary>
internal sealed class StepCounts
{
    private const int Window = 2;

    public Dictionary<Stratum, int> Steps { get; } = [];

    public Dictionary<MoveId, Dictionary<Stratum, int>> Came { get; } = [];

    public Dictionary<SetUp, SetUpSteps> Exposed { get; } = [];

    public static StepCounts Of(List<Happening[]> exchanges, Who by)
    {
        var counts = new StepCounts();
        var ease = PartnerEase.Of(exchanges, by);
        foreach (var exchange in exchanges)
            counts.Add(exchange, by, ease);
        return counts;
    }

    private void Add(Happening[] exchange, Who by, PartnerEase ease)
    {
        for (var n = 0; n < exchange.Length; n++)
        {
            var step = exchange[n];
            if (SetUp.Of(step.Notch, by) is { } begun)
                Begin(For(begun), exchange, n, by);
            if (!step.IsTry || step.From is not { } place)
                continue;
            var stratum = new Stratum(place, ease.Of(step.Logged.Roll.Partner));
            Steps[stratum] = Steps.GetValueOrDefault(stratum) + 1;
            var came = step.CameOff && step.Notch.By == by ? step.Notch.Move : null;
            if (came is { } move)
                CollectionsMarshal.GetValueRefOrAddDefault(In(move), stratum, out _)++;
            var tried = SetUp.Of(step.Notch, by);
            if (tried is { } own)
                For(own).Own[stratum] = For(own).Own.GetValueOrDefault(stratum) + 1;
            foreach (var (after, from) in Before(exchange, n, by))
                For(after).Count(stratum, came, from == place, tried == after);
        }
    }

    // One try opens a move once, though it came off in both steps after it.
    private static void Begin(SetUpSteps exposed, Happening[] exchange, int n, Who by)
    {
        exposed.Tries++;
        if (exchange[n].CameOff && exchange[n].Notch.By == by)
            exposed.Landed++;
        var roll = exchange[n].Logged.Roll.Id;
        var came = exchange.Skip(n + 1).Take(Window).Where(h => h.IsTry && h.CameOff && h.Notch.By == by);
        foreach (var move in came.Select(h => h.Notch.Move).OfType<MoveId>().Distinct())
        {
            exposed.Once[move] = exposed.Once.GetValueOrDefault(move) + 1;
            if (!exposed.Rolls.TryGetValue(move, out var rolls))
                exposed.Rolls[move] = rolls = [];
            if (rolls.LastOrDefault() != roll)
                rolls.Add(roll);
        }
    }

    private static IEnumerable<(SetUp After, PlaceId? From)> Before(Happening[] exchange, int n, Who by) =>
        Enumerable
            .Range(1, Window)
            .Where(back => n - back >= 0)
            .Select(back => (SetUp: SetUp.Of(exchange[n - back].Notch, by), exchange[n - back].From))
            .Where(b => b.SetUp is not null)
            .Select(b => (b.SetUp!.Value, b.From))
            .DistinctBy(b => b.Value);

    private Dictionary<Stratum, int> In(MoveId move)
    {
        if (!Came.TryGetValue(move, out var where))
            Came[move] = where = [];
        return where;
    }

    private SetUpSteps For(SetUp after)
    {
        if (!Exposed.TryGetValue(after, out var exposed))
            Exposed[after] = exposed = new SetUpSteps();
        return exposed;
    }
}
