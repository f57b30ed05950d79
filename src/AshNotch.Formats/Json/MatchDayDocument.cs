using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A day of matches, as written; id, name and date are required.</summary>
public sealed record MatchDayDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>What it is called.</summary>
    public string? Name { get; set; }

    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Date { get; set; }

    /// <summary>Id of its rules.</summary>
    public string? Rules { get; set; }

    /// <summary>What is worn.</summary>
    [TermOf(typeof(Attire))]
    public string? Attire { get; set; }

    /// <summary>Belt of the division.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; set; }

    /// <summary>Age of the division.</summary>
    [TermOf(typeof(AgeDivision))]
    public string? AgeDivision { get; set; }

    /// <summary>Category of the division.</summary>
    [TermOf(typeof(MatchCategory))]
    public string? Category { get; set; }

    /// <summary>The limit of the weight class, in kilograms.</summary>
    public double? ClassKg { get; set; }

    /// <summary>The class has no limit.</summary>
    public bool? NoLimit { get; set; }

    /// <summary>What I weigh for it, in kilograms.</summary>
    public double? WeightKg { get; set; }

    /// <summary>How long its matches last, in minutes.</summary>
    public double? Minutes { get; set; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; set; }

    /// <summary>Who is or was met, in order.</summary>
    public List<ScoutingDocument>? Opponents { get; set; }
}

/// <summary>What is known of an opponent, as written; the name is required.</summary>
public sealed record ScoutingDocument
{
    /// <summary>What they are called.</summary>
    public string? Opponent { get; set; }

    /// <summary>The id of the partner they are in the log.</summary>
    public string? Partner { get; set; }

    /// <summary>Their belt.</summary>
    [TermOf(typeof(Belt))]
    public string? Belt { get; set; }

    /// <summary>What is said of them.</summary>
    public List<HearsayDocument>? Known { get; set; }

    /// <summary>What they start with.</summary>
    public string? Starts { get; set; }

    /// <summary>Plan A.</summary>
    public string? PlanA { get; set; }

    /// <summary>What not to do.</summary>
    public string? Avoid { get; set; }

    /// <summary>How to protect a lead.</summary>
    public string? Lead { get; set; }

    /// <summary>What held of it.</summary>
    public string? Held { get; set; }
}

/// <summary>Something that is said of an opponent, as written; the text is required.</summary>
public sealed record HearsayDocument
{
    /// <summary>What.</summary>
    public string? Text { get; set; }

    /// <summary>Who says it.</summary>
    public string? From { get; set; }
}
