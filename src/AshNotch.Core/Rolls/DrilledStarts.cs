namespace AshNotch.Core.Rolls;

/// <summary>How the starts of a drilled round came out, as counted beside the mat.</summary>
/// <param name="Kept">In how many what was drilled came off: the place was kept, or the move landed.</param>
/// <param name="Lost">In how many it did not.</param>
public sealed record DrilledStarts(int Kept, int Lost)
{
    /// <summary>Both together.</summary>
    public int All => Kept + Lost;

    /// <summary>These and others counted together.</summary>
    public DrilledStarts Plus(DrilledStarts more) => new(Kept + more.Kept, Lost + more.Lost);
}
