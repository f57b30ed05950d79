using System.Globalization;
using System.Text.Json;
using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>Writes the open JSON form of a log.</summary>
public static class LogWriter
{
    /// <summary>Writes a log as indented UTF-8 with a closing line break.</summary>
    public static void Write(Diary diary, Stream stream)
    {
        using (var writer = new Utf8JsonWriter(stream, LogJson.Pretty))
            JsonSerializer.Serialize(writer, Document(diary), LogJson.Default.LogDocument);
        stream.WriteByte((byte)'\n');
    }

    /// <summary>The document of a log, and of what was chosen to drill.</summary>
    public static LogDocument Document(Diary diary) =>
        new()
        {
            Format = LogDocument.FormatName,
            Version = LogDocument.CurrentVersion,
            Practitioner = Document(diary.Log.Practitioner),
            Partners = [.. diary.Log.Partners.Select(Document)],
            Sessions = [.. diary.Log.Sessions.Select(s => Head(s) with { Rolls = [.. s.Rolls.Select(Document)] })],
            Focuses = None(diary.Drills.Focuses.Select(DrillWriting.Document)),
            Week = diary.Drills.Week is { } week ? DrillWriting.Document(week) : null,
            Blocks = None(diary.Drills.Blocks.Select(DrillWriting.Document)),
            Drilled = None(diary.Drills.Done.Select(DrillWriting.Document)),
            Ratings = None(diary.Drills.Ratings.Select(DrillWriting.Document)),
            Rulesets = None(diary.Matches.Rulesets.Select(MatchWriting.Document)),
            MatchDays = None(diary.Matches.Days.Select(MatchWriting.Document)),
            Fears = None(diary.Fears.Select(FearForm.Document)),
            OwnNames = None(diary.Log.OwnNames.Select(Document)),
        };

    /// <summary>The document of a practitioner.</summary>
    public static PractitionerDocument Document(Practitioner practitioner) =>
        new()
        {
            Belt = Said(practitioner.Belt),
            Stripes = practitioner.Stripes,
            WeightKg = practitioner.WeightKg,
            AgeDivision = Said(practitioner.AgeDivision),
            Category = Said(practitioner.Category),
            Units = Said(practitioner.Units),
            History = None(
                practitioner.History.Select(h => new PractitionerThenDocument
                {
                    Since = Day(h.Since),
                    Belt = Said(h.Belt),
                    Stripes = h.Stripes,
                    WeightKg = h.WeightKg,
                    AgeDivision = Said(h.AgeDivision),
                })
            ),
        };

    /// <summary>The document of a partner.</summary>
    public static PartnerDocument Document(Partner partner) =>
        new()
        {
            Id = partner.Id,
            Name = partner.Name,
            Belt = Said(partner.Belt),
            Stripes = partner.Stripes,
            WeightKg = partner.WeightKg,
            Size = Said(partner.Size),
            Traits = None(partner.Traits),
            AlsoCalled = None(partner.AlsoCalled),
            Notes = Empty(partner.Notes),
            Owed = None(
                partner.Owed.Select(o => new OwedDocument
                {
                    Text = o.Text,
                    Since = Day(o.Since),
                    Given = Day(o.Given),
                })
            ),
        };

    /// <summary>The document of a session without its rolls.</summary>
    public static SessionDocument Head(Session session) =>
        new()
        {
            Id = session.Id,
            Date = Day(session.Date),
            Time = session.Time?.ToString("HH:mm", CultureInfo.InvariantCulture),
            Kind = Said(session.Kind),
            Attire = Said(session.Attire),
            Notes = session.Notes,
            Taught = None(
                session.Taught.Select(t => new TaughtDocument
                {
                    Text = t.Text,
                    From = t.From?.Value,
                    Move = t.Move?.Value,
                    By = t.By,
                })
            ),
            State = session.State is null
                ? null
                : new DayStateDocument
                {
                    Energy = Said(session.State.Energy),
                    Sore = None(session.State.Sore),
                    Note = session.State.Note,
                },
        };

