using AshNotch.Core.Drilling;
using AshNotch.Core.Merging;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage.Tables;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Importing;

/// <summary>Carries out what a plan says and writes down what undoes it, inside one transaction.</summary>
internal static class TakingIn
{
    /// <summary>What the log knows when a file comes in.</summary>
    public static Known Known(SqliteConnection connection, Diary diary) =>
        new(
            diary.Log,
            diary.Drills,
            diary.Matches,
            diary.Fears,
            RollRows.Read(connection, Which.Deleted).Values.SelectMany(r => r).ToDictionary(r => r.Id),
            id => [.. HistoryTable.Of(connection, id).Select(c => c.Document)],
            id => [.. HistoryTable.OfPartner(connection, id).Select(f => f.Document)],
            id => PartnerMergeTable.Now(connection, id),
            HistoryTable.Written,
            HistoryTable.Written
        );

    /// <summary>Takes it in; null when nothing was to be changed.</summary>
    /// <param name="connection">The connection, inside the transaction.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="staged">Its new rolls, laid ready.</param>
    /// <param name="choice">What is taken of the rest.</param>
    /// <param name="now">When.</param>
    public static Import? Apply(SqliteConnection connection, ImportPlan plan, Staged staged, ImportChoice choice, DateTimeOffset now)
    {
        using var record = new ImportRecord(connection, now);
        foreach (var coming in plan.Partners.Where(p => choice.Takes($"partner:{p.Partner.Id}", p.Standing)))
        {
            PeopleTables.Save(connection, coming.Partner, now);
            var before = coming.Kept is null ? null : HistoryTable.Written(coming.Kept);
            record.Note(ImportedKind.Partner, coming.Partner.Id, before, HistoryTable.Written(coming.Partner));
        }
        Change(connection, plan.Sessions, choice, record);
        staged.Copy(record.Key);
        record.Count(ImportedKind.Session, staged.Sessions);
        record.Count(ImportedKind.Roll, staged.Rolls);
        using var writer = new RollWriter(connection);
        foreach (var coming in plan.Rolls.Where(r => r.Standing != Standing.New && choice.Takes($"roll:{r.Roll.Id}", r.Standing)))
        {
            writer.Save(coming.Session, coming.Roll, now, "imported");
            var before =
                coming.Standing == Standing.Deleted ? ImportRecord.Deleted
                : coming.Kept is null ? null
                : HistoryTable.Written(coming.Kept);
            record.Note(ImportedKind.Roll, coming.Roll.Id, before, HistoryTable.Written(coming.Roll));
        }
        foreach (var coming in plan.Names.Where(n => choice.Takes($"name:{n.Name.Name}", n.Standing)))
        {
            OwnNameTable.Save(connection, coming.Name);
            var before = coming.Kept is null ? null : Written(coming.Kept);
            record.Note(ImportedKind.Name, coming.Name.Name, before, Written(coming.Name));
        }
        foreach (var focus in plan.Drills.Focuses)
            record.Note(ImportedKind.Focus, FocusTable.Add(connection, focus), null, "");
        Take(connection, plan.Drills, record);
        foreach (var day in plan.Matches.Days)
        {
            MatchTables.Save(connection, day);
            record.Note(ImportedKind.MatchDay, day.Id, null, MatchTables.Written(day));
        }
        foreach (var rules in plan.Matches.Rulesets)
        {
            MatchTables.Save(connection, rules);
            record.Note(ImportedKind.Ruleset, rules.Id, null, MatchTables.Written(rules));
        }
        foreach (var fear in plan.Fears)
        {
            FearTable.Save(connection, fear);
            record.Note(ImportedKind.Fear, fear.Id, null, FearTable.Written(fear));
        }
        var (was, will) = (PeopleTables.Practitioner(connection), plan.Practitioner);
        if (HistoryTable.Written(was) != HistoryTable.Written(will))
        {
            PeopleTables.Save(connection, will);
            record.Note(ImportedKind.Practitioner, "", HistoryTable.Written(was), HistoryTable.Written(will));
        }
        return record.End(now);
    }

    private static void Take(SqliteConnection connection, Drills drills, ImportRecord record)
    {
        if (drills.Week is { } week)
        {
            DrillTables.Save(connection, week);
            record.Note(ImportedKind.Week, "", null, DrillTables.Written(week));
        }
        foreach (var block in drills.Blocks)
        {
            DrillTables.Save(connection, block);
            record.Note(ImportedKind.Block, block.Id, null, DrillTables.Written(block));
        }
        foreach (var done in drills.Done)
        {
            DrillTables.Save(connection, done);
            record.Note(ImportedKind.Drilled, DrillTables.IdOf(done), null, DrillTables.Written(done));
        }
        foreach (var rating in drills.Ratings)
        {
            RatingTable.Save(connection, rating);
            record.Note(ImportedKind.Rating, RatingTable.IdOf(rating), null, RatingTable.Written(rating));
        }
    }

    /// <summary>A name as it is written down to be compared and kept.</summary>
    public static string Written(OwnName name) => $"{name.Name}\n{name.Id}\n{(name.Kind is { } kind ? Term.Of(kind) : "")}";

    private static void Change(SqliteConnection connection, IEnumerable<ComingSession> sessions, ImportChoice choice, ImportRecord record)
    {
        var here = SessionTable.Read(connection).ToDictionary(s => s.Id);
        foreach (var coming in sessions)
        {
            if (coming.Kept is not { } kept)
                continue;
            var taken = choice.Takes($"session:{coming.Session.Id}", coming.Standing) ? coming.Session : kept;
            var before = HistoryTable.Written(here[taken.Id]);
            var after = HistoryTable.Written(taken);
            if (before == after)
                continue;
            SessionTable.Save(connection, taken);
            record.Note(ImportedKind.Session, taken.Id, before, after);
        }
    }
}
