using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>What the form of words says: done or to be done, to whom.</summary>
/// <param name="words">The words.</param>
internal sealed class Forms(IReadOnlyList<Word> words)
{
    private const int ShortestMadeVerb = 7;

    /// <summary>Whether its first or last word ends so.</summary>
    public bool EndsIn(Found name, string ending) =>
        words[name.First].Text.EndsWith(ending, StringComparison.Ordinal)
        || words[name.After - 1].Text.EndsWith(ending, StringComparison.Ordinal);

    /// <summary>"Got thrown".</summary>
    public bool IsGotDone(Found name) =>
        IsGot(words[name.First].Text) && name.Count > 1 && (IsDone(words[name.First + 1].Text) || words[name.First + 1].Text == "thrown");

    /// <summary>"Swept", "passed": what may have been done to somebody.</summary>
    public bool IsParticiple(Found name)
    {
        var end = words[name.After - 1].Text;
        return IsDone(end)
            // "Americana'd".
            || end.Length >= ShortestMadeVerb && end.EndsWith("ad", StringComparison.Ordinal)
            || IsGotDone(name)
            // "Got mounted triangle" is no mount.
            || IsDone(words[name.First].Text) && (name.Count == 1 || name.Move is not { IsSubmission: true } || Grammar.Is("object", end));
    }

    /// <summary>"Took my back", "mounted me": somebody stands in the name itself.</summary>
    public Party? Within(Found name)
    {
        // "Put her knee on my belly": the last one suffers it.
        for (var i = name.After - 1; i > name.First; i--)
        {
            var word = words[i].Text;
            if (word is "me" or "my")
                return Party.Me;
            if (Grammar.Is("partner-pronoun", word))
                return Party.Partner;
        }
        return words[name.First].Text is "my" ? Party.Me
            : words[name.First].Text is "his" or "her" or "their" ? Party.Partner
            : null;
    }

    /// <summary>"... and armbars me": told as it happens, with whom it happens to.</summary>
    public bool IsDoneNow(Found name)
    {
        var first = words[name.First].Text;
        return first.Length > 3
            && first.EndsWith('s')
            && !first.EndsWith("ss", StringComparison.Ordinal)
            && (
                name.Count > 1 && Grammar.Is("object", words[name.After - 1].Text)
                || name.Count == 1
                    && name.After < words.Count
                    && !words[name.After].AfterPause
                    && Grammar.Is("object", words[name.After].Text)
            );
    }

    /// <summary>"Chokes me", "choked her out": told with whom it was done to.</summary>
    public bool IsDoneTo(Found name) =>
        IsDoneNow(name)
        || IsDone(words[name.First].Text)
            && (
                Enumerable.Range(name.First + 1, name.Count - 1).Any(i => Grammar.Is("object", words[i].Text))
                || name.After < words.Count && !words[name.After].AfterPause && Grammar.Is("object", words[name.After].Text)
            );

    /// <summary>"into mount", "to side control", "with the underhook" belong to what was said before them.</summary>
    public static bool IsPhrase(string lead) => Grammar.Is("phrase", lead);

    /// <summary>Got, get, getting.</summary>
    public static bool IsGot(string word) => Grammar.Is("got", word);

    /// <summary>Whether a word ends as what was done does.</summary>
    public static bool IsDone(string word) =>
        word.Length > 3
            && (word.EndsWith("ed", StringComparison.Ordinal) || word.EndsWith("cd", StringComparison.Ordinal))
            && !Grammar.Is("never-done", word)
        || Grammar.Is("done", word)
        // "Footswept".
        || word.Length >= ShortestMadeVerb && Grammar.Of("done").Any(d => d.Length > 3 && word.EndsWith(d, StringComparison.Ordinal));

    /// <summary>"Blocked", "shut", "hit".</summary>
    public bool IsParticiple(Item item)
    {
        var word = words[item.First].Text;
        return IsDone(word) || Grammar.Is("participle", word);
    }

    /// <summary>Nothing but small words stands between the two.</summary>
    public bool NextTo(Item one, Item other) =>
        Enumerable.Range(one.After, Math.Max(0, other.First - one.After)).All(i => Grammar.Is("between-got", words[i].Text));
}
