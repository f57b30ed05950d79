namespace AshNotch.Formats.Json;

/// <summary>The open JSON form of a log, version 1, as it is written: everything but format and version may be absent.</summary>
public sealed record LogDocument
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "ash-notch-log";

    /// <summary>The version this program reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string? Format { get; set; }

    /// <summary>Version of the format.</summary>
    public int? Version { get; set; }

    /// <summary>The one who keeps the log.</summary>
    public PractitionerDocument? Practitioner { get; set; }

    /// <summary>The partners.</summary>
    public List<PartnerDocument>? Partners { get; set; }

    /// <summary>The sessions.</summary>
    public List<SessionDocument>? Sessions { get; set; }

    /// <summary>What was chosen to be drilled, newest last.</summary>
    public List<FocusDocument>? Focuses { get; set; }

    /// <summary>When and how they train.</summary>
    public WeekDocument? Week { get; set; }

    /// <summary>Blocks of drilling, the oldest first.</summary>
    public List<BlockDocument>? Blocks { get; set; }

    /// <summary>What was done of them, day by day.</summary>
    public List<DrilledDocument>? Drilled { get; set; }

    /// <summary>How they rate themselves by area, the oldest first.</summary>
    public List<RatingDocument>? Ratings { get; set; }

    /// <summary>Rules of the user's own.</summary>
    public List<RulesetDocument>? Rulesets { get; set; }

    /// <summary>Days of matches.</summary>
    public List<MatchDayDocument>? MatchDays { get; set; }

    /// <summary>What the user is afraid of.</summary>
    public List<FearDocument>? Fears { get; set; }

    /// <summary>The user's own names.</summary>
    public List<OwnNameDocument>? OwnNames { get; set; }
}
