using System.Collections.Concurrent;
using System.Runtime.ExceptionServices;
using System.Text.Json;
using AshNotch.Core.Drilling;
using AshNotch.Core.Matches;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>Reads the open JSON form of a log.</summary>
public static class LogReader
{
    /// <summary>Reads a log from a stream of UTF-8.</summary>
    /// <param name="stream">The stream.</param>
    /// <param name="vocabulary">What is known; other places and moves are kept as the user's own.</param>
    /// <exception cref="FaultyInputException">The input is at fault; says where, and nothing was taken.</exception>
    public static ReadLog Read(Stream stream, MatVocabulary vocabulary)
    {
        var pieces = new LogPieces(stream);
        var inOrder = Sessions(pieces, vocabulary);
        if (inOrder.FirstOrDefault(r => !r.IsJson) is { } broken)
            throw new FaultyInputException(broken.Faults);
        var head = Head(pieces);
        // A list that the cut did not know as the sessions', its name being written in some other way.
        if (head.Sessions is { Count: > 0 } uncut)
            inOrder.Add(SessionsRead.Of(uncut, inOrder.Sum(r => r.Sessions.Count), vocabulary));
        return Read(head, inOrder, vocabulary);
    }

    private static List<SessionsRead> Sessions(LogPieces pieces, MatVocabulary vocabulary)
    {
        var read = new ConcurrentBag<SessionsRead>();
        try
        {
            Parallel.ForEach(
                Partitioner.Create(pieces.Cut(), EnumerablePartitionerOptions.NoBuffering),
                piece => read.Add(SessionsRead.Of(piece, vocabulary))
            );
        }
        catch (AggregateException e)
        {
            // The stream's own trouble, as if it had been read in one go.
            ExceptionDispatchInfo.Throw(e.InnerExceptions[0]);
        }
        return [.. read.OrderBy(r => r.First)];
    }

    private static LogDocument Head(LogPieces pieces)
    {
        try
        {
            return JsonSerializer.Deserialize(pieces.Head, LogJson.Default.LogDocument)
                ?? throw new FaultyInputException([new Fault("", "the file holds null; it should hold a log.")]);
        }
        catch (JsonException e)
        {
            throw new FaultyInputException([JsonFault.Of(e, pieces.InWhole)]);
        }
    }

    private static ReadLog Read(LogDocument head, List<SessionsRead> pieces, MatVocabulary vocabulary)
    {
        var check = new Checker();
        if (head.Format != LogDocument.FormatName)
            check.Fault("format", $"should be \"{LogDocument.FormatName}\"; this is some other file.");
        else if (head.Version is null)
            check.Fault("version", "is missing; this program reads version 1.");
        else if (head.Version > LogDocument.CurrentVersion)
            check.Fault(
                "version",
                $"{head.Version} was written by a later Ash Notch; this one reads version {LogDocument.CurrentVersion}. Update the "
                    + $"program, then import again."
            );
        else if (head.Version < 1)
            check.Fault("version", $"{head.Version} does not exist; this program reads version {LogDocument.CurrentVersion}.");
        check.ThrowIfFaulty();

        var partners = RollReading.Each(head.Partners, "partners", check, Read);
        Unique(partners, p => p.Id, i => $"partners[{i}].id", check);
        foreach (var fault in pieces.SelectMany(p => p.Faults))
            check.Fault(fault.Where, fault.What);
        var sessions = pieces.SelectMany(p => p.Sessions).ToList();
        Met(sessions, [.. partners.Select(p => p.Id)], check);
        Unique(sessions, s => s.Id, i => $"sessions[{i}].id", check);
        var rolls = sessions.SelectMany((s, i) => s.Rolls.Select((r, j) => (r.Id, Session: i, Roll: j))).ToList();
        Unique(rolls, r => r.Id, i => $"sessions[{rolls[i].Session}].rolls[{rolls[i].Roll}].id", check);

        var log = new Log
        {
            Practitioner = Read(head.Practitioner, check),
            Partners = partners,
            Sessions = [.. ContentIds.Fill(sessions).OrderBy(s => s.Date ?? Limits.FirstDay)],
            OwnNames = RollReading.Each(head.OwnNames, "ownNames", check, (n, check, where) => Read(n, vocabulary, check, where)),
        };
        var drills = new Drills
        {
            Focuses = RollReading.Each(head.Focuses, "focuses", check, DrillReading.Read),
            Week = head.Week is { } week ? DrillReading.Read(week, check, "week") : null,
            Blocks = [.. RollReading.Each(head.Blocks, "blocks", check, DrillReading.Read).OrderBy(b => b.Start)],
            Done = [.. RollReading.Each(head.Drilled, "drilled", check, DrillReading.Read).OrderBy(d => d.Date)],
            Ratings =
            [
                .. RollReading
                    .Each(head.Ratings, "ratings", check, DrillReading.Read)
                    .OrderBy(r => r.Date)
                    .ThenBy(r => Term.Of(r.Area), StringComparer.Ordinal),
            ],
        };
        Unique(drills.Blocks, b => b.Id, i => $"blocks[{i}].id", check);
        var matches = new MatchBook
        {
            Rulesets = RollReading.Each(head.Rulesets, "rulesets", check, RulesReading.Read),
            Days = [.. RollReading.Each(head.MatchDays, "matchDays", check, MatchReading.Read).OrderBy(d => d.Date)],
        };
        Unique(matches.Rulesets, r => r.Id, i => $"rulesets[{i}].id", check);
        Unique(matches.Days, d => d.Id, i => $"matchDays[{i}].id", check);
        var fears = RollReading.Each(head.Fears, "fears", check, FearForm.Read);
        Unique(fears, f => f.Id, i => $"fears[{i}].id", check);
        check.ThrowIfFaulty();
        return new ReadLog(new Diary(log, drills) { Matches = matches, Fears = fears }, [.. pieces.SelectMany(p => p.OwnTerms).Distinct()]);
    }

