using System.Text.Json.Serialization;

namespace AshNotch.Formats.Json;

/// <summary>The open JSON form of a log, version 1, as it is written: everything but format and version may be absent.</summary>
public sealed record LogDocument
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "ash-notch-log";

    /// <summary>The version this program reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string? Format { get; init; }

    /// <summary>Version of the format.</summary>
    public int? Version { get; init; }

    /// <summary>The one who keeps the log.</summary>
    public PractitionerDocument? Practitioner { get; init; }

    /// <summary>The partners.</summary>
    public List<PartnerDocument>? Partners { get; init; }

    /// <summary>The sessions.</summary>
    public List<SessionDocument>? Sessions { get; init; }

    /// <summary>What was chosen to be drilled, newest last.</summary>
    public List<FocusDocument>? Focuses { get; init; }

    /// <summary>The user's own names.</summary>
    public List<OwnNameDocument>? OwnNames { get; init; }
}

/// <summary>The practitioner as written.</summary>
public sealed record PractitionerDocument
{
    /// <summary>Belt.</summary>
    public string? Belt { get; init; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Age division.</summary>
    public string? AgeDivision { get; init; }

    /// <summary><c>kg</c> or <c>lb</c>.</summary>
    public string? Units { get; init; }

    /// <summary>How it was before, oldest first.</summary>
    public List<PractitionerThenDocument>? History { get; init; }
}

/// <summary>The practitioner from some day on, as written.</summary>
public sealed record PractitionerThenDocument
{
    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Since { get; init; }

    /// <summary>Belt.</summary>
    public string? Belt { get; init; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Age division.</summary>
    public string? AgeDivision { get; init; }
}

/// <summary>A partner as written.</summary>
public sealed record PartnerDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; init; }

    /// <summary>Nickname.</summary>
    public string? Name { get; init; }

    /// <summary>Belt.</summary>
    public string? Belt { get; init; }

    /// <summary>Stripes.</summary>
    public int? Stripes { get; init; }

    /// <summary>Weight in kilograms.</summary>
    public double? WeightKg { get; init; }

    /// <summary>Relative size, <c>much-lighter</c> to <c>much-heavier</c>.</summary>
    public string? Size { get; init; }

    /// <summary>Traits.</summary>
    public List<string>? Traits { get; init; }

    /// <summary>Other spellings of the name.</summary>
    public List<string>? AlsoCalled { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }
}

/// <summary>The state of the day as written.</summary>
public sealed record DayStateDocument
{
    /// <summary><c>rested</c>, <c>usual</c> or <c>tired</c>.</summary>
    public string? Energy { get; init; }

    /// <summary>What is sore.</summary>
    public List<string>? Sore { get; init; }

    /// <summary>A remark.</summary>
    public string? Note { get; init; }
}

/// <summary>A session as written.</summary>
public sealed record SessionDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; init; }

    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Date { get; init; }

    /// <summary>Clock time, <c>hh:mm</c>.</summary>
    public string? Time { get; init; }

    /// <summary>Kind of session.</summary>
    public string? Kind { get; init; }

    /// <summary><c>gi</c> or <c>no-gi</c>.</summary>
    public string? Attire { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }

    /// <summary>The state of the day.</summary>
    public DayStateDocument? State { get; init; }

    /// <summary>The rolls in order.</summary>
    public List<RollDocument>? Rolls { get; init; }
}

/// <summary>A check of a mission as written.</summary>
public sealed record CheckDocument
{
    /// <summary>What to watch.</summary>
    public string? Text { get; init; }

    /// <summary>Whether it was kept.</summary>
    public bool? Done { get; init; }
}

/// <summary>A mission as written.</summary>
public sealed record MissionDocument
{
    /// <summary>The mission.</summary>
    public string? Text { get; init; }

    /// <summary>Up to three checks.</summary>
    public List<CheckDocument>? Checks { get; init; }
}

/// <summary>A takeaway: a plain string when it is tied to no notch.</summary>
[JsonConverter(typeof(TakeawayConverter))]
public sealed record TakeawayDocument
{
    /// <summary>The takeaway.</summary>
    public string? Text { get; init; }

    /// <summary>Index of the exchange it is tied to, from 0.</summary>
    public int? Exchange { get; init; }

    /// <summary>Index of the notch in it, from 0.</summary>
    public int? Notch { get; init; }
}

