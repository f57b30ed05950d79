using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Names;

/// <summary>Names that are everyday words too: whether the words around one make it a name of the trade.</summary>
internal static class EverydayNames
{
    private static readonly Dictionary<string, HashSet<string>> Lists = WordLists.Read("everyday-names.txt");

    /// <summary>Whether a name of these words is one here.</summary>
    /// <param name="words">The words of the retelling.</param>
    /// <param name="first">Index of the name's first word.</param>
    /// <param name="last">Index of its last word.</param>
    /// <param name="startsGuard">Whether a guard's name starts at an index.</param>
    public static bool Means(IReadOnlyList<Word> words, int first, int last, Func<int, bool> startsGuard)
    {
        if (last - first <= 1 && EverydayCompany.Keeps(words, first, last))
            return false;
        var text =
            first == last ? words[first].Text : string.Join(' ', Enumerable.Range(first, last - first + 1).Select(i => words[i].Text));
        if (!Sense.Allows(text, words, first, last))
            return false;
        var before = At(words, first - 1);
        var after = last + 1 < words.Count && !words[last + 1].AfterPause ? words[last + 1].Text : "";
        switch (text)
        {
            case "pull" or "pulled" or "pulls" or "pulling":
                return Pulls(words, last, after, startsGuard);
            // "A mount" is a thing to hang a camera on.
            case "mount":
                return !(before == "a" && after is "" or "for" or "and" or "on");
            case "my back" or "his back" or "her back" or "their back" or "the back":
                return IsTheBack(words, first, before, after);
            default:
                if (!text.EndsWith(" back", StringComparison.Ordinal))
                    return true;
                // "the back escape", "the back take" and "the back step" are names of their own; "got my back to the mat" lies down.
                return !Lists["no-back-before"].Contains(after)
                    && !(
                        after is "to" or "on" or "onto" or "flat"
                        && At(words, last + 2) is "the" or "mat" or "on" or "my"
                        && Lists["surface-or-the"].Contains(At(words, last + 3))
                    );
        }
    }

    private static string At(IReadOnlyList<Word> words, int index) => index >= 0 && index < words.Count ? words[index].Text : "";

    // "He pulled to spider", "pulled me into his guard", and "he pulled" at the end of a breath; not "pulled my arm".
    private static bool Pulls(IReadOnlyList<Word> words, int last, string after, Func<int, bool> startsGuard)
    {
        if (after.Length == 0 || Lists["pulled-before"].Contains(after))
            return after is not ("right" or "straight") || Reaches(words, last + 2, startsGuard);
        if (startsGuard(last + 1))
            return true;
        if (after is "to" or "into")
            return Reaches(words, last + 1, startsGuard);
        return after is "me" or "him" or "her" or "them"
            && At(words, last + 2) is "into" or "in" or "to"
            && Reaches(words, last + 2, startsGuard);
    }

    private static bool Reaches(IReadOnlyList<Word> words, int from, Func<int, bool> startsGuard)
    {
        for (var i = from; i < Math.Min(words.Count, from + 5); i++)
        {
            if (startsGuard(i))
                return true;
            if (words[i].AfterStop)
                return false;
        }
        return false;
    }

    private static bool IsTheBack(IReadOnlyList<Word> words, int first, string before, string after)
    {
        if (Lists["no-the-back-before"].Contains(after))
            return false;
        var owner = words[first].Text;
        // "Put her back in half guard".
        if (before is "put" or "puts" && after is "in" or "into" or "to" || Lists["no-the-back-after"].Contains(before))
            return false;
        if (before is not ("on" or "onto" or "flat" or "to"))
            return before is not ("in" or "at" or "behind") || owner == "the" && before == "in";
        if (owner == "the")
            return before is not "in";
        // On one's own back one plays guard; on the other's back one has it.
        for (var i = first - 2; i >= 0 && i > first - 8; i--)
        {
            var text = words[i].Text;
            if (Lists["mine"].Contains(text))
                return owner is not "my" || (before == "to" && text is not "i");
            if (Lists["theirs"].Contains(text))
                return owner is "my" || (before is "to" && text is not ("he" or "she" or "they"));
        }
        return true;
    }
}
