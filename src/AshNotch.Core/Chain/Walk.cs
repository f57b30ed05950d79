using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A log as steps over places: what the model learns from.</summary>
/// <param name="Rolls">The rolls looked at, oldest first.</param>
/// <param name="Steps">Their steps.</param>
/// <param name="Starts">Where their exchanges started, positional rounds left out: there the start was chosen.</param>
/// <param name="Notches">How many notches the rolls hold, teaching or not.</param>
public sealed record Walk(IReadOnlyList<LoggedRoll> Rolls, IReadOnlyList<Step> Steps, IReadOnlyList<Start> Starts, int Notches)
{
    /// <summary>Reads the steps out of a log.</summary>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">Where moves usually lead, used when a landing names no place.</param>
    /// <param name="asOf">The day recency counts back from; the newest session when null.</param>
    /// <param name="halfLifeWeeks">After how many weeks a step counts half.</param>
    public static Walk Of(Log log, MatVocabulary vocabulary, DateOnly? asOf = null, double halfLifeWeeks = 8)
    {
        var today = asOf ?? log.Sessions.Max(s => s.Date) ?? DateOnly.MinValue;
        var rolls = log.Rolls.ToList();
        var steps = new List<Step>();
        var starts = new List<Start>();
        var notches = 0;
        var told = new Dictionary<(PlaceId, Who, MoveId?, PlaceId?, StepResult), int>();
        for (var index = 0; index < rolls.Count; index++)
        {
            var (session, roll, _) = rolls[index];
            var weight = Recency(session.Date, today, halfLifeWeeks) * (roll.Intensity == Intensity.Light ? 0.5 : 1);
            told.Clear();
            for (var e = 0; e < roll.Exchanges.Count; e++)
            {
                var exchange = roll.Exchanges[e];
                var startKnown = !(e == 0 && roll.Partial.Contains(PartialAccount.StartsLate));
                var start = Whereabouts.StartOf(exchange);
                if (start is { } place && startKnown && roll.Kind != RollKind.Positional)
                    starts.Add(new Start(place, weight));
                foreach (var notch in exchange.Notches)
                {
                    notches++;
                    if (Read(notch, vocabulary, index) is not { } step)
                        continue;
                    var key = (step.From, step.By, step.Move, step.To, step.Result);
                    var times = told[key] = told.GetValueOrDefault(key) + 1;
                    steps.Add(step with { Weight = weight / times });
                }
            }
        }
        return new Walk(rolls, steps, starts, notches);
    }

    private static double Recency(DateOnly? day, DateOnly today, double halfLifeWeeks) =>
        day is null ? 0.5 : Math.Pow(0.5, Math.Max(0, today.DayNumber - day.Value.DayNumber) / 7.0 / halfLifeWeeks);

    private static Step? Read(Notch notch, MatVocabulary vocabulary, int roll)
    {
        if (notch.From is not { } from || notch.Outcome == Outcome.Threatened || notch.Given is not null || notch.IsOfSurroundings)
            return null;
        var move = vocabulary.Move(notch.Move);
        // A grip that leaves the two where they are says nothing of what comes next.
        if (move is { Stays: true } && (notch.To is null || notch.To == from))
            return null;
        var stay = new Step(from, notch.By, notch.Move, null, StepResult.Stays, 1, roll);
        if (notch.Outcome == Outcome.Tap)
            return stay with { Result = StepResult.Taps };
        if (notch.Outcome != Outcome.Landed)
            return stay;
        if (Whereabouts.LedTo(notch, vocabulary) is { } to)
            return stay with { Result = StepResult.Lands, To = to };
        // It led back to where it was, or is a submission that is on but neither tapped nor moved anybody; else nobody knows where it led.
        return notch.To is not null || move is { IsSubmission: true } or { To: not null } ? stay : stay with { Result = StepResult.Lands };
    }
}
