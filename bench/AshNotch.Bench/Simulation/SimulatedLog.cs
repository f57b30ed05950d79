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

    /// <summary>A feint that works; null where none does.</summary>
    public Feint? Feint { get; init; }

    /// <summary>A move that fades as it is tried; null where none does.</summary>
    public Fading? Fading { get; init; }

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
        var opened = 0;
        do
        {
            if (Feint is { } feint && now == feint.From && opened <= 0 && random.NextDouble() < feint.Share)
            {
                // Shown, answered, and taken back: the two are where they were.
                opened = Feint.Steps;
                notches.Add(Shown(feint));
            }
            var gift = random.NextDouble() < Given;
            var here = practitioner.Exits.Where(e => e.From == now).ToList();
            double Plain(TrueExit exit) => exit.Share * practitioner.Comes(exit.From, exit.By, partner.Edge);
            var main = Feint is null ? null : here.FirstOrDefault(e => e.By == Who.Me && e.From == Feint.From && e.Move == Feint.Move);
            var was = main is null ? 0 : Plain(main);
            var grown = main is null ? 0 : Feint!.Chance(partner.Edge, isOpen: opened-- > 0);
            double Chance(TrueExit exit) =>
                main is null ? Plain(exit)
                : exit == main ? grown
                : Plain(exit) * (1 - grown) / (1 - was);
            if (main is null)
                opened--;
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
            TrueExit? faded = taken is not null && !gift && Fades(taken, here, partner) ? taken : null;
            if (taken is null || faded is not null)
            {
                var tried = faded ?? Pick(here, e => e.Tried * practitioner.Comes(e.From, e.By, partner.Edge));
                if (Fading?.Is(tried) == true)
                    Fading.Count(partner.Record.Id);
                if (random.NextDouble() < habit.Stops)
                    notches.Add(Written(tried, random.Next(4) == 0 ? Outcome.Near : Outcome.Stopped, gift));
            }
            else if (taken.To < 0)
            {
                if (Fading?.Is(taken) == true)
                    Fading.Count(partner.Record.Id);
                notches.Add(Written(taken, Outcome.Tap, gift));
                exchanges.Add(Exchange(notches, ExchangeEnd.Tap));
                notches = [];
                now = 0;
            }
            else
            {
                if (Fading?.Is(taken) == true)
                    Fading.Count(partner.Record.Id);
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

    // Of what comes off by chance as at first, some is stopped now.
    private bool Fades(TrueExit taken, List<TrueExit> here, SimulatedPartner partner)
    {
        if (Fading is not { } fading || !fading.Is(taken))
            return false;
        double Comes(TrueExit e) => practitioner.Comes(e.From, e.By, partner.Edge);
        var lands = here.Where(fading.Is).Sum(e => e.Share * Comes(e));
        var stays = 1 - here.Sum(e => e.Share * Comes(e));
        var stops = stays * here.Where(fading.Is).Sum(e => e.Tried * Comes(e)) / here.Sum(e => e.Tried * Comes(e));
        return random.NextDouble() < fading.Stopped(partner.Record.Id, lands / (lands + stops));
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

    private Notch Shown(Feint feint) =>
        new()
        {
            By = Who.Me,
            Move = feint.After,
            From = practitioner.Places[feint.From],
            Outcome = Outcome.Stopped,
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
