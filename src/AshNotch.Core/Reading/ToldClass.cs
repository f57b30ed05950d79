using System.Globalization;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A telling as it goes into the log: its rolls, and the partners who were met in passing.</summary>
/// <param name="Rolls">The rolls in order.</param>
/// <param name="Met">Partners of whom there was no record yet.</param>
public sealed record ToldClass(IReadOnlyList<Roll> Rolls, IReadOnlyList<Partner> Met)
{
    /// <summary>Takes a telling in.</summary>
    /// <param name="telling">The telling.</param>
    /// <param name="head">
    /// What is known beside it: kind, minutes, mission, and the partner of the first roll. Its id is the first roll's; those of the others
    /// follow from it, so that a telling sent twice is the same rolls.
    /// </param>
    public static ToldClass Of(Telling telling, Roll head)
    {
        var met = new List<Partner>();
        var rolls = telling.Rolls.Select((told, index) => With(telling, index, Told(telling, told, index, head), met)).ToList();
        return new ToldClass(rolls, met);
    }

    private static Roll Told(Telling telling, ToldRoll told, int index, Roll head)
    {
        var exchanges = told.Read.Exchanges.Select(e => e.Exchange).ToList();
        var roll = head with
        {
            Id = index == 0 ? head.Id : string.Create(CultureInfo.InvariantCulture, $"{head.Id}-{index + 1}"),
            Retelling = telling.Text[told.Start..told.End],
            Exchanges = exchanges,
            Takeaways = [.. told.Read.Takeaways.Select(t => Tied(t, exchanges))],
            Mission = telling.Rolls.Count == 1 ? head.Mission : head.Mission?.Unticked,
        };
        return index == 0 ? roll : roll with { Partner = null, PartnerThen = PartnerOfTheDay.Unknown };
    }

    // A correction can take out the notch that a takeaway was tied to.
    private static Takeaway Tied(Takeaway takeaway, List<Exchange> exchanges) =>
        takeaway.Exchange is { } e && takeaway.Notch >= exchanges[e].Notches.Count
            ? takeaway with
            {
                Exchange = null,
                Notch = null,
            }
            : takeaway;

    private static Roll With(Telling telling, int index, Roll roll, List<Partner> met)
    {
        if (telling.WithOf(index) is not { } with)
            return roll;
        var partner =
            telling.PartnerOf(with) ?? met.FirstOrDefault(p => string.Equals(p.Name, with.Name, StringComparison.OrdinalIgnoreCase));
        if (partner is null && telling.IsNew(with))
        {
            partner = new Partner
            {
                Id = $"p-{roll.Id}",
                Name = with.Name!,
                Belt = with.Belt,
                Size = with.Size,
            };
            met.Add(partner);
        }
        return roll with
        {
            Partner = partner?.Id,
            PartnerThen = partner?.Today ?? PartnerOfTheDay.Unknown with { Belt = with.Belt, Size = with.Size },
        };
    }
}
