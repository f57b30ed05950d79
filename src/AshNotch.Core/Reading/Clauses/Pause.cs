using System.Buffers;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>What stands between two words, as a pause.</summary>
/// <param name="IsStop">A sentence or a line ends.</param>
/// <param name="IsArrow">It leads on to the next step of a list.</param>
/// <param name="IsBreath">Two stops or three: a breath, not an end.</param>
/// <param name="IsShort">A comma or the like, within a sentence.</param>
/// <param name="Adds">It puts two things side by side: an ampersand, a plus.</param>
internal readonly record struct Pause(bool IsStop, bool IsArrow, bool IsBreath, bool IsShort, bool Adds)
{
    private static readonly SearchValues<char> Stops = SearchValues.Create(".;!?\n");
    private static readonly SearchValues<char> Commas = SearchValues.Create(",:()+&\"");
    private static readonly string[] Arrows = [">", "→", " - ", "–", "—", " / "];

    /// <summary>The pause that was written so.</summary>
    /// <param name="before">What stands before a word.</param>
    /// <param name="emoji">A picture is among it.</param>
    public static Pause Of(string before, bool emoji)
    {
        var breath = before.Contains("..", StringComparison.Ordinal) && !before.Contains('\n');
        return new Pause(
            !breath && before.AsSpan().ContainsAny(Stops),
            Arrows.Any(a => before.Contains(a, StringComparison.Ordinal)),
            breath,
            breath || emoji || before.AsSpan().ContainsAny(Commas),
            before.Contains('&') || before.Contains('+')
        );
    }
}
