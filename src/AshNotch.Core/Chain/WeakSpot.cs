using AshNotch.Core.Rolls;

namespace AshNotch.Core.Chain;

/// <summary>One drillable exchange with what getting better at it would change.</summary>
public sealed record WeakSpot
{
    /// <summary>Its place in the ranking, from 1.</summary>
    public required int Rank { get; init; }

    /// <summary>The place it starts from, seen from me.</summary>
    public required string From { get; init; }

    /// <summary>Whose move.</summary>
    public required Who By { get; init; }

    /// <summary>The move; null where no move was named, and then <see cref="To"/> names the one place.</summary>
    public required string? Move { get; init; }

    /// <summary>Where it led, seen from me, most frequent first; <c>tap</c> for a tap.</summary>
    public required IReadOnlyList<string> To { get; init; }

    /// <summary>Change of the value per roll if their odds halve, or mine double.</summary>
    public required double GainPerRoll { get; init; }

    /// <summary>Expected steps at the place per roll.</summary>
    public required double VisitsPerRoll { get; init; }

    /// <summary>Chance of it per step there.</summary>
    public required double Rate { get; init; }

    /// <summary>What it is worth each time it happens; negative is a cost.</summary>
    public required double Worth { get; init; }

    /// <summary>How often it came off, in the log.</summary>
    public required int Count { get; init; }

    /// <summary>How often it was tried, in the log.</summary>
    public required int Attempts { get; init; }

    /// <summary>Steps logged from the place.</summary>
    public required int Steps { get; init; }

    /// <summary>Ids of the partners it happened with; rolls with an unknown partner count as none.</summary>
    public required IReadOnlyList<string> Partners { get; init; }

    /// <summary>Ids of the rolls it happened in, newest first.</summary>
    public required IReadOnlyList<string> Rolls { get; init; }

    /// <summary>It in one sentence.</summary>
    public required string Say { get; init; }

    /// <summary>The parts of the gain, each in a sentence.</summary>
    public required Why Why { get; init; }
}

/// <summary>Why a weak spot costs what it costs: the gain is how often, times how likely, times how costly, taken through all that follows.</summary>
/// <param name="Often">How often I am there.</param>
/// <param name="Likely">How likely it is there.</param>
/// <param name="Costly">What it is worth each time.</param>
public sealed record Why(string Often, string Likely, string Costly);

/// <summary>An exchange with too few notches to say anything.</summary>
/// <param name="From">The place, seen from me.</param>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, if named.</param>
/// <param name="To">The place reached, where no move was named.</param>
/// <param name="Attempts">How often it was tried.</param>
public sealed record Untested(string From, Who By, string? Move, string? To, int Attempts);

/// <summary>The answer to what is really costing me.</summary>
/// <param name="Aim">The aim it was asked with.</param>
/// <param name="ValuePerRoll">Expected net result of a roll, in the unit of the aim.</param>
/// <param name="Rolls">How many rolls it rests on.</param>
/// <param name="Notches">How many notches they hold.</param>
/// <param name="Spots">The ranking, largest gain first.</param>
/// <param name="Untested">What was left out of it for want of notches.</param>
public sealed record WeakSpots(
    Aim Aim,
    double ValuePerRoll,
    int Rolls,
    int Notches,
    IReadOnlyList<WeakSpot> Spots,
    IReadOnlyList<Untested> Untested
);
