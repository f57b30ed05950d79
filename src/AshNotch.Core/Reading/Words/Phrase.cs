namespace AshNotch.Core.Reading.Words;

/// <summary>Words that stand together.</summary>
internal static class Phrase
{
    /// <summary>Whether a phrase stands in a text from a word on, to the letter.</summary>
    /// <param name="phrase">Its words, as <see cref="Word.Text"/> has them.</param>
    /// <param name="words">The words of the text.</param>
    /// <param name="first">Index of the first.</param>
    public static bool Stands(string[] phrase, IReadOnlyList<Word> words, int first)
    {
        if (first + phrase.Length > words.Count)
            return false;
        for (var k = 0; k < phrase.Length; k++)
            if (words[first + k].Text != phrase[k])
                return false;
        return true;
    }
}
