namespace AshNotch.Core.Rolls;

/// <summary>What the practitioner set out to do in a roll, with up to three checks.</summary>
/// <param name="Text">The mission.</param>
/// <param name="Checks">Up to three checks.</param>
public sealed record Mission(string Text, IReadOnlyList<MissionCheck> Checks)
{
    /// <summary>The mission with no check ticked: a tick beside several rolls says nothing of any one of them.</summary>
    public Mission Unticked => this with { Checks = [.. Checks.Select(c => c with { Done = null, Met = null, Of = null })] };
}
