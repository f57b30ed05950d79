using AshNotch.Core.Rolls;

namespace AshNotch.Core.Skill;

/// <summary>What belt and weight say about a partner beside me; null where one of the two is not known.</summary>
/// <param name="Belts">Belts they are above me, stripes as quarters.</param>
/// <param name="Weight">Natural logarithm of their weight over mine.</param>
public readonly record struct Gap(double? Belts, double? Weight)
{
    /// <summary>The gap in a roll, as both were on that day.</summary>
    public static Gap Of(Practitioner practitioner, LoggedRoll logged) => Of(practitioner.On(logged.Session.Date), logged.Roll.PartnerThen);

    /// <summary>The gap to a partner as both are today.</summary>
    public static Gap Of(Practitioner practitioner, Partner partner) => Of(practitioner.On(null), partner.Today);

    private static Gap Of(PractitionerThen me, PartnerOfTheDay partner) =>
        new(
            Level(partner.Belt, partner.Stripes) - Level(me.Belt, me.Stripes),
            partner.WeightKg is > 0 && me.WeightKg is > 0 ? Math.Log(partner.WeightKg.Value / me.WeightKg.Value) : Typical(partner.Size)
        );

    // Youth belts lie between white and blue. Common practice.
    private static double? Level(Belt? belt, int? stripes) =>
        belt is null
            ? null
            : Math.Min(stripes ?? 0, 4) / 4.0
                + belt switch
                {
                    Belt.White => 0,
                    Belt.Grey => 0.2,
                    Belt.Yellow => 0.4,
                    Belt.Orange => 0.6,
                    Belt.Green => 0.8,
                    Belt.Blue => 1,
                    Belt.Purple => 2,
                    Belt.Brown => 3,
                    Belt.Black => 4,
                    _ => 5,
                };

    // What people mean by these words, as a ratio of weights: a tenth apart, a quarter apart. The authors' judgement.
    private static double? Typical(RelativeSize? size) =>
        size switch
        {
            RelativeSize.MuchLighter => -Math.Log(1.25),
            RelativeSize.Lighter => -Math.Log(1.1),
            RelativeSize.Similar => 0,
            RelativeSize.Heavier => Math.Log(1.1),
            RelativeSize.MuchHeavier => Math.Log(1.25),
            _ => null,
        };
}
