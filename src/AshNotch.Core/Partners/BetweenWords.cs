using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>What passes between two people, in words.</summary>
public static class BetweenWords
{
    private const double Hardly = 0.05;

    /// <summary>What: <c>They pass your half guard with the knee cut</c>.</summary>
    public static string What(Between between, MatVocabulary vocabulary) =>
        WayWords.Of(between.Way, [.. between.To.Select(t => t?.Value ?? "tap")], vocabulary);

    /// <summary>How often a roll: <c>7 times in 13 rolls, clearly more than the 3.1 it would be with the others</c>.</summary>
    /// <param name="between">What.</param>
    /// <param name="rolls">How many rolls the two had.</param>
    public static string Often(Between between, int rolls)
    {
        var times = $"{Times(between.Came.Landed)} in {OfRolls(rolls)}";
        var usual = between.PerRoll.Expected;
        var expected = usual.ToString("0.#", CultureInfo.InvariantCulture);
        var nobody = between.Way.By == Who.Me ? "not tried with anybody else" : "nobody else tried it";
        return between.Others.Tried == 0 ? $"{times}; {nobody}"
            : between.IsMore ? $"{times}, clearly more than the {expected} it would be with the others"
            : between.IsLess ? $"{times}, clearly less than the {expected} it would be with the others"
            : usual < Hardly ? $"{times}; hardly ever with the others"
            : $"{times}; with the others it would be {expected}";
    }

    /// <summary>Of the tries: <c>7 of 9 came off, likely 5 to 8 in ten; with the others 33 of 60</c>.</summary>
    public static string Came(Between between)
    {
        var (low, high) = (Math.Round(10 * between.Low), Math.Round(10 * between.High));
        var from = low.ToString(CultureInfo.InvariantCulture);
        var likely = low.Equals(high) ? $"likely about {Tenths(low)}" : $"likely {from} to {Tenths(high)}";
        var others = between.Others.Tried == 0 ? "" : $"; with the others {between.Others.Landed} of {between.Others.Tried}";
        return $"{between.Came.Landed} of {between.Came.Tried} came off, {likely}{others}";
    }

    /// <summary>How it goes with somebody at one place: <c>of what comes off there about 6 in 10 is yours; 4 rolls in eight weeks</c>.</summary>
    /// <param name="chance">How often what comes off there is mine, from 0 to 1.</param>
    /// <param name="rolls">How many rolls lately.</param>
    public static string Yours(double chance, int rolls) =>
        $"of what comes off there about {Tenths(Math.Round(10 * chance))} is yours; {OfRolls(rolls)} in eight weeks";

    /// <summary>How likely somebody is there: <c>likely there, about 7 in 10</c>.</summary>
    public static string Likely(double chance) =>
        chance switch
        {
            >= 0.95 => "nearly always there",
            >= 0.6 => $"likely there, about {Tenths(Math.Round(10 * chance))}",
            >= 0.35 => $"maybe there, about {Tenths(Math.Round(10 * chance))}",
            >= 0.05 => $"now and then there, about {Tenths(Math.Max(1, Math.Round(10 * chance)))}",
            _ => "hardly ever there",
        };

    private static string Tenths(double tenths) => $"{tenths.ToString(CultureInfo.InvariantCulture)} in 10";
}
