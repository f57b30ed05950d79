using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;

namespace AshNotch.Formats.Json;

/// <summary>A block, as written.</summary>
public sealed record BlockDocument
{
    /// <summary>Its id.</summary>
    public string? Id { get; set; }

    /// <summary>The first day, <c>yyyy-mm-dd</c>.</summary>
    public string? Start { get; set; }

    /// <summary>The last day, <c>yyyy-mm-dd</c>.</summary>
    public string? End { get; set; }

    /// <summary>The focuses, the main one first.</summary>
    public List<BlockFocusDocument>? Focuses { get; set; }

    /// <summary>Why something else was chosen than what was proposed first.</summary>
    public string? Reason { get; set; }

    /// <summary>What became of it.</summary>
    [TermOf(typeof(Verdict))]
    public string? Verdict { get; set; }
}

/// <summary>A focus of a block, as written.</summary>
public sealed record BlockFocusDocument : WayDocument
{
    /// <summary>What it was expected to bring a roll.</summary>
    public double? GainPerRoll { get; set; }

    /// <summary>Lower end of the likely range.</summary>
    public double? Low { get; set; }

    /// <summary>Upper end.</summary>
    public double? High { get; set; }

    /// <summary>The work is to find out first.</summary>
    public bool? FindOut { get; set; }

    /// <summary>Why it was chosen.</summary>
    public string? Why { get; set; }

    /// <summary>The rung it began on, or was moved to by hand.</summary>
    [TermOf(typeof(Rung))]
    public string? Rung { get; set; }

    /// <summary>The day it was moved by hand, <c>yyyy-mm-dd</c>.</summary>
    public string? RungSince { get; set; }
}
