using AshNotch.Core.Rolls;

namespace AshNotch.Core.Costs;

/// <summary>One drillable exchange with what getting better at it would change.</summary>
public sealed record WeakSpot
{
    /// <summary>Its place in the ranking, from 1.</summary>
    public required int Rank { get; init; }

    /// <summary>Which list it stands in.</summary>
    public SpotList List { get; init; }

    /// <summary>In how many of the tries nobody told where it began, so that the most plausible place stands for it.</summary>
    public int Supposed { get; init; }

    /// <summary>The exchange.</summary>
    public required Way Way { get; init; }

    /// <summary>Where it led, seen from me, most frequent first; <c>tap</c> for a tap.</summary>
    public required IReadOnlyList<string> To { get; init; }

    /// <summary>Expected change of the value per roll if their odds halve, or mine double: the mean over the draws.</summary>
    public required double GainPerRoll { get; init; }

    /// <summary>Lower end of the likely range of the gain: in one draw of ten it is below.</summary>
    public required double Low { get; init; }

    /// <summary>Upper end: in one draw of ten it is above.</summary>
    public required double High { get; init; }

    /// <summary>In what share of the draws it came out first.</summary>
    public required double FirstShare { get; init; }

    /// <summary>The gain as expected against a partner who is my equal.</summary>
    public required double GainAgainstEven { get; init; }

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

    /// <summary>In how many rolls it happened; the list may be cut to the newest.</summary>
    public required int InRolls { get; init; }

    /// <summary>It in one sentence.</summary>
    public required string Say { get; init; }

    /// <summary>The parts of the gain, each in a sentence.</summary>
    public required Why Why { get; init; }
}
