using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>A round or match with one partner.</summary>
public sealed record Roll
{
    /// <summary>An id that does not change.</summary>
    public required string Id { get; init; }

    /// <summary>The partner's id; null when unknown.</summary>
    public string? Partner { get; init; }

    /// <summary>The partner's belt and weight on that day.</summary>
    public PartnerOfTheDay PartnerThen { get; init; } = PartnerOfTheDay.Unknown;

    /// <summary>Free, positional, match or drill.</summary>
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

    /// <summary>The penalties of a match, in order.</summary>
    public IReadOnlyList<Penalty> Penalties { get; init; } = [];

    /// <summary>The match day it was part of, by its id or its name; null for a training roll.</summary>
    public string? Event { get; init; }

    /// <summary>The division it was fought in, in the user's words.</summary>
    public string? Division { get; init; }

    /// <summary>What the referee said; null where nobody told.</summary>
    public OfficialResult? Official { get; init; }

    /// <summary>What it was meant for; null when not said.</summary>
    public Intent? Intent { get; init; }

    /// <summary>Chances that were missed.</summary>
    public IReadOnlyList<MissedChance> Missed { get; init; } = [];

    /// <summary>How the starts of a drilled round came out; null where nobody counted.</summary>
    public DrilledStarts? Starts { get; init; }

    /// <summary>
    /// Practice says nothing of what comes off live, so that nothing is learned from it: a drill, or a positional round at a light pace.
    /// Every other positional round is live.
    /// </summary>
    public bool IsPractice => Kind == RollKind.Drill || (Kind == RollKind.Positional && Intensity == Rolls.Intensity.Light);

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

    /// <summary>
    /// The roll with its partner as they were that day, unless it says so itself: as in its earlier form where the partner is the same,
    /// else as they are today.
    /// </summary>
    /// <param name="partner">The record of its partner.</param>
    /// <param name="before">The roll's earlier form, or null when it is new.</param>
    public Roll OnTheDay(Partner partner, Roll? before) =>
        PartnerThen != PartnerOfTheDay.Unknown ? this
        : before?.Partner == Partner && before is not null ? this with { PartnerThen = before.PartnerThen }
        : this with { PartnerThen = partner.Today };
}
