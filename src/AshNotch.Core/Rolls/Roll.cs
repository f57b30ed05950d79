namespace AshNotch.Core.Rolls;

/// <summary>A stretch of a roll between two starts.</summary>
public sealed record Exchange
{
    /// <summary>The place it started in, seen from me.</summary>
    public string? Start { get; init; }

    /// <summary>Why it ended; null when not told or still going.</summary>
    public ExchangeEnd? End { get; init; }

    /// <summary>Its notches in the order they happened.</summary>
    public IReadOnlyList<Notch> Notches { get; init; } = [];
}

/// <summary>A check of a mission.</summary>
/// <param name="Text">What to watch, such as <c>both hands gripping before I sit</c>.</param>
/// <param name="Done">Whether it was kept; null when not said.</param>
public sealed record MissionCheck(string Text, bool? Done);

/// <summary>What the practitioner set out to do in a roll, with up to three checks.</summary>
/// <param name="Text">The mission.</param>
/// <param name="Checks">Up to three checks.</param>
public sealed record Mission(string Text, IReadOnlyList<MissionCheck> Checks);

/// <summary>What the practitioner takes away from a roll.</summary>
/// <param name="Text">The takeaway.</param>
/// <param name="Exchange">Index of the exchange it is tied to, from 0; null when untied.</param>
/// <param name="Notch">Index of the notch in that exchange, from 0; null when untied.</param>
public sealed record Takeaway(string Text, int? Exchange = null, int? Notch = null);

/// <summary>A partner as they were on the day of a roll.</summary>
/// <param name="Belt">Their belt.</param>
/// <param name="Stripes">Stripes on it.</param>
/// <param name="WeightKg">Weight in kilograms.</param>
/// <param name="Size">Relative size, where no weight is known.</param>
public sealed record PartnerOfTheDay(Belt? Belt, int? Stripes, double? WeightKg, RelativeSize? Size);

/// <summary>A round or match with one partner.</summary>
public sealed record Roll
{
    /// <summary>An id that does not change.</summary>
    public required string Id { get; init; }

    /// <summary>The partner's id; null when unknown.</summary>
    public string? Partner { get; init; }

    /// <summary>The partner's belt and weight on that day.</summary>
    public PartnerOfTheDay PartnerThen { get; init; } = new(null, null, null, null);

    /// <summary>Free, positional or match.</summary>
    public RollKind? Kind { get; init; }

    /// <summary>How hard I went.</summary>
    public Intensity? Intensity { get; init; }

    /// <summary>How hard the partner went.</summary>
    public Intensity? PartnerIntensity { get; init; }

    /// <summary>Length in minutes as it was.</summary>
    public double? Minutes { get; init; }

    /// <summary>Length in minutes as planned.</summary>
    public double? PlannedMinutes { get; init; }

    /// <summary>Id of the ruleset, for a match.</summary>
    public string? Rules { get; init; }

    /// <summary>The mission, if one was set.</summary>
    public Mission? Mission { get; init; }

    /// <summary>What the account leaves out.</summary>
    public IReadOnlyList<PartialAccount> Partial { get; init; } = [];

    /// <summary>The retelling as it was written, to the letter.</summary>
    public string? Retelling { get; init; }

    /// <summary>A remark on the whole roll.</summary>
    public string? Notes { get; init; }

    /// <summary>The exchanges in order.</summary>
    public IReadOnlyList<Exchange> Exchanges { get; init; } = [];

    /// <summary>What was taken away.</summary>
    public IReadOnlyList<Takeaway> Takeaways { get; init; } = [];

    /// <summary>All notches in order.</summary>
    public IEnumerable<Notch> Notches => Exchanges.SelectMany(e => e.Notches);

    /// <summary>How often somebody made the other tap.</summary>
    public int Taps(Who by) => Notches.Count(n => n.Outcome == Outcome.Tap && n.By == by);
}
