namespace AshNotch.Core.Partners;

/// <summary>How learning could have gone, over the tries between two people: from a first one on, whole at a last one.</summary>
/// <param name="From">Share of the tries that had been made when it began.</param>
/// <param name="Until">Share of the tries when it was whole; the same for a turn at once.</param>
internal readonly record struct TurnShape(double From, double Until)
{
    /// <summary>
    /// The shapes held possible, each as likely as the next: at once, or bit by bit, early and late. The authors' judgement.
    /// </summary>
    public static IReadOnlyList<TurnShape> All { get; } =
    [
        .. new[] { 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8 }.Select(at => new TurnShape(at, at)),
        new(0, 1),
        new(0, 0.5),
        new(0.25, 0.75),
        new(0.5, 1),
        new(0.2, 0.5),
        new(0.4, 0.7),
        new(1 / 3.0, 2 / 3.0),
    ];

    /// <summary>How much of it was learned after a share of the tries, 0 to 1.</summary>
    public double At(double share) =>
        share >= Until ? 1
        : share <= From ? 0
        : (share - From) / (Until - From);

    /// <summary>It came at once.</summary>
    public bool IsAtOnce => From.Equals(Until);
}