    /// <summary>The document of a roll.</summary>
    public static RollDocument Document(Roll roll) =>
        new()
        {
            Id = roll.Id,
            Partner = roll.Partner,
            PartnerBelt = Said(roll.PartnerThen.Belt),
            PartnerStripes = roll.PartnerThen.Stripes,
            PartnerWeightKg = roll.PartnerThen.WeightKg,
            PartnerSize = Said(roll.PartnerThen.Size),
            Kind = Said(roll.Kind),
            Intensity = Said(roll.Intensity),
            PartnerIntensity = Said(roll.PartnerIntensity),
            Minutes = roll.Minutes,
            PlannedMinutes = roll.PlannedMinutes,
            Intent = Said(roll.Intent),
            Penalties = None(
                roll.Penalties.Select(p => new PenaltyDocument
                {
                    By = Term.Of(p.By),
                    At = p.At?.ToString(),
                    Why = p.Why,
                })
            ),
            Missed = None(
                roll.Missed.Select(m => new MissedDocument
                {
                    Text = m.Text,
                    From = m.From?.Value,
                    Move = m.Move?.Value,
                })
            ),
            Starts = roll.Starts is { } starts ? new StartsDocument { Kept = starts.Kept, Lost = starts.Lost } : null,
            Event = roll.Event,
            Division = roll.Division,
            Official = MatchWriting.Document(roll.Official),
            Rules = roll.Rules,
            Mission = roll.Mission is null
                ? null
                : new MissionDocument
                {
                    Text = roll.Mission.Text,
                    Checks = None(
                        roll.Mission.Checks.Select(c => new CheckDocument
                        {
                            Text = c.Text,
                            Done = c.Done,
                            Met = c.Met,
                            Of = c.Of,
                        })
                    ),
                },
            Partial = None(roll.Partial.Select(Term.Of)),
            Retelling = roll.Retelling,
            Notes = roll.Notes,
            Exchanges = [.. roll.Exchanges.Select(Document)],
            Takeaways = None(roll.Takeaways.Select(Document)),
        };

    /// <summary>The document of an exchange.</summary>
    public static ExchangeDocument Document(Exchange exchange) =>
        new()
        {
            Start = exchange.Start?.Value,
            End = Said(exchange.End),
            Notches = [.. exchange.Notches.Select(Document)],
        };

    /// <summary>The document of a takeaway.</summary>
    public static TakeawayDocument Document(Takeaway takeaway) =>
        new()
        {
            Text = takeaway.Text,
            Exchange = takeaway.Exchange,
            Notch = takeaway.Notch,
        };

    /// <summary>The document of a notch.</summary>
    public static NotchDocument Document(Notch notch) =>
        new()
        {
            By = Term.Of(notch.By),
            Move = notch.Move?.Value,
            From = notch.From?.Value,
            To = notch.To?.Value,
            Outcome = Term.Of(notch.Outcome),
            Side = Said(notch.Side),
            At = notch.At?.ToString(),
            Remaining = notch.Remaining?.ToString(),
            Held = notch.Held,
            HeldSeconds = notch.HeldSeconds,
            Given = Said(notch.Given),
            Causes = None(notch.Causes),
            Unsure = notch.Unsure ? true : null,
            Inferred = None(notch.Inferred),
            Note = notch.Note,
            Advice = None(notch.Advice.Select(a => new AdviceDocument { Text = a.Text, From = a.From })),
            Rulings = None(notch.Rulings.Select(MatchWriting.Document)),
            Span = notch.Span is { } span ? [span.Start, span.End] : null,
        };

    /// <summary>The document of a name of the user's own.</summary>
    public static OwnNameDocument Document(OwnName name) =>
        new()
        {
            Name = name.Name,
            Id = name.Id,
            Kind = name.Kind is { } kind ? Term.Of(kind) : null,
        };

    private static string? Said<T>(T? term)
        where T : struct, Enum => term is { } value ? Term.Of(value) : null;

    private static string? Day(DateOnly? day) => day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static string? Empty(string text) => text.Length == 0 ? null : text;

    private static List<T>? None<T>(IEnumerable<T> items) => items.ToList() is { Count: > 0 } list ? list : null;
}