    /// <summary>Reads a practitioner; null is one of whom nothing is known.</summary>
    public static Practitioner Read(PractitionerDocument? written, Checker check, string where = "practitioner.") =>
        written is null
            ? new Practitioner()
            : new Practitioner
            {
                Belt = check.Term<Belt>(written.Belt, where, "belt"),
                Stripes = check.Stripes(written.Stripes, where, "stripes"),
                WeightKg = check.Weight(written.WeightKg, where, "weightKg"),
                AgeDivision = check.Term<AgeDivision>(written.AgeDivision, where, "ageDivision"),
                Category = check.Term<MatchCategory>(written.Category, where, "category"),
                Units = check.Term<WeightUnit>(written.Units, where, "units"),
                History = RollReading.Each(
                    written.History,
                    $"{where}history",
                    check,
                    static (h, check, path) =>
                        new PractitionerThen(
                            check.Day(RollReading.Required(h.Since, check, $"{path}.since"), path + ".", "since") ?? Limits.FirstDay,
                            check.Term<Belt>(h.Belt, path + ".", "belt"),
                            check.Stripes(h.Stripes, path + ".", "stripes"),
                            check.Weight(h.WeightKg, path + ".", "weightKg"),
                            check.Term<AgeDivision>(h.AgeDivision, path + ".", "ageDivision")
                        )
                ),
            };

    /// <summary>Reads a partner; an id and a name are required.</summary>
    public static Partner Read(PartnerDocument written, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        return new Partner
        {
            Id = RollReading.Required(check.Identifier(written.Id, at, "id"), check, $"{at}id"),
            Name = RollReading.Required(check.Seen(written.Name, at, "name"), check, $"{at}name"),
            Belt = check.Term<Belt>(written.Belt, at, "belt"),
            Stripes = check.Stripes(written.Stripes, at, "stripes"),
            WeightKg = check.Weight(written.WeightKg, at, "weightKg"),
            Size = check.Term<RelativeSize>(written.Size, at, "size"),
            Traits = check.Names(written.Traits, at, "traits"),
            AlsoCalled = check.AllSeen(written.AlsoCalled, at, "alsoCalled"),
            Notes = check.Text(written.Notes, at, "notes") ?? "",
            Owed = RollReading.Each(written.Owed, $"{at}owed", check, Read),
        };
    }

    private static Owed Read(OwedDocument written, Checker check, string where)
    {
        var text = check.Text(written.Text, $"{where}.", "text")?.Trim();
        if (string.IsNullOrEmpty(text))
            check.Fault($"{where}.text", "is missing; write in a few words what they are owed.");
        return new Owed(text ?? "", check.Day(written.Since, $"{where}.", "since"), check.Day(written.Given, $"{where}.", "given"));
    }

