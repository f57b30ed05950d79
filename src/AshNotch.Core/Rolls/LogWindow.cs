using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Part of a log: what is null leaves nothing out.</summary>
/// <param name="Attire">Sessions in this attire.</param>
/// <param name="First">Sessions from this day on.</param>
/// <param name="Last">Sessions up to this day.</param>
/// <param name="Partner">Rolls with this partner, by id.</param>
public readonly record struct LogWindow(Attire? Attire = null, DateOnly? First = null, DateOnly? Last = null, string? Partner = null)
{
    /// <summary>The log with those sessions only; a session without a day is left out where days are asked for.</summary>
    public Log Of(Log log)
    {
        if (this == default)
            return log;
        var window = this;
        return log with { Sessions = [.. log.Sessions.Where(window.Holds).Select(window.With)] };
    }

    private Session With(Session session)
    {
        var partner = Partner;
        return partner is null ? session : session with { Rolls = [.. session.Rolls.Where(r => r.Partner == partner)] };
    }

    private bool Holds(Session session) =>
        (Attire is null || session.Attire == Attire) && (First is null || session.Date >= First) && (Last is null || session.Date <= Last);
}
