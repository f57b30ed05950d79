using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Which rolls to show on the rack; what is null asks for nothing.</summary>
/// <param name="Partner">With this partner, by id.</param>
/// <param name="Attire">In sessions with or without the gi.</param>
/// <param name="Term">In which this move or place comes up, by id.</param>
public sealed record RackFilter(string? Partner = null, Attire? Attire = null, string? Term = null)
{
    /// <summary>The sessions that hold rolls wanted, newest first, each with those rolls only.</summary>
    public IEnumerable<(Session Session, IReadOnlyList<LoggedRoll> Rolls)> Of(Log log) =>
        log.Sessions.Reverse().Where(s => Attire is null || s.Attire == Attire).Select(s => (s, Wanted(s))).Where(s => s.Item2.Count > 0);

    private IReadOnlyList<LoggedRoll> Wanted(Session session) =>
        [.. session.Rolls.Select((roll, order) => new LoggedRoll(session, roll, order)).Where(r => Wants(r.Roll))];

    private bool Wants(Roll roll) => (Partner is null || roll.Partner == Partner) && (Term is null || roll.Notches.Any(ComesUp));

    private bool ComesUp(Notch notch) => notch.Move?.Value == Term || notch.From?.Value == Term || notch.To?.Value == Term;
}