    /// <summary>Reads a name of the user's own: what it means must be known, or be a move of their own with a kind.</summary>
    public static OwnName Read(OwnNameDocument written, MatVocabulary vocabulary, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        var name = new OwnName(
            RollReading.Required(check.Seen(written.Name, at, "name"), check, $"{at}name"),
            RollReading.Required(check.Identifier(written.Id, at, "id"), check, $"{at}id"),
            check.Term<MoveKind>(written.Kind, at, "kind")
        );
        if (name.Name.Length > 0 && !name.Name.Any(char.IsLetterOrDigit))
            check.Fault($"{at}name", "holds no letter or digit; nobody could write it in a telling.");
        else if (GrammarWords.Are(name.Name))
            check.Fault($"{at}name", $"'{name.Name}' stands in every telling; as a name it would be read there each time. Choose another.");
        if (name.Id.Length > 0 && !name.IsNothing && name.Target(vocabulary) is null)
            check.Fault($"{at}id", $"'{name.Id}' is no move or position of ours; choose one, or say what kind of move of your own it is.");
        return name;
    }

    /// <summary>Reads the head of a session, its rolls left out.</summary>
    public static Session ReadHead(SessionDocument written, string id, Checker check, string where) =>
        new()
        {
            Id = check.Identifier(written.Id, where, "id") ?? id,
            Date = check.Day(written.Date, where, "date"),
            Time = check.Clock(written.Time, where, "time"),
            Kind = check.Term<SessionKind>(written.Kind, where, "kind"),
            Attire = check.Term<Attire>(written.Attire, where, "attire"),
            Notes = check.Text(written.Notes, where, "notes"),
            Taught = RollReading.Each(written.Taught, check.Path(where, "taught"), check, Taught),
            State = written.State is null
                ? null
                : new DayState(
                    check.Term<Energy>(written.State.Energy, where, "state.energy"),
                    check.Names(written.State.Sore, where, "state.sore"),
                    check.Text(written.State.Note, where, "state.note")
                ),
        };

    /// <summary>Reads a session with its rolls; ids that are not written are empty.</summary>
    /// <param name="written">The session as written.</param>
    /// <param name="index">How many stand before it in its log.</param>
    /// <param name="check">Collects what is wrong.</param>
    public static Session Read(SessionDocument written, int index, Checker check)
    {
        var where = check.Item("sessions", index);
        var head = ReadHead(written, "", check, check.Path(where, "."));
        var rolls = new List<Roll>(written.Rolls?.Count ?? 0);
        for (var r = 0; r < (written.Rolls?.Count ?? 0); r++)
        {
            var at = check.Item(check.Path(where, ".rolls"), r);
            if (written.Rolls![r] is not { } document)
                check.Fault(at, "is null; take it out or fill it in.");
            else
                rolls.Add(RollReading.Read(document, "", check, at));
        }
        return head with { Rolls = rolls };
    }

    private static Taught Taught(TaughtDocument written, Checker check, string where)
    {
        var at = check.Path(where, ".");
        return new Taught(
            RollReading.Required(check.Text(written.Text, at, "text"), check, $"{at}text"),
            check.Place(written.From, at, "from"),
            check.Move(written.Move, at, "move"),
            check.Name(written.By, at, "by")
        );
    }

    // Every partner of a roll is one of the log's.
    private static void Met(List<Session> sessions, HashSet<string> partners, Checker check)
    {
        for (var s = 0; s < sessions.Count; s++)
        for (var r = 0; r < sessions[s].Rolls.Count; r++)
            if (sessions[s].Rolls[r].Partner is { } met && !partners.Contains(met))
                check.Fault(
                    $"sessions[{s}].rolls[{r}].partner",
                    $"there is no partner '{met}' in this file; add them under partners or leave it out."
                );
    }

    private static void Unique<T>(IReadOnlyList<T> items, Func<T, string> id, Func<int, string> where, Checker check)
    {
        var first = new Dictionary<string, int>(items.Count);
        for (var i = 0; i < items.Count; i++)
            if (id(items[i]) is { Length: > 0 } taken && !first.TryAdd(taken, i))
                check.Fault(where(i), $"'{taken}' is taken by {where(first[taken])}; ids are used once.");
    }
}
