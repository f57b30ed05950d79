namespace AshNotch.Core.Rolls;

/// <summary>How the starts of a drilled round came out, as counted beside the mat.</summary>
/// <param name="Kept">In how many what was drilled came off: the place was kept, or the move landed.</param>
/// <param name="Lost">In how many it did not.</param>
public sealed record DrilledStarts(int Kept, int Lost)
{
    /// <summary>Both together.</summary>
    public int All => Kept + Lost;

    /// <summary>Both counts added.</summary>
    public static DrilledStarts operator +(DrilledStarts a, DrilledStarts b) => Add(a, b);

    /// <summary>Both counts added.</summary>
    public static DrilledStarts Add(DrilledStarts left, DrilledStarts right) => new(left.Kept + right.Kept, left.Lost + right.Lost);
}
