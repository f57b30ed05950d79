namespace AshNotch.Core.Skill;

/// <summary>Against whom, and in what, a step was made.</summary>
/// <param name="Partner">The partner's number in the tally; -1 when unknown.</param>
/// <param name="Belts">Belts they are above me, the average of my partners where unknown.</param>
/// <param name="Weight">Natural logarithm of their weight over mine, likewise.</param>
/// <param name="NoGi">Without the gi.</param>
public readonly record struct Setting(int Partner, double Belts, double Weight, bool NoGi)
{
    /// <summary>A partner who is my equal.</summary>
    public static Setting Even(bool noGi) => new(-1, 0, 0, noGi);
}
