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
        var told = new Dictionary<(string, Who, string?, string?, StepResult), int>();
        for (var index = 0; index < rolls.Count; index++)
        {
            var (session, roll, _) = rolls[index];
            var weight = Recency(session.Date, today, halfLifeWeeks) * (roll.Intensity == Intensity.Light ? 0.5 : 1);
            told.Clear();
            for (var e = 0; e < roll.Exchanges.Count; e++)
            {
                var exchange = roll.Exchanges[e];
                var startKnown = !(e == 0 && roll.Partial.Contains(PartialAccount.StartsLate));
                var start = exchange.Start ?? (exchange.Notches.Count > 0 ? exchange.Notches[0].From : null);
                if (start is not null && startKnown && roll.Kind != RollKind.Positional)
                    starts.Add(new Start(start, weight));
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
        if (notch.From is null || notch.Outcome == Outcome.Threatened || notch.Given is not null)
            return null;
        if (notch.Causes.Contains(Limits.Surroundings) || notch.Causes.Contains(Limits.Clock))
            return null;
        // A grip that leaves the two where they are says nothing of what comes next.
        if (vocabulary.Move(notch.Move) is { Stays: true } && (notch.To is null || notch.To == notch.From))
            return null;
        var stay = new Step(notch.From, notch.By, notch.Move, null, StepResult.Stays, 1, roll);
        switch (notch.Outcome)
        {
            case Outcome.Tap:
                return stay with { Result = StepResult.Taps };
            case Outcome.Landed:
                var move = vocabulary.Move(notch.Move);
                var to = notch.To ?? (move?.To is { } usual ? vocabulary.Seen(usual, notch.By) : null);
                // A submission that is on but led to no tap and no new place has moved nobody.
                if (to is null && move is { IsSubmission: true })
                    return stay;
                return to == notch.From ? stay : stay with { Result = StepResult.Lands, To = to };
            default:
                return stay;
        }
    }
}
