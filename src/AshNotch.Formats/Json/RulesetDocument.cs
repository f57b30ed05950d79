using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>Rules that a match is scored by, as written: id, name, seconds, scores and advantages are required.</summary>
public sealed record RulesetDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>What it is called.</summary>
    public string? Name { get; set; }

    /// <summary>Where the values come from.</summary>
    public string? Source { get; set; }

    /// <summary>What it is for; absent for both.</summary>
    [TermOf(typeof(Attire))]
    public string? Attire { get; set; }

    /// <summary>How long a place must be held, in seconds.</summary>
    public double? Seconds { get; set; }

    /// <summary>The scoring events.</summary>
    public List<ScoreDocument>? Scores { get; set; }

    /// <summary>Whether there are advantages.</summary>
    public bool? Advantages { get; set; }

    /// <summary>Whether a body triangle counts as hooks.</summary>
    public bool? BodyTriangleIsHooks { get; set; }

    /// <summary>From what part of the match on points count, 0 to 1.</summary>
    public double? PointsFrom { get; set; }

    /// <summary>Points for pulling guard, 0 or below.</summary>
    public int? GuardPull { get; set; }

    /// <summary>What the first penalty does, the second, and so on.</summary>
    [TermOf(typeof(PenaltyStep))]
    public List<string?>? Penalties { get; set; }

    /// <summary>What decides, in order.</summary>
    [TermOf(typeof(DecidedBy))]
    public List<string?>? Decided { get; set; }

    /// <summary>What a tap counts as beside points in the ranking.</summary>
    public int? Tap { get; set; }

    /// <summary>How long matches last.</summary>
    public List<MinutesDocument>? Minutes { get; set; }

    /// <summary>Which moves are for whom.</summary>
    public List<BarredDocument>? Barred { get; set; }
}

/// <summary>A scoring event, as written; both are required.</summary>
public sealed record ScoreDocument
{
    /// <summary>The event.</summary>
    [TermOf(typeof(ScoredFor))]
    public string? For { get; set; }

    /// <summary>Points.</summary>
    public int? Points { get; set; }

    /// <summary>Points where it ends past the legs.</summary>
    public int? PastGuard { get; set; }

    /// <summary>Where the value comes from.</summary>
    public string? Source { get; set; }
}

/// <summary>How long a match of a division lasts, as written.</summary>
public sealed record MinutesDocument
{
    /// <summary>Age divisions; absent for all.</summary>
    [TermOf(typeof(AgeDivision))]
    public List<string?>? Ages { get; set; }

    /// <summary>Belts; absent for all.</summary>
    [TermOf(typeof(Belt))]
    public List<string?>? Belts { get; set; }

    /// <summary>Minutes.</summary>
    public double? Minutes { get; set; }
}

/// <summary>Which moves are for whom, as written.</summary>
public sealed record BarredDocument
{
    /// <summary>Ids of moves.</summary>
    public List<string?>? Moves { get; set; }

    /// <summary>Classes of submissions.</summary>
    [TermOf(typeof(SubmissionClass))]
    public List<string?>? Classes { get; set; }

    /// <summary>The lowest belt that may.</summary>
    [TermOf(typeof(Belt))]
    public string? FromBelt { get; set; }

    /// <summary>What must be worn.</summary>
    [TermOf(typeof(Attire))]
    public string? OnlyAttire { get; set; }

    /// <summary>The age divisions that may.</summary>
    [TermOf(typeof(AgeDivision))]
    public List<string?>? OnlyAges { get; set; }

    /// <summary>The age divisions that may not.</summary>
    [TermOf(typeof(AgeDivision))]
    public List<string?>? NotAges { get; set; }

    /// <summary>Nobody may.</summary>
    public bool? Everyone { get; set; }

    /// <summary>The rule in words.</summary>
    public string? Why { get; set; }
}

/// <summary>A file of rulesets, as written.</summary>
public sealed record RulesetsDocument
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "ash-notch-rules";

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string? Format { get; set; }

    /// <summary>Version of the format.</summary>
    public int? Version { get; set; }

    /// <summary>The rulesets.</summary>
    public List<RulesetDocument>? Rulesets { get; set; }
}
