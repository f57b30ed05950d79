using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A log as steps over places: what the model learns from.</summary>
/// <param name="Rolls">The rolls looked at, oldest first.</param>
/// <param name="Kinds">What their steps are, each once, by number.</param>
/// <param name="Starts">Where their exchanges started, positional rounds left out: there the start was chosen.</param>
/// <param name="Notches">How many notches the rolls hold, teaching or not.</param>
public sealed record Walk(IReadOnlyList<WalkedRoll> Rolls, IReadOnlyList<StepKind> Kinds, IReadOnlyList<Start> Starts, int Notches)
{
    /// <summary>After how many weeks a step counts half, unless told otherwise. The authors' judgement.</summary>
    public const double HalfLifeWeeks = 8;

    /// <summary>
    /// Of places that the vocabulary does not know, so many are followed: those that most was told of. Each makes every draw of the model
    /// slower; nobody drills a thousand places.
    /// </summary>
    public const int MostOwnPlaces = 40;

    /// <summary>How many places of the user's own were told of too rarely to be followed.</summary>
    public int PlacesLeftOut { get; private init; }

    /// <summary>The walk of no rolls at all.</summary>
    public static Walk Empty { get; } = new([], [], [], 0);

    /// <summary>The steps, in the order of the rolls.</summary>
    public IEnumerable<Step> Steps => Rolls.SelectMany(r => r.Steps);

    /// <summary>What came off from a place that nobody told and that cannot be supposed: it is left out.</summary>
    public int FromNowhere => Rolls.Sum(r => r.FromNowhere);

    /// <summary>Reads the steps out of a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">Where moves usually lead, used when a landing names no place.</param>
    /// <param name="asOf">The day recency counts back from; the newest session when null.</param>
    /// <param name="halfLifeWeeks">After how many weeks a step counts half.</param>
    /// <param name="before">
    /// The walk of an earlier state of the same log: what stands before the first change is taken from it. The result is the same without it.
    /// </param>
    /// <param name="heldBack">From this day on rolls are walked but weigh nothing, so that nothing is learned from them.</param>
    public static Walk Of(
        Log log,
        MatVocabulary vocabulary,
        DateOnly? asOf = null,
        double halfLifeWeeks = HalfLifeWeeks,
        Walk? before = null,
        DateOnly? heldBack = null
    )
    {
        var today = asOf ?? log.Sessions.Where(s => s.LiveRolls.Any()).Max(s => s.Date) ?? DateOnly.MinValue;
        var walk = Of(log, vocabulary, today, halfLifeWeeks, before, heldBack, new HashSet<PlaceId>());
        var rare = walk.RareOwnPlaces(vocabulary);
        return rare.Count == 0
            ? walk
            : Of(log, vocabulary, today, halfLifeWeeks, null, heldBack, rare) with
            {
                // Another walk cannot go on from one that leaves something out.
                HalfLife = double.NaN,
                PlacesLeftOut = rare.Count,
            };
    }

    private static Walk Of(
        Log log,
        MatVocabulary vocabulary,
        DateOnly today,
        double halfLifeWeeks,
        Walk? before,
        DateOnly? heldBack,
        IReadOnlySet<PlaceId> leftOut
    )
    {
        var walked = new Walked(vocabulary, leftOut);
        var known =
            before is not null && before.Today == today && before.HalfLife.Equals(halfLifeWeeks) && before.HeldBack == heldBack
                ? before.Rolls
                : [];
        foreach (var session in log.Sessions)
        {
            if (walked.Takes(session, known, before!))
                continue;
            foreach (var (order, roll) in session.LiveRolls.Index())
            {
                var counts = heldBack is not { } until || session.Date < until;
                var weight = counts ? Recency(session.Date, today, halfLifeWeeks) * (roll.Intensity == Intensity.Light ? 0.5 : 1) : 0;
                walked.Add(new LoggedRoll(session, roll, order), weight);
            }
        }
        return new Walk(walked.Rolls, walked.Kinds, walked.Starts, walked.Notches)
        {
            Today = today,
            HalfLife = halfLifeWeeks,
            HeldBack = heldBack,
        };
    }

    private HashSet<PlaceId> RareOwnPlaces(MatVocabulary vocabulary)
    {
        var own = Kinds
            .SelectMany(k => new[] { k.Way.From, k.To ?? k.Way.From })
            .Concat(Starts.Select(s => s.Place))
            .Where(p => vocabulary.Place(p) is null)
            .ToHashSet();
        if (own.Count <= MostOwnPlaces)
            return [];
        var told = Steps.CountBy(s => s.From).ToDictionary();
        return [.. own.OrderByDescending(p => told.GetValueOrDefault(p)).ThenBy(p => p.Value, StringComparer.Ordinal).Skip(MostOwnPlaces)];
    }

    private DateOnly Today { get; init; }

    private DateOnly? HeldBack { get; init; }

    private double HalfLife { get; init; }

    private static double Recency(DateOnly? day, DateOnly today, double halfLifeWeeks) =>
        day is null ? 0.5 : Math.Pow(0.5, Math.Max(0, today.DayNumber - day.Value.DayNumber) / 7.0 / halfLifeWeeks);

    private sealed class Walked(MatVocabulary vocabulary, IReadOnlySet<PlaceId> leftOut)
    {
        private readonly Dictionary<(PlaceId, Who, MoveId?, PlaceId?, StepResult), StepKind> kinds = [];

        private readonly List<Step> steps = [];

        public List<WalkedRoll> Rolls { get; } = [];

        public List<StepKind> Kinds { get; } = [];

        public List<Start> Starts { get; } = [];

        public int Notches { get; private set; }

        private bool changed;

