using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Around;

/// <summary>Hears at the head of a telling in what it was trained: "No gi tonight", "Evening class, in the gi".</summary>
public static class ToldAttire
{
    // Later on it is spoken of: "he is better in no gi".
    private const int Opening = 14;

    /// <summary>What the opening words say; null when they say nothing, or speak of another day.</summary>
    /// <param name="text">The telling.</param>
    public static Attire? In(string text)
    {
        var words = Word.Split(text);
        for (var i = 0; i < Math.Min(words.Count, Opening); i++)
        {
            if (Grammar.Is("spoken-of", words[i].Text))
                return null;
            if (words[i].Text == "nogi" || words[i].Text == "no" && i + 1 < words.Count && words[i + 1].Text == "gi")
                return Attire.NoGi;
            if (words[i].Text == "gi" && StandsForItself(words, i))
                return Attire.Gi;
        }
        return null;
    }

    // "Gi, six rounds", "in the gi", "gi class": not "he grabbed my gi".
    private static bool StandsForItself(IReadOnlyList<Word> words, int i) =>
        (i == 0 || words[i].AfterPause || words[i - 1].Text == "the" && i > 1 && words[i - 2].Text == "in")
        || i + 1 < words.Count && !words[i + 1].AfterPause && Grammar.Is("session-word", words[i + 1].Text);
}
