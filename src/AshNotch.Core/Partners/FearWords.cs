using System.Globalization;
using AshNotch.Core.Chain;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>A fear held against the record, in sentences with their counts.</summary>
public static class FearWords
{
    /// <summary>What the record says; what can hurt is never talked down.</summary>
    public static IReadOnlyList<string> Of(FearRecord record, Aim aim)
    {
        if (!record.Fear.IsTold)
            return ["Say what they do, or where it happens, and it is held against your rolls."];
        var says = new List<string> { Count(record) };
        if (record.Shown is { } shown)
            says.Add(
                shown.Tried == 0 ? "What you say brings it was not tried in a roll that is kept."
                : shown.Landed == 0 ? $"You tried what brings it {Times(shown.Tried)}; it never came within two steps."
                : $"You tried what brings it {Times(shown.Tried)}; it came within two steps {Times(shown.Landed)}."
            );
        else if (record.Cost > 0)
            says.Add(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"It makes {Math.Round(100 * record.Share):0} in 100 of what theirs cost you in those rolls."
                )
            );
        if (Avoiding(record, aim) is { } avoiding)
            says.Add(avoiding);
        says.Add(Verdict(record));
        return says;
    }

    private static string Count(FearRecord record)
    {
        var rolls = OfRolls(record.Rolls);
        if (record.Came.Tried == 0)
            return $"It never came in {rolls}.";
        var off = record.Came.Landed == 0 ? "and never came off" : $"and came off {Times(record.Came.Landed)}";
        var near = record.Near == 0 ? "" : $"; {Times(record.Near)} it was near";
        return $"It came {Times(record.Came.Tried)} in {rolls} {off}{near}.";
    }

    // Whether keeping from what brings it costs more than it does.
    private static string? Avoiding(FearRecord record, Aim aim)
    {
        if (record is not { Worth: { } worth, Instead: { } instead, Shown.Tried: >= Costs.Contrast.Handful })
            return null;
        var unit = Reward.Unit(aim).Split(' ')[0];
        var values = string.Create(
            CultureInfo.InvariantCulture,
            $"A try is worth {worth.Mean:+0.00;-0.00;0.00} {unit} to you, what followed included; what else you do there {instead:+0.00;-0.00;0.00}."
        );
        return worth.Low > instead ? $"{values} Keeping from it would cost you more."
            : worth.High < instead ? $"{values} What else you do there brings more, afraid or not."
            : $"{values} That is about the same.";
    }

    private static string Verdict(FearRecord record) =>
        record.Verdict switch
        {
            FearVerdict.BornOut => "So far the record bears it out.",
            FearVerdict.NotBornOut when record.Caution is not null => "It came seldom so far; it still deserves its caution.",
            FearVerdict.NotBornOut => "So far the record does not bear it out.",
            _ => "Too little was seen to say more.",
        };
}
