using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>From the written form of a roll to the record.</summary>
public static class RollReading
{
    /// <summary>Reads a roll; faults go to the checker under the given path.</summary>
    /// <param name="written">The roll as written.</param>
    /// <param name="id">Its id, where it has none of its own.</param>
    /// <param name="check">Collects what is wrong.</param>
    /// <param name="where">Path of the roll, empty when it is the whole document.</param>
    public static Roll Read(RollDocument written, string id, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : check.Path(where, ".");
        var exchanges = Each(written.Exchanges, check.Path(at, "exchanges"), check, static (e, check, path) => Read(e, check, path));
        if (exchanges.Sum(static e => e.Notches.Count) > Limits.MostNotches)
            check.Fault(check.Path(at, "exchanges"), $"more than {Limits.MostNotches} notches in one roll; split it.");
        return new Roll
        {
            Id = check.Identifier(written.Id, at, "id") ?? id,
            Partner = check.Name(written.Partner, at, "partner"),
            PartnerThen = new PartnerOfTheDay(
                check.Term<Belt>(written.PartnerBelt, at, "partnerBelt"),
                check.Stripes(written.PartnerStripes, at, "partnerStripes"),
                check.Weight(written.PartnerWeightKg, at, "partnerWeightKg"),
                check.Term<RelativeSize>(written.PartnerSize, at, "partnerSize")
            ),
            Kind = check.Term<RollKind>(written.Kind, at, "kind"),
            Intensity = check.Term<Intensity>(written.Intensity, at, "intensity"),
            PartnerIntensity = check.Term<Intensity>(written.PartnerIntensity, at, "partnerIntensity"),
            Minutes = check.Number(written.Minutes, at, "minutes", 0, Limits.LongestMinutes, "minutes"),
            PlannedMinutes = check.Number(written.PlannedMinutes, at, "plannedMinutes", 0, Limits.LongestMinutes, "minutes"),
            Intent = check.Term<Intent>(written.Intent, at, "intent"),
            Penalties = Each(written.Penalties, check.Path(at, "penalties"), check, PenaltyOf),
            Missed = Each(written.Missed, check.Path(at, "missed"), check, Missed),
            Starts = Read(written.Starts, check, check.Path(at, "starts")),
            Event = check.Name(written.Event, at, "event"),
            Division = check.Name(written.Division, at, "division"),
            Official = MatchReading.Read(written.Official, check, check.Path(at, "official")),
            Rules = check.Name(written.Rules, at, "rules"),
            Mission = Read(written.Mission, check, check.Path(at, "mission")),
            Partial = Partial(written.Partial, check, at),
            Retelling = check.Text(written.Retelling, at, "retelling"),
            Notes = check.Text(written.Notes, at, "notes"),
            Exchanges = exchanges,
            Takeaways = Each(written.Takeaways, check.Path(at, "takeaways"), check, (t, check, path) => Read(t, exchanges, check, path)),
        };
    }

    /// <summary>Reads a notch; faults go to the checker under the given path.</summary>
    public static Notch Read(NotchDocument written, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : check.Path(where, ".");
        if (string.IsNullOrWhiteSpace(written.By))
            check.Fault($"{at}by", "says whose notch it is and is required: me or partner.");
        if (string.IsNullOrWhiteSpace(written.Outcome))
            check.Fault($"{at}outcome", "says how it came out and is required, such as landed or stopped.");
        if (written.Span is { } s && (s.Count != 2 || s[0] < 0 || s[1] < s[0]))
            check.Fault($"{at}span", "is two character offsets, start and end.");
        return new Notch
        {
            By = check.Term<Who>(written.By, at, "by") ?? Who.Me,
            Move = check.Move(written.Move, at, "move"),
            From = check.Place(written.From, at, "from"),
            To = check.Place(written.To, at, "to"),
            Outcome = check.Term<Outcome>(written.Outcome, at, "outcome") ?? Outcome.Landed,
            Side = check.Term<BodySide>(written.Side, at, "side"),
            At = check.Time(written.At, at, "at"),
            Remaining = check.Time(written.Remaining, at, "remaining"),
            Held = written.Held,
            HeldSeconds = check.Number(written.HeldSeconds, at, "heldSeconds", 0, 60 * Limits.LongestMinutes, "seconds"),
            Given = check.Term<Who>(written.Given, at, "given"),
            Causes = check.Names(written.Causes, at, "causes"),
            Unsure = written.Unsure ?? false,
            Inferred = check.Names(written.Inferred, at, "inferred"),
            Note = check.Text(written.Note, at, "note"),
            Advice = Each(
                written.Advice,
                check.Path(at, "advice"),
                check,
                static (a, check, path) =>
                    new Advice(
                        Required(check.Text(a.Text, path + ".", "text"), check, $"{path}.text"),
                        check.Name(a.From, path + ".", "from")
                    )
            ),
            Rulings = Each(written.Rulings, check.Path(at, "rulings"), check, MatchReading.Read),
            Span = written.Span is [var start, var end] ? new Span(start, end) : null,
        };
    }

