using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>A weak spot in one sentence, with its gain in the unit of the aim and its count where that is small.</summary>
public static class Saying
{
    // A range wider than the gain itself is said to be wide. The authors' judgement.
    private const double WideRange = 1.2;

    /// <summary>Says it.</summary>
    public static string Of(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var from = vocabulary.SayFrom(spot.From);
        var gain = $"{About(spot.GainPerRoll)} {Reward.Unit(aim)}";
        var few = spot.Attempts < 5 ? $" Seen only {Times(spot.Attempts)} so far." : "";
        if (spot.By == Who.Partner)
        {
            return $"{ExchangeWords.Theirs(spot.From, spot.Move, spot.To, vocabulary)}: {gain}.{few}";
        }
        var mine = spot.Move is { } move ? $"Your {vocabulary.MoveName(move)}" : $"Getting to {ExchangeWords.Reached(spot.To, vocabulary)}";
        return $"{mine} {from} comes off {Times(spot.Count)} in {spot.Attempts}; twice the odds is worth {gain}.{few}";
    }

    /// <summary>An exchange with its gain, without its counts.</summary>
    public static string Brief(Candidate candidate, double gain, Aim aim, MatVocabulary vocabulary) =>
        $"{What(candidate, vocabulary)}: {About(gain)} {Reward.Unit(aim)}";

    /// <summary>An exchange by its name, and no more.</summary>
    public static string What(Candidate candidate, MatVocabulary vocabulary) =>
        candidate.By == Who.Partner ? ExchangeWords.Theirs(candidate.From, candidate.Move, candidate.To, vocabulary)
        : candidate.Move is { } move ? $"Your {vocabulary.MoveName(move)} {vocabulary.SayFrom(candidate.From)}"
        : $"Getting to {ExchangeWords.Reached(candidate.To, vocabulary)} {vocabulary.SayFrom(candidate.From)}";

    /// <summary>What a roll would bring after some change, against now.</summary>
    public static string Moved(double before, double after, Aim aim) =>
        $"A roll would bring {Figure(after)} instead of {Figure(before)} {Reward.Unit(aim).Split(' ')[0]}.";

    /// <summary>Says why: how often, how likely, how costly, each with its counts.</summary>
    public static Why Why(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var there = vocabulary.SayIn(spot.From);
        var often = $"Something is tried {there} {About(spot.VisitsPerRoll)} times a roll; {spot.Steps} logged.";
        var with = spot.Partners.Count == 0 ? "" : $", with {Counted(spot.Partners.Count, "partner")}";
        var came =
            spot.By == Who.Me
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
            spot.FirstShare >= 0.005
                ? string.Create(
                    CultureInfo.InvariantCulture,
                    $"; in {100 * spot.FirstShare:0} of 100 ways to read your log it comes first."
                )
                : ".";
        var isWide = spot.High - spot.Low > WideRange * spot.GainPerRoll;
        return isWide
            ? $"{range}{first} Not enough yet to be sure: log more of what happens {vocabulary.SayIn(spot.From)}, what was stopped too."
            : $"{range}{first}";
    }

    private static string Even(WeakSpot spot, Aim aim) =>
        spot.GainAgainstEven > 0
            ? $"Against a partner who is your equal it would be {About(spot.GainAgainstEven)} {Reward.Unit(aim)}."
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
