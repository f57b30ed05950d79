using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>
/// How exchanges of one kind are drilled: from one family of places, in one role, to stop theirs or to land mine. General coaching sense; in
/// its words <c>{move}</c> and <c>{place}</c> stand for the exchange's own.
/// </summary>
/// <param name="Family">The family of places.</param>
/// <param name="Roles">In which roles.</param>
/// <param name="Direction">To stop theirs, or to land mine.</param>
/// <param name="Start">How the two begin.</param>
/// <param name="Cues">What to look for while it is done slowly.</param>
/// <param name="Asks">What the partner is asked to give.</param>
/// <param name="Win">When a start is kept.</param>
/// <param name="Lose">When it is lost.</param>
/// <param name="Do">What to do.</param>
/// <param name="Dont">What not to do.</param>
/// <param name="Checks">Up to three checks for live rolls.</param>
/// <param name="Mission">What to set out to do in live rolls.</param>
/// <param name="Lines">Where schools differ, what either says.</param>
/// <param name="Example">An exchange that it is for.</param>
public sealed record Recipe(
    Family Family,
    IReadOnlyList<Role> Roles,
    Direction Direction,
    string Start,
    IReadOnlyList<string> Cues,
    string Asks,
    string Win,
    string Lose,
    IReadOnlyList<string> Do,
    IReadOnlyList<string> Dont,
    IReadOnlyList<string> Checks,
    string Mission,
    IReadOnlyList<SchoolLine> Lines,
    Way Example
)
{
    /// <summary>A recipe's words with the exchange's own in them.</summary>
    public static string Fill(string words, Way way, MatVocabulary vocabulary)
    {
        var place = vocabulary.Place(way.From);
        var move =
            way.Move is { } named ? vocabulary.MoveName(named)
            : way.To is { } to ? $"way to {vocabulary.SayPlace(to)}"
            : "finish";
        return words
            .Replace("{move}", move, StringComparison.Ordinal)
            .Replace("{theirPlace}", place is null ? "the place" : place.Mirror.Say, StringComparison.Ordinal)
            .Replace("in {place}", vocabulary.SayIn(way.From), StringComparison.Ordinal)
            .Replace("from {place}", vocabulary.SayFrom(way.From), StringComparison.Ordinal)
            .Replace("{place}", vocabulary.SayPlace(way.From), StringComparison.Ordinal);
    }
}

/// <summary>Where schools differ in one recipe.</summary>
/// <param name="School">In what.</param>
/// <param name="First">What the first says.</param>
/// <param name="Second">What the second says.</param>
public sealed record SchoolLine(School School, string First, string Second);
