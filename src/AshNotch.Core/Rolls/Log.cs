namespace AshNotch.Core.Rolls;

/// <summary>A roll with the session it was part of.</summary>
/// <param name="Session">The session.</param>
/// <param name="Roll">The roll.</param>
/// <param name="Order">Its place in the session, from 0.</param>
public sealed record LoggedRoll(Session Session, Roll Roll, int Order);

/// <summary>Everything one practitioner has logged. Sessions are kept oldest first.</summary>
public sealed record Log
{
    /// <summary>The one who keeps it.</summary>
    public Practitioner Practitioner { get; init; } = new();

    /// <summary>The partners.</summary>
    public IReadOnlyList<Partner> Partners { get; init; } = [];

    /// <summary>The sessions.</summary>
    public IReadOnlyList<Session> Sessions { get; init; } = [];

    /// <summary>What was chosen to be drilled, newest last.</summary>
    public IReadOnlyList<Drilling.Focus> Focuses { get; init; } = [];

    /// <summary>The user's own names for moves and positions.</summary>
    public IReadOnlyList<Vocabulary.OwnName> OwnNames { get; init; } = [];

    /// <summary>Every roll, oldest session first.</summary>
    public IEnumerable<LoggedRoll> Rolls => Sessions.SelectMany(s => s.Rolls.Select((r, i) => new LoggedRoll(s, r, i)));
}