    /// <summary>Reads the items of a list that may be absent; a null item is a fault.</summary>
    public static IReadOnlyList<T> Each<TWritten, T>(
        IReadOnlyList<TWritten?>? written,
        string where,
        Checker check,
        Func<TWritten, Checker, string, T> read
    )
        where TWritten : class
    {
        if (written is null or { Count: 0 })
            return [];
        var items = new List<T>(written.Count);
        for (var i = 0; i < written.Count; i++)
        {
            if (written[i] is { } item)
                items.Add(read(item, check, check.Item(where, i)));
            else
                check.Fault(check.Item(where, i), "is null; take it out or fill it in.");
        }
        return items;
    }

    /// <summary>A text that must be there.</summary>
    internal static string Required(string? text, Checker check, string where)
    {
        if (text is null)
            check.Fault(where, "is empty; write something or take the entry out.");
        return text ?? "";
    }

    private static Exchange Read(ExchangeDocument written, Checker check, string where)
    {
        var at = check.Path(where, ".");
        return new Exchange
        {
            Start = check.Place(written.Start, at, "start"),
            End = check.Term<ExchangeEnd>(written.End, at, "end"),
            Notches = Each(written.Notches, check.Path(at, "notches"), check, static (n, check, path) => Read(n, check, path)),
        };
    }

    private static IReadOnlyList<PartialAccount> Partial(List<string>? written, Checker check, string at) =>
        written is null or []
            ? []
            : [.. written.Select((p, i) => check.Term<PartialAccount>(p, $"{at}partial[{i}]")).OfType<PartialAccount>().Distinct()];

    private static Penalty PenaltyOf(PenaltyDocument written, Checker check, string where)
    {
        if (written.By is null)
            check.Fault(where, "needs 'by': who was penalized, me or partner.");
        return new Penalty(
            check.Term<Who>(written.By, where, "by") ?? Who.Me,
            check.Time(written.At, where, "at"),
            check.Text(written.Why, where, "why")
        );
    }

    private static MissedChance Missed(MissedDocument written, Checker check, string where)
    {
        var at = check.Path(where, ".");
        return new MissedChance(
            Required(check.Text(written.Text, at, "text"), check, $"{at}text"),
            check.Place(written.From, at, "from"),
            check.Move(written.Move, at, "move")
        );
    }

    private static MissionCheck Read(CheckDocument written, Checker check, string at)
    {
        var of = (int?)check.Number(written.Of, at, "of", 0, Limits.MostStarts, "tries");
        return new MissionCheck(
            Required(check.Text(written.Text, at, "text"), check, $"{at}text"),
            written.Done,
            (int?)check.Number(written.Met, at, "met", 0, of ?? 0, "tries"),
            of
        );
    }

    internal static DrilledStarts? Read(StartsDocument? written, Checker check, string where)
    {
        if (written is null)
            return null;
        return new DrilledStarts(Count(written.Kept, "kept"), Count(written.Lost, "lost"));

        int Count(int? count, string which)
        {
            if (count is < 0 or > Limits.MostStarts)
                check.Fault($"{where}.{which}", $"is a count of starts, from 0 to {Limits.MostStarts}.");
            return count ?? 0;
        }
    }

    private static Mission? Read(MissionDocument? written, Checker check, string where)
    {
        if (written is null)
            return null;
        if (written.Checks?.Count > Limits.MostChecks)
            check.Fault($"{where}.checks", $"at most {Limits.MostChecks} checks can be kept in mind; take some out.");
        return new Mission(
            Required(check.Text(written.Text, where + ".", "text"), check, $"{where}.text"),
            Each(written.Checks, $"{where}.checks", check, static (c, check, path) => Read(c, check, path + "."))
        );
    }

    private static Takeaway Read(TakeawayDocument written, IReadOnlyList<Exchange> exchanges, Checker check, string where)
    {
        var tied =
            written.Exchange is not { } e
            || (e >= 0 && e < exchanges.Count && (written.Notch is not { } n || (n >= 0 && n < exchanges[e].Notches.Count)));
        if (!tied || (written.Exchange is null && written.Notch is not null))
            check.Fault(where, "is tied to a notch that is not there; exchange and notch count from 0.");
        return new Takeaway(
            Required(check.Text(written.Text, where + ".", "text"), check, $"{where}.text"),
            written.Exchange,
            written.Notch
        );
    }
}
