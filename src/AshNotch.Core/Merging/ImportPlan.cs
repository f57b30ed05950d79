using AshNotch.Core.Drilling;
using AshNotch.Core.Matches;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>What taking a file in would change, before anything is changed.</summary>
/// <param name="Rolls">The rolls of the file.</param>
/// <param name="Partners">Its partners.</param>
/// <param name="Sessions">The heads of its sessions.</param>
/// <param name="Names">Its own names for moves and positions.</param>
/// <param name="Drills">What it says was chosen and drilled and the log does not know.</param>
/// <param name="Matches">What it keeps for matches and the log does not know.</param>
/// <param name="Fears">What is feared in it and the log does not know.</param>
/// <param name="Practitioner">The practitioner as the log would hold them: what the log says stands, what it does not comes from the file.</param>
public sealed record ImportPlan(
    IReadOnlyList<ComingRoll> Rolls,
    IReadOnlyList<ComingPartner> Partners,
    IReadOnlyList<ComingSession> Sessions,
    IReadOnlyList<ComingName> Names,
    Drills Drills,
    MatchBook Matches,
    IReadOnlyList<Fear> Fears,
    Practitioner Practitioner
)
{
    /// <summary>Lays a file beside a log.</summary>
    /// <param name="diary">The file.</param>
    /// <param name="known">What the log knows.</param>
    /// <param name="before">The plan made from an earlier state of the log: what is untouched since is taken from it.</param>
    public static ImportPlan Of(Diary diary, Known known, ImportPlan? before = null)
    {
        var coming = diary.Log;
        var people = new ComingPeople(coming.Partners, known);
        return new ImportPlan(
            Rolled(coming, known, people, before),
            people.Partners,
            Heads(coming, known.Log),
            [.. coming.OwnNames.Select(n => Named(n, known.Log))],
            diary.Drills.NewTo(known.Drills),
            diary.Matches.NewTo(known.Matches),
            [.. diary.Fears.Where(f => known.Fears.All(k => k.Id != f.Id)).Select(f => f with { Partner = people.Here(f.Partner) })],
            Filled(known.Log.Practitioner, coming.Practitioner)
        );
    }

    private static List<ComingRoll> Rolled(Log coming, Known known, ComingPeople people, ImportPlan? before)
    {
        var planned = before?.Rolls.Where(r => r.Standing == Standing.Same).ToDictionary(r => r.Roll.Id) ?? [];
        var logged = new Dictionary<string, LoggedRoll>();
        foreach (var roll in known.Log.Rolls)
            logged[roll.Roll.Id] = roll;
        var rolls = new List<ComingRoll>();
        foreach (var (session, written, _) in coming.Rolls)
        {
            var roll = written with { Partner = people.Here(written.Partner) };
            var here = logged.GetValueOrDefault(roll.Id);
            if (here is not null && planned.TryGetValue(roll.Id, out var same) && ReferenceEquals(same.Kept, here.Roll))
            {
                rolls.Add(same);
                continue;
            }
            var deleted = here is null ? known.Deleted.GetValueOrDefault(roll.Id) : null;
            var kept = here?.Roll ?? deleted;
            var standing = Standings.Of(
                kept is null ? null : known.WriteRoll(kept),
                deleted is not null,
                () => known.FormsOfRoll(roll.Id),
                kept is null ? "" : known.WriteRoll(roll)
            );
            rolls.Add(
                new ComingRoll(
                    roll,
                    here?.Session.Id ?? session.Id,
                    session.Date,
                    kept,
                    standing,
                    kept is null || standing == Standing.Same ? [] : Differences.Of(kept, roll)
                )
            );
        }
        return rolls;
    }

    private static List<ComingSession> Heads(Log coming, Log log)
    {
        var kept = log.Sessions.ToDictionary(s => s.Id);
        return [.. coming.Sessions.Select(s => Head(s with { Rolls = [] }, kept.GetValueOrDefault(s.Id)))];
    }

    private static ComingSession Head(Session coming, Session? kept)
    {
        if (kept is null)
            return new ComingSession(coming, null, Standing.New, []);
        var stays = Filled(kept with { Rolls = [] }, coming);
        var taken = Filled(coming, kept);
        var differs = Differences.Of(stays, taken);
        return new ComingSession(taken, stays, differs.Count == 0 ? Standing.Same : Standing.Conflicting, differs);
    }

    private static Session Filled(Session said, Session other) =>
        said with
        {
            Date = said.Date ?? other.Date,
            Time = said.Time ?? other.Time,
            Kind = said.Kind ?? other.Kind,
            Attire = said.Attire ?? other.Attire,
            Notes = said.Notes ?? other.Notes,
            State = said.State ?? other.State,
            Taught = said.Taught.Count > 0 ? said.Taught : other.Taught,
        };

    private static Practitioner Filled(Practitioner said, Practitioner other) =>
        new()
        {
            Belt = said.Belt ?? other.Belt,
            Stripes = said.Belt is null ? other.Stripes : said.Stripes,
            WeightKg = said.WeightKg ?? other.WeightKg,
            AgeDivision = said.AgeDivision ?? other.AgeDivision,
            Category = said.Category ?? other.Category,
            Units = said.Units ?? other.Units,
            History = said.History.Count > 0 ? said.History : other.History,
        };

    private static ComingName Named(Vocabulary.OwnName coming, Log log)
    {
        var kept = log.OwnNames.FirstOrDefault(n => PersonName.IsSame(n.Name, coming.Name));
        var standing =
            kept is null ? Standing.New
            : kept == coming ? Standing.Same
            : Standing.Conflicting;
        return new ComingName(coming, kept, standing);
    }
}
