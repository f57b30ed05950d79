namespace AshNotch.Core.Costs;

/// <summary>How often tries of one sort came off beside tries of another.</summary>
/// <param name="Came">How often the first came off.</param>
/// <param name="Of">How often the first were tried.</param>
/// <param name="OtherCame">How often the others came off.</param>
/// <param name="OtherOf">How often the others were tried.</param>
public readonly record struct Contrast(int Came, int Of, int OtherCame, int OtherOf)
{
    /// <summary>Nothing is said under so many tries of either. The authors' judgement.</summary>
    public const int Handful = 5;

    /// <summary>A difference that chance alone would bring more often than this is none.</summary>
    public const double Called = 0.1;

    /// <summary>Counts both sorts.</summary>
    public static Contrast Between(IReadOnlyList<Try> tries, Func<Try, bool> isOne, Func<Try, bool> isOther)
    {
        var (one, other) = (tries.Where(isOne).ToList(), tries.Where(isOther).ToList());
        return new Contrast(one.Count(t => t.CameOff), one.Count, other.Count(t => t.CameOff), other.Count);
    }

    /// <summary>Whether the first come off more often, by Fisher's exact test.</summary>
    public bool FirstMore => Enough && Fisher.OneSided(Came, Of, OtherCame, OtherOf) <= Called;

    /// <summary>Whether the others do.</summary>
    public bool OtherMore => Enough && Fisher.OneSided(OtherCame, OtherOf, Came, Of) <= Called;

    private bool Enough => Of >= Handful && OtherOf >= Handful;
}