/// <summary>A roll as written.</summary>
public sealed record RollDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; init; }

    /// <summary>The partner's id.</summary>
    public string? Partner { get; init; }

    /// <summary>The partner's belt that day.</summary>
    public string? PartnerBelt { get; init; }

    /// <summary>The partner's stripes that day.</summary>
    public int? PartnerStripes { get; init; }

    /// <summary>The partner's weight that day, in kilograms.</summary>
    public double? PartnerWeightKg { get; init; }

    /// <summary>The partner's relative size that day.</summary>
    public string? PartnerSize { get; init; }

    /// <summary><c>free</c>, <c>positional</c> or <c>match</c>.</summary>
    public string? Kind { get; init; }

    /// <summary>How hard I went: <c>light</c>, <c>steady</c> or <c>hard</c>.</summary>
    public string? Intensity { get; init; }

    /// <summary>How hard the partner went.</summary>
    public string? PartnerIntensity { get; init; }

    /// <summary>Length in minutes.</summary>
    public double? Minutes { get; init; }

    /// <summary>Planned length in minutes.</summary>
    public double? PlannedMinutes { get; init; }

    /// <summary>Id of the ruleset.</summary>
    public string? Rules { get; init; }

    /// <summary>The mission.</summary>
    public MissionDocument? Mission { get; init; }

    /// <summary>What the account leaves out: <c>starts-late</c>, <c>cut-short</c>.</summary>
    public List<string>? Partial { get; init; }

    /// <summary>The retelling as it was written.</summary>
    public string? Retelling { get; init; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; init; }

    /// <summary>The exchanges.</summary>
    public List<ExchangeDocument>? Exchanges { get; init; }

    /// <summary>What was taken away.</summary>
    public List<TakeawayDocument>? Takeaways { get; init; }
}

/// <summary>An exchange as written.</summary>
public sealed record ExchangeDocument
{
    /// <summary>The place it started in.</summary>
    public string? Start { get; init; }

    /// <summary>Why it ended.</summary>
    public string? End { get; init; }

    /// <summary>Its notches.</summary>
    public List<NotchDocument>? Notches { get; init; }
}

/// <summary>Advice as written.</summary>
public sealed record AdviceDocument
{
    /// <summary>What was said.</summary>
    public string? Text { get; init; }

    /// <summary>Who said it.</summary>
    public string? From { get; init; }
}

/// <summary>A notch as written; <c>by</c> and <c>outcome</c> are required.</summary>
public sealed record NotchDocument
{
    /// <summary><c>me</c> or <c>partner</c>.</summary>
    public string? By { get; init; }

    /// <summary>The move.</summary>
    public string? Move { get; init; }

    /// <summary>The place before.</summary>
    public string? From { get; init; }

    /// <summary>The place after.</summary>
    public string? To { get; init; }

    /// <summary>How it came out.</summary>
    public string? Outcome { get; init; }

    /// <summary>On which side.</summary>
    public string? Side { get; init; }

    /// <summary>Time since the start, <c>m:ss</c>.</summary>
    public string? At { get; init; }

    /// <summary>Time left, <c>m:ss</c>.</summary>
    public string? Remaining { get; init; }

    /// <summary>Who let it happen.</summary>
    public string? Given { get; init; }

    /// <summary>Why it happened.</summary>
    public List<string>? Causes { get; init; }

    /// <summary>True when unsure.</summary>
    public bool? Unsure { get; init; }

    /// <summary>Names of inferred fields.</summary>
    public List<string>? Inferred { get; init; }

    /// <summary>A remark.</summary>
    public string? Note { get; init; }

    /// <summary>Advice on it.</summary>
    public List<AdviceDocument>? Advice { get; init; }

    /// <summary>First and one past the last character of the words it came from.</summary>
    public List<int>? Span { get; init; }
}

/// <summary>A chosen focus as written.</summary>
public sealed record FocusDocument
{
    /// <summary>The place it starts from.</summary>
    public string? From { get; init; }

    /// <summary>Whose move.</summary>
    public string? By { get; init; }

    /// <summary>The move.</summary>
    public string? Move { get; init; }

    /// <summary>The place it leads to, where no move is named.</summary>
    public string? To { get; init; }

    /// <summary>The day it was chosen, <c>yyyy-mm-dd</c>.</summary>
    public string? Chosen { get; init; }

    /// <summary>Why.</summary>
    public string? Reason { get; init; }
}

/// <summary>A name of the user's own, as written.</summary>
public sealed record OwnNameDocument
{
    /// <summary>The name.</summary>
    public string? Name { get; init; }

    /// <summary>Id of the move or position meant, or of a move of their own.</summary>
    public string? Id { get; init; }

    /// <summary>For a move of their own, what it is for.</summary>
    public string? Kind { get; init; }
}