        // Takes a session whole that stands in the known walk just so, with all before it.
        public bool Takes(Session session, IReadOnlyList<WalkedRoll> known, Walk before)
        {
            var live = session.LiveRolls.Count();
            var last = Rolls.Count + live;
            if (changed || last > known.Count || (live > 0 && !ReferenceEquals(known[Rolls.Count].Logged.Session, session)))
            {
                changed = true;
                return false;
            }
            for (var i = Rolls.Count; i < last; i++)
            {
                var roll = known[i];
                Rolls.Add(roll);
                while (Kinds.Count < roll.KindsAfter)
                    Take(before.Kinds[Kinds.Count]);
                while (Starts.Count < roll.StartsAfter)
                    Starts.Add(before.Starts[Starts.Count]);
                Notches += roll.Notches;
            }
            return true;
        }

        private void Take(StepKind kind)
        {
            kinds[(kind.Way.From, kind.Way.By, kind.Way.Move, kind.To, kind.Result)] = kind;
            Kinds.Add(kind);
        }

        public void Add(LoggedRoll logged, double weight)
        {
            var roll = logged.Roll;
            // Who tries things or lets the other work says half as much of what they had to let. The authors' judgement.
            var let = roll.Intent is Intent.Try or Intent.LetWork ? 0.5 : 1;
            var (taps, landings, stays, joints, gaps, timed, notches, nowhere) = (0, 0, 0, 0, 0, 0, 0, 0);
            steps.Clear();
            for (var e = 0; e < roll.Exchanges.Count; e++)
            {
                var exchange = roll.Exchanges[e];
                var startsLate = e == 0 && roll.Partial.Contains(PartialAccount.StartsLate);
                if (
                    Whereabouts.StartOf(exchange) is { } place
                    && !leftOut.Contains(place)
                    && !startsLate
                    && roll.Kind != RollKind.Positional
                )
                    Starts.Add(new Start(place, weight));
                // A start that is only taken from the first notch cannot show that something before it was left out.
                var led = exchange.Start;
                foreach (var notch in exchange.Notches)
                {
                    notches++;
                    timed += notch.At is null && notch.Remaining is null ? 0 : 1;
                    if (notch.Outcome is Outcome.Landed or Outcome.Tap)
                    {
                        if (led is { } before && notch.From is { } from && Tells(notch))
                        {
                            joints++;
                            gaps += before == from ? 0 : 1;
                        }
                        led = Whereabouts.LedTo(notch, vocabulary) ?? notch.From;
                    }
                    if (Read(notch) is not { } kind)
                    {
                        nowhere += notch is { From: null, Given: null, Outcome: Outcome.Landed or Outcome.Tap } && !IsGrip(notch) ? 1 : 0;
                        continue;
                    }
                    taps += kind.Result == StepResult.Taps ? 1 : 0;
                    landings += kind.Result == StepResult.Lands ? 1 : 0;
                    stays += kind.Result == StepResult.Stays ? 1 : 0;
                    var mine = notch.By == Who.Me ? 1 : let;
                    steps.Add(new Step(kind, mine * weight / (1 + Told(kind)), Rolls.Count, notch.From is null));
                }
            }
            Notches += notches;
            Rolls.Add(
                new WalkedRoll(logged, weight, steps.ToArray(), taps, landings, stays, joints, gaps, notches > 0 && timed == notches)
                {
                    Notches = notches,
                    FromNowhere = nowhere,
                    KindsAfter = Kinds.Count,
                    StartsAfter = Starts.Count,
                }
            );
        }

        // How often the same was told before in this roll: a roll is short enough to look through.
        private int Told(StepKind kind)
        {
            var times = 0;
            foreach (var step in steps)
                times += ReferenceEquals(step.Kind, kind) ? 1 : 0;
            return times;
        }

        private bool IsGrip(Notch notch) => vocabulary.Move(notch.Move) is { Stays: true };

        // Whether a notch says something of what was left out before it.
        private static bool Tells(Notch notch) => notch.Given is null && !notch.IsOfSurroundings && !notch.Inferred.Contains("from");

        private StepKind? Read(Notch notch)
        {
            var told = notch.From;
            // What came off from a place nobody told would else cost nothing.
            if (told is null && notch is { Move: { } named, Outcome: Outcome.Landed or Outcome.Tap })
                told = SupposedStart.Of(named, notch.By, vocabulary);
            if (
                told is not { } from
                || leftOut.Contains(from)
                || notch.Outcome == Outcome.Threatened
                || notch.Given is not null
                || notch.IsOfSurroundings
            )
                return null;
            var move = vocabulary.Move(notch.Move);
            // A grip that leaves the two where they are says nothing of what comes next.
            if (move is { Stays: true } && (notch.To is null || notch.To == from))
                return null;
            if (notch.Outcome == Outcome.Tap)
                return Kind(from, notch, null, StepResult.Taps);
            if (notch.Outcome != Outcome.Landed)
                return Kind(from, notch, null, StepResult.Stays);
            if (Whereabouts.LedTo(notch, vocabulary) is { } to)
                return leftOut.Contains(to) ? Kind(from, notch, null, StepResult.Lands) : Kind(from, notch, to, StepResult.Lands);
            // It led back to where it was, or is a submission that is on but moved nobody; else nobody knows where.
            var movedNobody = notch.To is not null || move is { IsSubmission: true } or { To: not null };
            return Kind(from, notch, null, movedNobody ? StepResult.Stays : StepResult.Lands);
        }

        private StepKind Kind(PlaceId from, Notch notch, PlaceId? to, StepResult result)
        {
            var key = (from, notch.By, notch.Move, to, result);
            if (!kinds.TryGetValue(key, out var kind))
                Take(kind = new StepKind(Kinds.Count, Way.Of(from, notch.By, notch.Move, to), to, result));
            return kind;
        }
    }
}
