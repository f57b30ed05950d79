using System.Runtime.CompilerServices;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Rolls;

/// <summary>Everything one practitioner has logged. Sessions are kept oldest first.</summary>
public sealed record Log
{
    // Most logs have a dozen; of thousands, each is asked for by each roll.
    private const int Few = 16;
    private static readonly ConditionalWeakTable<IReadOnlyList<Partner>, Dictionary<string, Partner>> ById = [];

    /// <summary>The one who keeps it.</summary>
    public Practitioner Practitioner { get; init; } = new();

    /// <summary>The partners.</summary>
    public IReadOnlyList<Partner> Partners { get; init; } = [];

    /// <summary>The sessions.</summary>
    public IReadOnlyList<Session> Sessions { get; init; } = [];

    /// <summary>The user's own names for moves and positions.</summary>
    public IReadOnlyList<OwnName> OwnNames { get; init; } = [];

    /// <summary>Every roll, oldest session first.</summary>
    public IEnumerable<LoggedRoll> Rolls => Sessions.SelectMany(s => s.Rolls.Select((r, i) => new LoggedRoll(s, r, i)));

    /// <summary>Every roll that was no practice, oldest session first, each with its place among those of its session.</summary>
    public IEnumerable<LoggedRoll> LiveRolls => Sessions.SelectMany(s => s.LiveRolls.Select((r, i) => new LoggedRoll(s, r, i)));

    /// <summary>The roll of this id with its session, or null.</summary>
    public LoggedRoll? Roll(string id) => Rolls.FirstOrDefault(r => r.Roll.Id == id);

    /// <summary>The partner of this id, or null.</summary>
    public Partner? Partner(string? id) =>
        id is null ? null
        : Partners.Count <= Few ? Partners.FirstOrDefault(p => p.Id == id)
        : ById.GetValue(Partners, people => people.DistinctBy(p => p.Id).ToDictionary(p => p.Id)).GetValueOrDefault(id);

    /// <summary>
    /// The head of the session that a roll goes into: as named by its id; else the one of that day, kind and attire with what is newly said
    /// of it; else a new one.
    /// </summary>
    /// <param name="wanted">What is said of the session.</param>
    /// <param name="newId">The id of a new one.</param>
    public Session SessionFor(Session wanted, string newId)
    {
        if (wanted.Id.Length > 0)
            return wanted;
        var same = Sessions.FirstOrDefault(s => s.Date == wanted.Date && s.Kind == wanted.Kind && s.Attire == wanted.Attire);
        if (same is null)
            return wanted with { Id = newId };
        return same with
        {
            Rolls = [],
            Time = wanted.Time ?? same.Time,
            Notes = wanted.Notes ?? same.Notes,
            State = wanted.State ?? same.State,
            Taught = [.. same.Taught.UnionBy(wanted.Taught, t => t.Text)],
        };
    }
}
