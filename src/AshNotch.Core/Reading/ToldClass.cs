using System.Globalization;
using AshNotch.Core.Reading.Around;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>A telling as it goes into the log: its rolls, and the partners who were met in passing.</summary>
/// <param name="Rolls">The rolls in order.</param>
/// <param name="Met">Partners of whom there was no record yet.</param>
/// <param name="Taught">What was taught that day.</param>
public sealed record ToldClass(IReadOnlyList<Roll> Rolls, IReadOnlyList<Partner> Met, IReadOnlyList<Taught> Taught)
{
    private const string Match = "match";

    /// <summary>Takes a telling in.</summary>
    /// <param name="telling">The telling.</param>
    /// <param name="head">
    /// What is known beside it: kind, minutes, mission, and the partner of the first roll. Its id is the first roll's; those of the others
    /// follow from it, so that a telling sent twice is the same rolls.
    /// </param>
    public static ToldClass Of(Telling telling, Roll head)
    {
        // What was set out to do before anything happened holds for all that follows.
        head = head with
        {
            Mission = head.Mission ?? (telling.Rolls[0].Read is { Mission: { } day, IsMissionFirst: true } ? day : null),
        };
        var met = new List<Partner>();
        var rolls = telling.Rolls.Select((told, index) => With(telling, index, Told(telling, told, index, head), met)).ToList();
        return new ToldClass(rolls, met, [.. telling.Rolls.SelectMany(r => r.Read.Taught).DistinctBy(t => t.Text)]);
    }

    private static Roll Told(Telling telling, ToldRoll told, int index, Roll head)
    {
        var exchanges = told.Read.Exchanges.Select(e => e.Exchange).ToList();
        var roll = head with
        {
            Id = index == 0 ? head.Id : string.Create(CultureInfo.InvariantCulture, $"{head.Id}-{index + 1}"),
            Retelling = telling.Text[told.Start..told.End],
            Exchanges = exchanges,
            Takeaways = [.. told.Read.Takeaways.Select(t => t.Within(exchanges))],
            Missed = told.Read.Missed,
            Mission =
                head.Mission is null || told.Read is { Mission: not null, IsMissionFirst: false } ? told.Read.Mission
                : telling.Rolls.Count == 1 ? head.Mission
                : head.Mission.Unticked,
            Starts = index == 0 ? head.Starts : null,
        };
        if (told.Read.Score is { } score)
            roll = roll with { Official = new OfficialResult(new(score.Me, null, null), new(score.Partner, null, null), null, null) };
        return Headed(index == 0 ? roll : roll with { Partner = null, PartnerThen = PartnerOfTheDay.Unknown }, telling.FactsOf(index));
    }

    /// <summary>The roll with what its words say of it; that goes before what was preset.</summary>
    internal static Roll Headed(Roll roll, IReadOnlyList<ToldFact> facts)
    {
        // A match has a place for what its referee said; the result of a training roll is a note.
        if (roll.Kind == RollKind.Match || facts.Any(f => f is { Of: HeadField.Kind, Value: Match }))
        {
            roll = roll with { Official = ToldResult.Of(facts, roll.Official) };
            facts = [.. facts.Where(f => f.Of is not (HeadField.Result or HeadField.Decision))];
        }
        foreach (var fact in facts)
            roll = fact.Of switch
            {
                HeadField.Intensity when Term.TryRead<Intensity>(fact.Value, out var hard) => roll with { Intensity = hard },
                HeadField.PartnerIntensity when Term.TryRead<Intensity>(fact.Value, out var hard) => roll with { PartnerIntensity = hard },
                HeadField.Kind when Term.TryRead<RollKind>(fact.Value, out var kind) => roll with { Kind = kind },
                HeadField.Minutes => roll with { Minutes = double.Parse(fact.Value, CultureInfo.InvariantCulture) },
                HeadField.Result or HeadField.Decision => roll with
                {
                    Notes = roll.Notes is { Length: > 0 } notes ? $"{notes}\n{fact.Value}." : $"{fact.Value}.",
                },
                _ => roll,
            };
        return roll;
    }

    /// <summary>The partner of that day, with what the words say where nothing else does.</summary>
    internal static PartnerOfTheDay Filled(PartnerOfTheDay then, IReadOnlyList<ToldFact> facts)
    {
        foreach (var fact in facts)
            then = fact.Of switch
            {
                HeadField.PartnerBelt when then.Belt is null && Term.TryRead<Belt>(fact.Value, out var belt) => then with { Belt = belt },
                HeadField.PartnerStripes when then.Stripes is null => then with
                {
                    Stripes = int.Parse(fact.Value, CultureInfo.InvariantCulture),
                },
                HeadField.PartnerWeight when then.WeightKg is null => then with
                {
                    WeightKg = double.Parse(fact.Value, CultureInfo.InvariantCulture),
                    Size = null,
                },
                HeadField.PartnerSize when then is { Size: null, WeightKg: null } && Term.TryRead<RelativeSize>(fact.Value, out var size) =>
                    then with
                    {
                        Size = size,
                    },
                _ => then,
            };
        return then;
    }

    private static Roll With(Telling telling, int index, Roll roll, List<Partner> met)
    {
        var facts = telling.FactsOf(index);
        if (telling.WithOf(index) is not { } with)
            return index == 0 && telling.Chosen is { } chosen
                ? roll with
                {
                    PartnerThen = Filled(roll.PartnerThen == PartnerOfTheDay.Unknown ? chosen.Today : roll.PartnerThen, facts),
                }
                : roll with
                {
                    PartnerThen = Filled(roll.PartnerThen, facts),
                };
        var partner = telling.PartnerOf(with) ?? met.FirstOrDefault(p => with.Name is { } called && PersonName.IsSame(p.Name, called));
        var then = Filled(partner?.Today ?? PartnerOfTheDay.Unknown with { Belt = with.Belt, Size = with.Size }, facts);
        if (partner is null && telling.IsNew(with))
        {
            partner = new Partner
            {
                Id = $"p-{roll.Id}",
                Name = PersonName.Clean(with.Name!),
                Belt = then.Belt,
                Stripes = then.Stripes,
                WeightKg = then.WeightKg,
                Size = then.Size,
            };
            met.Add(partner);
        }
        return roll with { Partner = partner?.Id, PartnerThen = then };
    }
}
