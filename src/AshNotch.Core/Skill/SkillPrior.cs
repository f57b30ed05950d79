namespace AshNotch.Core.Skill;

/// <summary>
/// What is held of a practitioner before their log is read, on the scale of log odds. The authors' judgement, but for what is learned from
/// the log itself: the spread of skills and the weight of the book.
/// </summary>
/// <param name="Spread">Spread of skills over places (tau), a standard deviation.</param>
/// <param name="BookWeight">How many observations the book's idea of what follows a landing is worth at each place and side.</param>
/// <param name="StopWeight">
/// How many observations the stopped attempts at a place are worth at most when it comes to which moves come off there: 0 when what is tried
/// most does not land most, many when every move comes off equally readily.
/// </param>
public sealed record SkillPrior(double Spread, double BookWeight, double StopWeight)
{
    /// <summary>Spreads to choose from.</summary>
    public static IReadOnlyList<double> Spreads { get; } = [0.5, 0.7, 0.9, 1.2];

    /// <summary>Weights of the book to choose from.</summary>
    public static IReadOnlyList<double> BookWeights { get; } = [2, 3, 4, 6];

    /// <summary>Weights of stopped attempts to choose from: with more, ranges of complete logs held too seldom (docs/model.md).</summary>
    public static IReadOnlyList<double> StopWeights { get; } = [0, 4, 8, 16];

    /// <summary>Share of the spread, as a variance, that places of one family and role have in common.</summary>
    public const double Shared = 0.4;

    /// <summary>Standard deviation of my general level against the book.</summary>
    public const double Level = 0.7;

    /// <summary>What a belt is worth: mean and standard deviation.</summary>
    public static (double Mean, double Deviation) Belt { get; } = (0.3, 0.25);

    /// <summary>What a ratio of weights is worth for each unit of its logarithm.</summary>
    public static (double Mean, double Deviation) Weight { get; } = (1, 0.8);

    /// <summary>Standard deviation of what leaving the gi off changes.</summary>
    public const double Attire = 0.3;

    /// <summary>Standard deviation of how much better or worse one partner is than belt and weight say.</summary>
    public const double Partner = 0.4;
}
