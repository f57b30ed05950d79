namespace AshNotch.Core.Rolls;

/// <summary>The practitioner as they were from some day on.</summary>
/// <param name="Since">The day from which it holds.</param>
/// <param name="Belt">Belt.</param>
/// <param name="Stripes">Stripes on it, 0 to 4; to 6 on black.</param>
/// <param name="WeightKg">Weight in kilograms.</param>
/// <param name="AgeDivision">Age division.</param>
public sealed record PractitionerThen(DateOnly Since, Belt? Belt, int? Stripes, double? WeightKg, AgeDivision? AgeDivision);

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

    /// <summary>The unit weights are shown in.</summary>
    public WeightUnit? Units { get; init; }

    /// <summary>How it was from which day on, oldest first.</summary>
    public IReadOnlyList<PractitionerThen> History { get; init; } = [];

    /// <summary>The practitioner after a change; how they are from today on goes into the history when belt, weight or division changed.</summary>
    /// <param name="now">How they are now; its own history is not looked at.</param>
    /// <param name="today">The day of the change.</param>
    public Practitioner Become(Practitioner now, DateOnly today)
    {
        var same = (Belt, Stripes, WeightKg, AgeDivision) == (now.Belt, now.Stripes, now.WeightKg, now.AgeDivision);
        // Several changes on one day are one change.
        var history = same
            ? History
            : [.. History.Where(h => h.Since != today), new PractitionerThen(today, now.Belt, now.Stripes, now.WeightKg, now.AgeDivision)];
        return now with { History = history };
    }
}

/// <summary>A training partner, by nickname.</summary>
public sealed record Partner
{
    /// <summary>An id that does not change.</summary>
    public required string Id { get; init; }

    /// <summary>The nickname.</summary>
    public string Name { get; init; } = "";

    /// <summary>Belt.</summary>
    public Belt? Belt { get; init; }

    /// <summary>Stripes on it.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Relative size, where no weight is known.</summary>
    public RelativeSize? Size { get; init; }

    /// <summary>Traits, such as <c>long legs</c>.</summary>
    public IReadOnlyList<string> Traits { get; init; } = [];

    /// <summary>Other spellings of the name.</summary>
    public IReadOnlyList<string> AlsoCalled { get; init; } = [];

    /// <summary>Remarks.</summary>
    public string Notes { get; init; } = "";

    /// <summary>This partner after another, entered under a second spelling, was found to be the same: what is known here stands, what is not comes from the other.</summary>
    public Partner TakeIn(Partner other) =>
        this with
        {
            Belt = Belt ?? other.Belt,
            Stripes = Belt is null ? other.Stripes : Stripes,
            WeightKg = WeightKg ?? other.WeightKg,
            Size = Size ?? other.Size,
            Traits = [.. Traits.Union(other.Traits, StringComparer.OrdinalIgnoreCase)],
            AlsoCalled =
            [
                .. AlsoCalled
                    .Append(other.Name)
                    .Union(other.AlsoCalled, StringComparer.OrdinalIgnoreCase)
                    .Where(n => !string.Equals(n, Name, StringComparison.OrdinalIgnoreCase)),
            ],
            Notes = string.Join('\n', new[] { Notes, other.Notes }.Where(n => n.Length > 0).Distinct()),
        };

    /// <summary>What to copy into a roll of today.</summary>
    public PartnerOfTheDay Today => new(Belt, Stripes, WeightKg, Size);
}
