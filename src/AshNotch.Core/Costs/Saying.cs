using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>A weak spot in one sentence, with its gain in the unit of the aim and its count where that is small.</summary>
public static class Saying
{
    // Below this, so much a roll says nothing to anybody.
    private const double SmallGain = 0.095;
    private const double MostRolls = 400;

    // Written with one decimal, this is nothing.
    private const double LevelAt = 0.05;

    // A range wider than the gain itself is said to be wide. The authors' judgement.
    private const double WideRange = 1.2;

    /// <summary>Says it.</summary>
    public static string Of(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var from = vocabulary.SayFrom(spot.Way.From);
        var gain = Gain(spot.GainPerRoll, aim);
        var few = spot.Attempts < WeakSpotRanking.Enough ? $" Seen only {Times(spot.Attempts)} so far." : "";
        var supposed = spot.Supposed > 0 ? $" Where it began was not said {Times(spot.Supposed)}; this is the likeliest place." : "";
        if (spot.Way.By == Who.Partner)
            return $"{WayWords.Theirs(spot.Way, spot.To, vocabulary)}. Half of those stopped: {gain}.{few}{supposed}";
        var came =
            spot.Count == spot.Attempts
                ? $"came off {Times(spot.Count)} in {spot.Attempts}, each time"
                : $"came off {Times(spot.Count)} in {spot.Attempts}";
        return $"{WayWords.Mine(spot.Way, spot.To, vocabulary)} {from} {came}. Twice as many: {gain}.{few}{supposed}";
    }

    /// <summary>What could not be ranked since nobody told where it began; null when there is nothing.</summary>
    public static string? LeftOut(int count) =>
        count == 0 ? null
        : count == 1 ? "One change of place is left out: nobody said where it began."
        : $"{count} changes of place are left out: nobody said where they began.";

    /// <summary>A gain as a training partner would say it: what is small is one in so many rolls.</summary>
    internal static string Gain(double amount, Aim aim)
    {
        var unit = Reward.Unit(aim);
        var (what, _) = (unit.Split(' ')[0], 0);
        if (amount >= SmallGain)
            return $"{About(amount)} {unit}";
        if (amount < 1.0 / MostRolls)
            return $"next to nothing in {what}";
        var rolls = 1 / amount;
        var round =
            rolls < 20 ? Math.Round(rolls)
            : rolls < 100 ? 5 * Math.Round(rolls / 5)
            : 10 * Math.Round(rolls / 10);
        return string.Create(CultureInfo.InvariantCulture, $"about one {what[..^1]} in {round:0} rolls");
    }

    /// <summary>An exchange with its gain, without its counts.</summary>
    public static string Brief(Candidate candidate, double gain, Aim aim, MatVocabulary vocabulary) =>
        $"{WayWords.Of(candidate.Way, candidate.To, vocabulary)}: {Gain(gain, aim)}";

    /// <summary>What a roll would bring after some change, against now.</summary>
    public static string Moved(double before, double after, Aim aim) =>
        $"After a roll you would be {Ahead(after, aim)} instead of {Ahead(before, aim)}.";

    /// <summary>Where a roll leaves me on average: <c>0.4 points ahead</c>, <c>1.2 taps behind</c>, <c>level</c>.</summary>
    public static string Ahead(double amount, Aim aim) =>
        Math.Abs(amount) < LevelAt
            ? "level"
            : string.Create(
                CultureInfo.InvariantCulture,
                $"{Math.Abs(amount):0.0} {Reward.Unit(aim).Split(' ')[0]} {(amount > 0 ? "ahead" : "behind")}"
            );

    /// <summary>Says why: how often, how likely, how costly, each with its counts.</summary>
    public static Why Why(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var there = vocabulary.SayIn(spot.Way.From);
        var often = $"Something is tried {there} {About(spot.VisitsPerRoll)} times a roll; {spot.Steps} logged.";
        var with = spot.Partners.Count == 0 ? "" : $", with {Counted(spot.Partners.Count, "partner")}";
        var came =
            spot.Way.By == Who.Me
                ? $"came off {Times(spot.Count)} in {Counted(spot.Attempts, "try", "tries")} that you wrote down, {Likely(spot)}"
                : $"happened {Times(spot.Count)}";
        var likely = $"It is what comes off {InHundred(spot.Rate)} there; it {came}{with}.";
        var unit = Reward.Unit(aim).Split(' ')[0];
        var costly =
            $"Each time it {(spot.Worth < 0 ? "costs" : "earns")} {About(Math.Abs(spot.Worth))} {unit} by the end of the roll, "
            + "against what else happens there.";
        return new Why(often, likely, costly, Sure(spot, aim, vocabulary), Even(spot, aim));
    }

    private static string Likely(WeakSpot spot)
    {
        var (low, high) = Wilson.Of(spot.Count, spot.Attempts);
        return string.Create(CultureInfo.InvariantCulture, $"likely {100 * low:0} to {100 * high:0} in 100 of the next");
    }

    // What would be found out by more of the same, where the range is wide.
    private static string Sure(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var range = $"Likely between {Figure(spot.Low)} and {Figure(spot.High)} {Reward.Unit(aim)}";
        var first =
            spot.FirstShare >= 0.5 ? "; it is more likely than not the one that would change most."
            : spot.FirstShare >= 0.2 ? "; it may well be the one that would change most."
            : spot.FirstShare >= 0.05 ? "; it could be the one that would change most."
            : ".";
        var isWide = spot.High - spot.Low > WideRange * spot.GainPerRoll;
        return isWide
            ? $"{range}{first} Not enough yet to be sure: log more of what happens {vocabulary.SayIn(spot.Way.From)}, what was stopped too."
            : $"{range}{first}";
    }

    private static string Even(WeakSpot spot, Aim aim) =>
        spot.GainAgainstEven > 0
            ? $"Against a partner who is your equal it would be {Gain(spot.GainAgainstEven, aim)}."
            : "Against a partner who is your equal it would bring nothing.";

    private static string Figure(double amount) =>
        Math.Abs(amount) >= 0.095 ? amount.ToString("0.0", CultureInfo.InvariantCulture)
        : Math.Abs(amount) >= 0.005 ? amount.ToString("0.00", CultureInfo.InvariantCulture)
        : "0";

    internal static string Counted(int count, string one, string? many = null) => count == 1 ? $"1 {one}" : $"{count} {many ?? one + "s"}";

    private static string Times(int count) =>
        count switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{count} times",
        };

    private static string InHundred(double rate) =>
        rate < 0.005 ? "less than once in 200 times" : string.Create(CultureInfo.InvariantCulture, $"about {100 * rate:0} times in 100");

    // Two digits where one would say nothing, and never "about 0.00".
    internal static string About(double amount) =>
        amount >= 0.095 ? string.Create(CultureInfo.InvariantCulture, $"about {amount:0.0}")
        : amount >= 0.005 ? string.Create(CultureInfo.InvariantCulture, $"about {amount:0.00}")
        : "less than 0.01";
}
