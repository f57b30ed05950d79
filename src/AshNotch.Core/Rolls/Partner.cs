namespace AshNotch.Core.Rolls;

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

    /// <summary>
    /// This partner after another, entered under a second spelling, was found to be the same: what is known here stands, what is not comes
    /// from the other.
    /// </summary>
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
