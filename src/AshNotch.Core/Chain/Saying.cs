using System.Globalization;
using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A weak spot in one sentence, with its gain in the unit of the aim and its count where that is small.</summary>
public static class Saying
{
    /// <summary>Says it.</summary>
    public static string Of(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var from = vocabulary.Place(spot.From) is { Role: Role.Neutral } neutral
            ? neutral.Position.Id == "standing"
                ? " on the feet"
                : $" in the {neutral.Position.Name}"
            : $" from {vocabulary.SayPlace(spot.From)}";
        var gain = $"about {Amount(spot.GainPerRoll)} {Reward.Unit(aim)}";
        var few = spot.Attempts < 5 ? $" Seen only {Times(spot.Attempts)} so far." : "";
        if (spot.By == Who.Partner)
        {
            var what = spot.Move is null
                ? $"They get to {Reached(spot, vocabulary)}"
                : $"They {(spot.To is ["tap"] ? "finish" : "land")} the {vocabulary.MoveName(spot.Move)}";
            return $"{what}{from}: {gain}.{few}";
        }
        var mine = spot.Move is null ? $"Getting to {Reached(spot, vocabulary)}" : $"Your {vocabulary.MoveName(spot.Move)}";
        return $"{mine}{from} comes off {Times(spot.Count)} in {spot.Attempts}; twice the odds is worth {gain}.{few}";
    }

    /// <summary>Says what to work on.</summary>
    public static string Focus(Focus focus, MatVocabulary vocabulary)
    {
        var what = focus.Move is null ? $"getting to {vocabulary.SayPlace(focus.To ?? "")}" : $"the {vocabulary.MoveName(focus.Move)}";
        var there = vocabulary.Place(focus.From) is { Role: Role.Neutral } neutral
            ? neutral.Position.Id == "standing"
                ? "on the feet"
                : $"in the {neutral.Position.Name}"
            : $"from {vocabulary.SayPlace(focus.From)}";
        return focus.By == Who.Partner
            ? $"Stop {what} {there}."
            : $"Land {(focus.Move is null ? what : $"your {vocabulary.MoveName(focus.Move)}")} {there}.";
    }

    /// <summary>Says why: how often, how likely, how costly, each with its counts.</summary>
    public static Why Why(WeakSpot spot, Aim aim, MatVocabulary vocabulary)
    {
        var culture = CultureInfo.InvariantCulture;
        var there = vocabulary.Place(spot.From) is { Role: Role.Neutral } neutral
            ? neutral.Position.Id == "standing"
                ? "on the feet"
                : $"in the {neutral.Position.Name}"
            : $"in {vocabulary.SayPlace(spot.From)}";
        var often = string.Create(culture, $"Something is tried {there} about {spot.VisitsPerRoll:0.0} times a roll; {spot.Steps} logged.");
        var with = spot.Partners.Count == 0 ? "" : $", with {Counted(spot.Partners.Count, "partner")}";
        var came =
            spot.By == Who.Me
                ? $"came off {Times(spot.Count)} in {Counted(spot.Attempts, "try", "tries")}"
                : $"happened {Times(spot.Count)}";
        var likely = string.Create(culture, $"It is what comes off about {100 * spot.Rate:0} times in 100 there; it {came}{with}.");
        var costly = string.Create(
            culture,
            $"Each time it {(spot.Worth < 0 ? "costs" : "earns")} about {Math.Abs(spot.Worth):0.0} {Reward.Unit(aim).Split(' ')[0]} by the end of the roll, against what else happens there."
        );
        return new Why(often, likely, costly);
    }

    private static string Counted(int count, string one, string? many = null) => count == 1 ? $"1 {one}" : $"{count} {many ?? one + "s"}";

    private static string Reached(WeakSpot spot, MatVocabulary vocabulary) =>
        spot.To.Count == 0 || spot.To[0] == "tap" ? "a tap" : vocabulary.SayPlace(spot.To[0]);

    private static string Times(int count) =>
        count switch
        {
            1 => "once",
            2 => "twice",
            _ => $"{count} times",
        };

    private static string Amount(double gain) =>
        gain >= 0.095 ? gain.ToString("0.0", CultureInfo.InvariantCulture) : gain.ToString("0.00", CultureInfo.InvariantCulture);
}
