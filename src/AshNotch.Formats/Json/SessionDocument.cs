using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A session as written.</summary>
public sealed record SessionDocument
{
    /// <summary>Id.</summary>
    public string? Id { get; set; }

    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Date { get; set; }

    /// <summary>Clock time, <c>hh:mm</c>.</summary>
    public string? Time { get; set; }

    /// <summary>Kind of session.</summary>
    [TermOf(typeof(SessionKind))]
    public string? Kind { get; set; }

    /// <summary><c>gi</c> or <c>no-gi</c>.</summary>
    [TermOf(typeof(Attire))]
    public string? Attire { get; set; }

    /// <summary>Remarks.</summary>
    public string? Notes { get; set; }

    /// <summary>The state of the day.</summary>
    public DayStateDocument? State { get; set; }

    /// <summary>What was taught.</summary>
    public List<TaughtDocument>? Taught { get; set; }

    /// <summary>The rolls in order.</summary>
    public List<RollDocument>? Rolls { get; set; }
}
