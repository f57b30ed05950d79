using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>
/// The rounds of one exchange, from the easiest to live: written from its place, move, side and direction. Five starts each at half pace, then
/// swap, then one step earlier: common practice of the sport.
/// </summary>
/// <param name="way">The exchange.</param>
/// <param name="before">The place that most often leads there in the practitioner's own rolls; null where none did.</param>
/// <param name="second">Where schools differ, those of which the second is followed.</param>
/// <param name="vocabulary">The vocabulary.</param>
public sealed class Ladder(Way way, PlaceId? before, IReadOnlySet<School> second, MatVocabulary vocabulary)
{
    // Five starts each and five for the partner take about five minutes; in less there is room for three.
    private const int StartsEach = 5;
    private const int FewStarts = 3;
    private readonly Recipe? recipe = Recipes.For(way, vocabulary);

    /// <summary>The round of a rung, of so many minutes.</summary>
    public Round Round(Rung rung, int minutes)
    {
        var start = rung switch
        {
            Rung.Live => (PlaceId?)null,
            Rung.OneStepEarlier => before ?? way.From,
            _ => way.From,
        };
        var starts = rung is Rung.FromThePlace or Rung.OneStepEarlier ? Math.Max(FewStarts, minutes / StartsEach * StartsEach) : 0;
        return new Round(
            way,
            WayWords.AsWork(way, vocabulary),
            rung,
            start,
            minutes,
            starts,
            Say(rung, starts),
            rung == Rung.Live ? "" : Asks(rung),
            rung == Rung.Live ? [] : Filled(recipe?.Cues),
            [.. Filled(recipe?.Do), .. Lines()],
            Filled(recipe?.Dont),
            Filled(recipe?.Checks),
            Cautions(rung)
        );
    }

    private string Say(Rung rung, int starts)
    {
        var side = way.Side is { } on ? $" {Capital(WayWords.SaySide(on))} first; that is the side that fails." : "";
        if (recipe is null)
            return $"{WayWords.AsWork(way, vocabulary)} Start there at half pace and restart when it is lost.{side}";
        var win = $"Kept when {Fill(recipe.Win)}; lost when {Fill(recipe.Lose)}.";
        return rung switch
        {
            Rung.Repetitions => $"{Fill(recipe.Start)} Slow repetitions, ten each, then swap; nobody resists.{side}",
            Rung.FromThePlace => $"{Fill(recipe.Start)} Half pace, restart when it is lost. {win} {Swap(starts)}{side}",
            Rung.OneStepEarlier => $"{Earlier()} {win} {Swap(starts)}{side}",
            _ => $"{Fill(recipe.Mission)}{side}",
        };
    }

    private string Earlier() =>
        before is { } place
            ? $"Start one step earlier, {vocabulary.SayIn(place)}: that is what most often leads {Leads()} in your rolls. "
                + "Three quarters pace."
            : $"Start {vocabulary.SayIn(way.From)} before either has a grip, at three quarters pace.";

    private string Leads() => way.From == PlaceId.Standing ? "to the feet" : $"to {vocabulary.SayPlace(way.From)}";

    private string Asks(Rung rung)
    {
        if (recipe is null)
            return "They play what usually happens there, at half pace.";
        var usual = Fill(recipe.Asks);
        return rung switch
        {
            Rung.Repetitions => $"Let it happen. Then, in the next round: {char.ToLowerInvariant(usual[0])}{usual[1..]}",
            Rung.OneStepEarlier => usual.Replace("half pace", "three quarters pace", StringComparison.Ordinal),
            _ => usual,
        };
    }

    private IEnumerable<string> Lines() => recipe?.Lines.Select(l => Fill(second.Contains(l.School) ? l.Second : l.First)) ?? [];

    private List<string> Cautions(Rung rung)
    {
        var said = new List<string>();
        if (vocabulary.Move(way.Move)?.Caution is { } caution)
            said.Add(caution);
        if (rung != Rung.Live && vocabulary.Place(way.From)?.Position.Family == Family.Legs)
            said.Add("Nobody applies a leg lock in a drilled round: stop at the grip, say tap, start again.");
        return said;
    }

    private List<string> Filled(IReadOnlyList<string>? words) => [.. (words ?? []).Select(Fill)];

    private string Fill(string words) => Recipe.Fill(words, way, vocabulary);

    private static string Swap(int starts) =>
        starts <= FewStarts ? "Three starts each, then swap."
        : starts == StartsEach ? "Five starts each, then swap."
        : $"Five starts each, then swap, until each had {starts}.";

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
