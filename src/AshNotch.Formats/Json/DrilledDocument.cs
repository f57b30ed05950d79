using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Formats.Json;

/// <summary>What was done of a block on one day, as written.</summary>
public sealed record DrilledDocument
{
    /// <summary>The block's id.</summary>
    public string? Block { get; set; }

    /// <summary>The day, <c>yyyy-mm-dd</c>.</summary>
    public string? Date { get; set; }

    /// <summary>The rounds.</summary>
    public List<DrilledRoundDocument>? Rounds { get; set; }
}

/// <summary>A round as it was done, as written.</summary>
public sealed record DrilledRoundDocument
{
    /// <summary>Index of the focus in its block, from 0; -1 for a refresher.</summary>
    public int? Focus { get; set; }

    /// <summary>The rung.</summary>
    [TermOf(typeof(Rung))]
    public string? Rung { get; set; }

    /// <summary>Minutes.</summary>
    public int? Minutes { get; set; }

    /// <summary>The starts, as counted.</summary>
    public StartsDocument? Starts { get; set; }

    /// <summary>The checks, as counted.</summary>
    public List<CheckCountDocument>? Checks { get; set; }
}

/// <summary>A counted check, as written.</summary>
public sealed record CheckCountDocument
{
    /// <summary>What was watched.</summary>
    public string? Text { get; set; }

    /// <summary>How often it was met.</summary>
    public int? Met { get; set; }

    /// <summary>Of how many tries.</summary>
    public int? Of { get; set; }
}
