namespace AshNotch.Core.Rolls;

/// <summary>The one who keeps the log.</summary>
public sealed record Practitioner
{
    /// <summary>Belt today.</summary>
    public Belt? Belt { get; init; }

    /// <summary>Stripes on it.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Age division.</summary>
    public AgeDivision? AgeDivision { get; init; }

    /// <summary>The category that weight classes go by.</summary>
    public MatchCategory? Category { get; init; }

    /// <summary>The unit weights are shown in.</summary>
    public WeightUnit? Units { get; init; }

    /// <summary>How it was from which day on, oldest first.</summary>
    public IReadOnlyList<PractitionerThen> History { get; init; } = [];

    /// <summary>
    /// The practitioner after a change; how they are from today on goes into the history when belt, weight or division changed.
    /// </summary>
    /// <param name="now">How they are now; its own history is not looked at.</param>
    /// <param name="today">The day of the change.</param>
    public Practitioner Become(Practitioner now, DateOnly today)
    {
        var same = (Belt, Stripes, WeightKg, AgeDivision) == (now.Belt, now.Stripes, now.WeightKg, now.AgeDivision);
        // Several changes on one day are one change. A clock that was set back does not date what is new before what was.
        var since = History.Count > 0 && History[^1].Since > today ? History[^1].Since : today;
        var history = same
            ? History
            : [.. History.Where(h => h.Since != since), new PractitionerThen(since, now.Belt, now.Stripes, now.WeightKg, now.AgeDivision)];
        return now with { History = history };
    }

    /// <summary>How the practitioner was on a day; as today where the history does not reach back, or no day is told.</summary>
    public PractitionerThen On(DateOnly? day)
    {
        var then = day is null || History.Count == 0 ? null : History.LastOrDefault(h => h.Since <= day) ?? History[0];
        return then ?? new PractitionerThen(day ?? DateOnly.MinValue, Belt, Stripes, WeightKg, AgeDivision);
    }
}
