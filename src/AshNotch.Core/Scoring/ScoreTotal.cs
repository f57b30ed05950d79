namespace AshNotch.Core.Scoring;

/// <summary>What somebody has in all.</summary>
/// <param name="Points">Points.</param>
/// <param name="Advantages">Advantages.</param>
/// <param name="Penalties">Penalties.</param>
public sealed record ScoreTotal(int Points, int Advantages, int Penalties)
{
    /// <summary>Nothing yet.</summary>
    public static ScoreTotal Nothing { get; } = new(0, 0, 0);

    /// <summary>With a line's on top.</summary>
    public ScoreTotal With(LedgerLine line) => new(Points + line.Points, Advantages + line.Advantages, Penalties + line.Penalties);
}
