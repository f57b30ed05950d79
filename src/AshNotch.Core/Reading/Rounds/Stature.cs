using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>Hears belt and size of somebody who was named or described: "a two stripe blue belt, bigger than me".</summary>
/// <param name="words">The words of the telling.</param>
internal sealed class Stature(IReadOnlyList<Word> words)
{
    private const int Farthest = 16;
    private static readonly IReadOnlySet<string> Much = Grammar.Of("partner-much");
    private static readonly Dictionary<string, RelativeSize> Sizes = new()
    {
        ["bigger"] = RelativeSize.Heavier,
        ["heavier"] = RelativeSize.Heavier,
        ["smaller"] = RelativeSize.Lighter,
        ["lighter"] = RelativeSize.Lighter,
    };

    /// <summary>Up to the end of the sentence or to the first who acts.</summary>
    /// <param name="from">Index of the first word that may tell of them.</param>
    /// <param name="last">Index of the last word that names them.</param>
    public (Belt? Belt, RelativeSize? Size, int Last) From(int from, int last)
    {
        Belt? belt = null;
        RelativeSize? size = null;
        for (var i = from; i < Math.Min(words.Count, from + Farthest) && (i == from && from <= last || !words[i].AfterStop); i++)
        {
            var text = words[i].Text;
            if (i > last && (Grammar.Is("subject", text) || (words[i].AfterPause && text is "and" or "then")))
                break;
            if (
                belt is null
                && Term.TryRead<Belt>(text, out var colour)
                && (i + 1 >= words.Count || Grammar.Is("belt-noun", words[i + 1].Text) || words[i + 1].AfterPause)
            )
            {
                belt = colour;
                last = Math.Max(last, i + 1 < words.Count && words[i + 1].Text is "belt" ? i + 1 : i);
            }
            else if (size is null && Sizes.TryGetValue(text, out var beside) && i + 1 < words.Count && words[i + 1].Text == "than")
            {
                size =
                    !IsMuch(i) ? beside
                    : beside == RelativeSize.Heavier ? RelativeSize.MuchHeavier
                    : RelativeSize.MuchLighter;
                last = Math.Max(last, Math.Min(words.Count - 1, i + 2));
            }
            else if (size is null && text == "size" && i > 0 && words[i - 1].Text is "my" or "same")
            {
                size = RelativeSize.Similar;
                last = Math.Max(last, i);
            }
        }
        return (belt, size, last);
    }

    private bool IsMuch(int i) =>
        i > 0 && (Much.Contains(words[i - 1].Text) || (i > 1 && words[i - 1].Text is "lot" or "bit" && words[i - 2].Text == "whole"));
}
