using System.Globalization;
using System.Text.Json;
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
        LogDocument? document;
        try
        {
            document = JsonSerializer.Deserialize(stream, LogJson.Default.LogDocument);
        }
        catch (JsonException e)
        {
            throw new FaultyInputException([FaultOf(e)]);
        }
        return Read(document ?? throw new FaultyInputException([new Fault("", "the file holds null; it should hold a log.")]), vocabulary);
    }

    /// <summary>Reads a log from its document.</summary>
    /// <param name="document">The document.</param>
    /// <param name="vocabulary">What is known.</param>
    /// <exception cref="FaultyInputException">The input is at fault; says where.</exception>
    public static ReadLog Read(LogDocument document, MatVocabulary vocabulary)
    {
        try
        {
            return Read(document, vocabulary, new Checker { Traces = false });
        }
        catch (FaultyInputException)
        {
            // Now with the paths.
            return Read(document, vocabulary, new Checker());
        }
    }

    private static ReadLog Read(LogDocument document, MatVocabulary vocabulary, Checker check)
    {
        if (document.Format != LogDocument.FormatName)
            check.Fault("format", $"should be \"{LogDocument.FormatName}\"; this is some other file.");
        else if (document.Version is null)
            check.Fault("version", "is missing; this program reads version 1.");
        else if (document.Version > LogDocument.CurrentVersion)
            check.Fault(
                "version",
                $"{document.Version} was written by a later Ash Notch; this one reads version {LogDocument.CurrentVersion}. Update the "
                    + $"program, then import again."
            );
        else if (document.Version < 1)
            check.Fault("version", $"{document.Version} does not exist; this program reads version {LogDocument.CurrentVersion}.");
        check.ThrowIfFaulty();

        var partners = RollReading.Each(document.Partners, "partners", check, (p, where) => Read(p, check, where));
        Unique(partners.Select((p, i) => (p.Id, $"partners[{i}].id")), check);
        var known = partners.Select(p => p.Id).ToHashSet();
        var sessions = new List<Session>();
        for (var s = 0; s < (document.Sessions?.Count ?? 0); s++)
        {
            if (document.Sessions![s] is { } session)
                sessions.Add(Read(session, s, known, check));
            else
                check.Fault($"sessions[{s}]", "is null; take it out or fill it in.");
        }
        Unique(sessions.Select((x, i) => (x.Id, $"sessions[{i}].id")), check);
        Unique(
            sessions.SelectMany((x, i) => x.Rolls.Select((r, j) => (r.Id, check.Path(check.Item($"sessions[{i}].rolls", j), ".id")))),
            check
        );

        var log = new Log
        {
            Practitioner = Read(document.Practitioner, check),
            Partners = partners,
            Sessions = [.. sessions.OrderBy(s => s.Date ?? Limits.FirstDay)],
            OwnNames = RollReading.Each(document.OwnNames, "ownNames", check, (n, where) => Read(n, vocabulary, check, where)),
            Focuses = RollReading.Each(document.Focuses, "focuses", check, (f, where) => Read(f, check, where)),
        };
        check.ThrowIfFaulty();
        return new ReadLog(log, OwnTerms.In(log, vocabulary));
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
                Units = check.Term<WeightUnit>(written.Units, where, "units"),
                History = RollReading.Each(
                    written.History,
                    $"{where}history",
                    check,
                    (h, path) =>
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
            Id = RollReading.Required(check.Name(written.Id, at, "id"), check, $"{at}id"),
            Name = RollReading.Required(check.Name(written.Name, at, "name"), check, $"{at}name"),
            Belt = check.Term<Belt>(written.Belt, at, "belt"),
            Stripes = check.Stripes(written.Stripes, at, "stripes"),
            WeightKg = check.Weight(written.WeightKg, at, "weightKg"),
            Size = check.Term<RelativeSize>(written.Size, at, "size"),
            Traits = check.Names(written.Traits, at, "traits"),
            AlsoCalled = check.Names(written.AlsoCalled, at, "alsoCalled"),
            Notes = check.Text(written.Notes, at, "notes") ?? "",
        };
    }

    /// <summary>Reads a focus; place and side are required.</summary>
    public static Focus Read(FocusDocument written, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        if (string.IsNullOrWhiteSpace(written.Move) && string.IsNullOrWhiteSpace(written.To))
            check.Fault($"{at}move", "name the move, or where it leads in 'to'.");
        return new Focus(
            new PlaceId(RollReading.Required(check.Name(written.From, at, "from"), check, $"{at}from")),
            check.Term<Who>(RollReading.Required(written.By, check, $"{at}by"), at, "by") ?? Who.Me,
            check.Move(written.Move, at, "move"),
            check.Place(written.To, at, "to"),
            check.Day(RollReading.Required(written.Chosen, check, $"{at}chosen"), at, "chosen") ?? Limits.FirstDay,
            check.Text(written.Reason, at, "reason")
        );
    }

    /// <summary>Reads a name of the user's own: what it means must be known, or be a move of their own with a kind.</summary>
    public static OwnName Read(OwnNameDocument written, MatVocabulary vocabulary, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        var name = new OwnName(
            RollReading.Required(check.Name(written.Name, at, "name"), check, $"{at}name"),
            RollReading.Required(check.Name(written.Id, at, "id"), check, $"{at}id"),
            check.Term<MoveKind>(written.Kind, at, "kind")
        );
        if (name.Name.Length > 0 && !name.Name.Any(char.IsLetterOrDigit))
            check.Fault($"{at}name", "holds no letter or digit; nobody could write it in a telling.");
        if (name.Id.Length > 0 && name.Target(vocabulary) is null)
            check.Fault($"{at}id", $"'{name.Id}' is no move or position of ours; choose one, or say what kind of move of your own it is.");
        return name;
    }

    /// <summary>Reads the head of a session, its rolls left out.</summary>
    public static Session ReadHead(SessionDocument written, string id, Checker check, string where) =>
        new()
        {
            Id = check.Name(written.Id, where, "id") ?? id,
            Date = check.Day(written.Date, where, "date"),
            Time = check.Clock(written.Time, where, "time"),
            Kind = check.Term<SessionKind>(written.Kind, where, "kind"),
            Attire = check.Term<Attire>(written.Attire, where, "attire"),
            Notes = check.Text(written.Notes, where, "notes"),
            State = written.State is null
                ? null
                : new DayState(
                    check.Term<Energy>(written.State.Energy, where, "state.energy"),
                    check.Names(written.State.Sore, where, "state.sore"),
                    check.Text(written.State.Note, where, "state.note")
                ),
        };

    private static Session Read(SessionDocument written, int index, HashSet<string> partners, Checker check)
    {
        var where = check.Item("sessions", index);
        var head = ReadHead(written, string.Create(CultureInfo.InvariantCulture, $"s{index + 1}"), check, check.Path(where, "."));
        var rolls = new List<Roll>();
        for (var r = 0; r < (written.Rolls?.Count ?? 0); r++)
        {
            if (written.Rolls![r] is not { } document)
            {
                check.Fault($"{where}.rolls[{r}]", "is null; take it out or fill it in.");
                continue;
            }
            var roll = RollReading.Read(
                document,
                string.IsNullOrWhiteSpace(document.Id) ? string.Create(CultureInfo.InvariantCulture, $"{head.Id}-r{r + 1}") : document.Id,
                check,
                check.Item(check.Path(where, ".rolls"), r)
            );
            if (roll.Partner is not null && !partners.Contains(roll.Partner))
                check.Fault(
                    $"{where}.rolls[{r}].partner",
                    $"there is no partner '{roll.Partner}' in this file; add them under partners or leave it out."
                );
            rolls.Add(roll);
        }
        return head with { Rolls = rolls };
    }

    private static void Unique(IEnumerable<(string Id, string Where)> ids, Checker check)
    {
        var first = new Dictionary<string, string>();
        foreach (var (id, where) in ids)
        {
            if (id.Length > 0 && !first.TryAdd(id, where))
                check.Fault(where, $"'{id}' is taken by {first[id]}; ids are used once.");
        }
    }

    private static Fault FaultOf(JsonException e)
    {
        var path = e.Path is null or "$" ? "" : e.Path.TrimStart('$').TrimStart('.');
        var line = e.LineNumber is { } l
            ? string.Create(CultureInfo.InvariantCulture, $"line {l + 1}, column {e.BytePositionInLine + 1}")
            : "";
        var what =
            e.InnerException is null && e.Message.Contains("could not be converted", StringComparison.Ordinal)
                ? "has a value of the wrong type."
                : "is not valid JSON here.";
        return new Fault(line, path.Length == 0 ? $"the file {what}" : $"{path} {what}");
    }
}
