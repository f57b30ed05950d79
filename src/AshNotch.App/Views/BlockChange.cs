using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A change of a block that runs; what is absent stays.</summary>
public sealed record BlockChange
{
    /// <summary>Index of the focus whose rung is moved.</summary>
    public int? Focus { get; set; }

    /// <summary>The rung it is moved to.</summary>
    [TermOf(typeof(Rung))]
    public string? Rung { get; set; }

    /// <summary>The last day.</summary>
    public string? End { get; set; }

    /// <summary>What becomes of it; it ends with that.</summary>
    [TermOf(typeof(Verdict))]
    public string? Verdict { get; set; }
}
