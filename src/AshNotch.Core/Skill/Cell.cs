namespace AshNotch.Core.Skill;

/// <summary>What happened at one place in one setting, in weighted steps.</summary>
/// <param name="Place">Index of the place.</param>
/// <param name="Setting">Index of the setting.</param>
public sealed record Cell(int Place, int Setting)
{
    /// <summary>One of my moves landed or ended in a tap.</summary>
    public double Mine { get; set; }

    /// <summary>One of theirs did.</summary>
    public double Theirs { get; set; }

    /// <summary>Nothing came of it.</summary>
    public double Stays { get; set; }

    /// <summary>All steps.</summary>
    public double All => Mine + Theirs + Stays;
}
