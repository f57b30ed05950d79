using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>
/// One event of a roll: somebody tried something, and something came of it. What was not told is null, and null is not zero.
/// </summary>
public sealed record Notch
{
    /// <summary>Whose action.</summary>
    public required Who By { get; init; }

    /// <summary>The move's id, or the user's own term; null for a change of place that nobody named.</summary>
    public MoveId? Move { get; init; }

    /// <summary>The place it started from, seen from me.</summary>
    public PlaceId? From { get; init; }

    /// <summary>The place it led to, seen from me.</summary>
    public PlaceId? To { get; init; }

    /// <summary>How it came out. A tap is the outcome of the one who applied the move.</summary>
    public required Outcome Outcome { get; init; }

    /// <summary>On which side, if told.</summary>
    public BodySide? Side { get; init; }

    /// <summary>Time since the roll began.</summary>
    public RollTime? At { get; init; }

    /// <summary>Time left on the clock.</summary>
    public RollTime? Remaining { get; init; }

    /// <summary>Whether the place it reached was held as the rules ask; null where nothing says so.</summary>
    public bool? Held { get; init; }

    /// <summary>How long it was held, in seconds; null where nobody counted.</summary>
    public double? HeldSeconds { get; init; }

    /// <summary>Who let it happen: me or the partner; null when it was earned.</summary>
    public Who? Given { get; init; }

    /// <summary>Why it happened, in the user's words or from the list.</summary>
    public IReadOnlyList<string> Causes { get; init; } = [];

    /// <summary>The teller is not sure, or the reader of the retelling is not.</summary>
    public bool Unsure { get; init; }

    /// <summary>Names of the fields that were inferred, not told, such as <c>from</c>.</summary>
    public IReadOnlyList<string> Inferred { get; init; } = [];

    /// <summary>A remark.</summary>
    public string? Note { get; init; }

    /// <summary>Advice on it.</summary>
    public IReadOnlyList<Advice> Advice { get; init; } = [];

    /// <summary>Lines of the score that were overruled; each stands in the place of what is computed.</summary>
    public IReadOnlyList<Ruling> Rulings { get; init; } = [];

    /// <summary>The words of the retelling it came from.</summary>
    public Span? Span { get; init; }

    /// <summary>Whether another notch says the same; lists are compared by what they hold.</summary>
    public bool SaysTheSame(Notch other) =>
        Causes.SequenceEqual(other.Causes)
        && Inferred.SequenceEqual(other.Inferred)
        && Advice.SequenceEqual(other.Advice)
        && Rulings.SequenceEqual(other.Rulings)
        && Bare == other.Bare;

    /// <summary>Whether the walls or the clock decided it rather than the two.</summary>
    public bool IsOfSurroundings => Causes.Contains(Rolls.Causes.Surroundings) || Causes.Contains(Rolls.Causes.Clock);

    private Notch Bare => this with { Causes = [], Inferred = [], Advice = [], Rulings = [] };
}
