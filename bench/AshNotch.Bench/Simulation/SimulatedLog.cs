using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>Plays rolls out and writes down what a habit keeps of them.</summary>
internal sealed class SimulatedLog(SimulatedPractitioner practitioner, Habit habit, Random random)
{
    private const int RollsAWeek = 12;
    private const double Given = 0.03;
    private const double Unnamed = 0.08;
    private static readonly DateOnly First = new(2026, 1, 5);
    private readonly List<Session> sessions = [];
    private int weeks;

    /// <summary>The log of some more weeks after those before.</summary>
    public Log Train(int more)
    {
        for (var week = weeks; week < weeks + more; week++)
        {
            for (var day = 0; day < 3; day++)
            {
                var rolls = Enumerable.Range(0, RollsAWeek / 3).Select(i => Roll($"r{week}-{day}-{i}"));
                sessions.Add(
                    new Session
                    {
                        Id = $"s{week}-{day}",
                        Date = First.AddDays(7 * week + 2 * day),
                        Kind = SessionKind.Class,
                        Attire = Attire.Gi,
                        Rolls = [.. rolls],
                    }
                );
            }
        }
        weeks += more;
        return new Log
        {
            Practitioner = practitioner.Me,
            Partners = [.. practitioner.Partners.Select(p => p.Record)],
            Sessions = [.. sessions],
        };
    }

    private Roll Roll(string id)
    {
        var partner = Pick(practitioner.Partners, p => p.Share);
        var exchanges = new List<Exchange>();
        var notches = new List<Notch>();
        var now = 0;
        do
        {
            var gift = random.NextDouble() < Given;
            var here = practitioner.Exits.Where(e => e.From == now).ToList();
            double Chance(TrueExit exit) => exit.Share * practitioner.Comes(exit.From, exit.By, partner.Edge);
            var drawn = gift ? random.NextDouble() * here.Sum(Chance) : random.NextDouble();
            TrueExit? taken = null;
            foreach (var exit in here)
            {
                drawn -= Chance(exit);
                if (drawn >= 0)
                    continue;
                taken = exit;
                break;
            }
            if (taken is null)
            {
                var tried = Pick(here, e => e.Tried * practitioner.Comes(e.From, e.By, partner.Edge));
                if (random.NextDouble() < habit.Stops)
                    notches.Add(Written(tried, random.Next(4) == 0 ? Outcome.Near : Outcome.Stopped, gift));
            }
            else if (taken.To < 0)
            {
                notches.Add(Written(taken, Outcome.Tap, gift));
                exchanges.Add(Exchange(notches, ExchangeEnd.Tap));
                notches = [];
                now = 0;
            }
            else
            {
                if (random.NextDouble() < habit.Landings)
                    notches.Add(Written(taken, Outcome.Landed, gift));
                now = taken.To;
            }
        } while (random.NextDouble() >= practitioner.Ends);
        if (notches.Count > 0)
            exchanges.Add(Exchange(notches, ExchangeEnd.Time));
        return new Roll
        {
            Id = id,
            Partner = partner.Record.Id,
            PartnerThen = partner.Record.Today,
            Kind = RollKind.Free,
            Intensity = Intensity.Steady,
            Exchanges = exchanges,
        };
    }

    private Exchange Exchange(List<Notch> notches, ExchangeEnd end) =>
        new()
        {
            Start = practitioner.Places[0],
            End = end,
            Notches = notches,
        };

    private Notch Written(TrueExit exit, Outcome outcome, bool gift) =>
        new()
        {
            By = exit.By,
            Move = outcome == Outcome.Landed && random.NextDouble() < Unnamed ? null : exit.Move,
            From = practitioner.Places[exit.From],
            To = outcome == Outcome.Landed ? practitioner.Places[exit.To] : null,
            Outcome = outcome,
            Given = gift ? (exit.By == Who.Me ? Who.Partner : Who.Me) : null,
        };

    private T Pick<T>(IReadOnlyList<T> all, Func<T, double> share)
    {
        var drawn = random.NextDouble() * all.Sum(share);
        foreach (var one in all)
        {
            drawn -= share(one);
            if (drawn < 0)
                return one;
        }
        return all[^1];
    }
}
