using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>When and how somebody trains, as written.</summary>
public sealed record WeekDocument
{
    /// <summary>The days of the week.</summary>
    public List<TrainingDayDocument>? Days { get; set; }

    /// <summary>Days off, <c>yyyy-mm-dd</c>.</summary>
    public List<string?>? DaysOff { get; set; }

    /// <summary>The competition that is coming.</summary>
    public CompetitionDocument? Competition { get; set; }

    /// <summary>What is sore.</summary>
    public List<SoreSpotDocument>? Sore { get; set; }

    /// <summary>Days of a blackout or a knock on the head.</summary>
    public List<string?>? Stopped { get; set; }

    /// <summary>Where schools differ, those of which the second is followed.</summary>
    [TermOf(typeof(School))]
    public List<string?>? Second { get; set; }
}

/// <summary>A day that is trained on, as written.</summary>
public sealed record TrainingDayDocument
{
    /// <summary>The day of the week.</summary>
    [TermOf(typeof(DayOfWeek))]
    public string? Day { get; set; }

    /// <summary>What is worn.</summary>
    [TermOf(typeof(Attire))]
    public string? Attire { get; set; }

    /// <summary>Minutes for drilling.</summary>
    public int? Drilling { get; set; }

    /// <summary>Minutes for rounds from an agreed start.</summary>
    public int? Positional { get; set; }

    /// <summary>When it begins, <c>hh:mm</c>.</summary>
    public string? Time { get; set; }

    /// <summary>Whether it is an open mat.</summary>
    public bool? OpenMat { get; set; }
}

/// <summary>A competition, as written.</summary>
public sealed record CompetitionDocument
{
    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Date { get; set; }

    /// <summary>What is worn.</summary>
    [TermOf(typeof(Attire))]
    public string? Attire { get; set; }

    /// <summary>The division.</summary>
    public string? Division { get; set; }

    /// <summary>Id of the ruleset.</summary>
    public string? Rules { get; set; }
}

/// <summary>Something sore, as written.</summary>
public sealed record SoreSpotDocument
{
    /// <summary>Where.</summary>
    [TermOf(typeof(SorePlace))]
    public string? Place { get; set; }

    /// <summary>Whether it only asks for care.</summary>
    public bool? Mild { get; set; }

    /// <summary>Since when, <c>yyyy-mm-dd</c>.</summary>
    public string? Since { get; set; }
}
