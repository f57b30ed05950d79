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

    /// <summary>What they are owed, and were: advice promised to them.</summary>
    public IReadOnlyList<Owed> Owed { get; init; } = [];

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
            Owed = [.. Owed.Union(other.Owed)],
        };

    /// <summary>This partner with something owed them, or given; what is owed already stays since when it was.</summary>
    /// <param name="text">What.</param>
    /// <param name="since">Since when; null for today.</param>
    /// <param name="today">The day it is said.</param>
    /// <param name="isGiven">It was given.</param>
    public Partner Owing(string text, DateOnly? since, DateOnly today, bool isGiven) =>
        this with
        {
            Owed = Owed.Any(o => Is(o, text))
                ? [.. Owed.Select(o => Is(o, text) ? o with { Given = isGiven ? o.Given ?? today : null } : o)]
                : [.. Owed, new Owed(text, since ?? today, isGiven ? today : null)],
        };

    /// <summary>This partner, something struck from what is owed them.</summary>
    public Partner NotOwing(string text) => this with { Owed = [.. Owed.Where(o => !Is(o, text))] };

    private static bool Is(Owed owed, string text) => string.Equals(owed.Text, text, StringComparison.OrdinalIgnoreCase);

    /// <summary>What to copy into a roll of today.</summary>
    public PartnerOfTheDay Today => new(Belt, Stripes, WeightKg, Size);
}
