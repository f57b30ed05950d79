using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>What stands around an item.</summary>
/// <param name="words">The words.</param>
/// <param name="items">The items.</param>
internal sealed class Neighbours(IReadOnlyList<Word> words, IReadOnlyList<Item> items)
{
    /// <summary>A verb or a preposition stands before it.</summary>
    public bool IsAfterVerb(int at) => at > 0 && items[at - 1].Part is Part.Verb or Part.Preposition;

    /// <summary>A preposition stands before it.</summary>
    public bool IsInPhrase(int at) => at > 0 && items[at - 1].Part == Part.Preposition;

    /// <summary>"His second, ...": an ordinal follows that stands for what is named next.</summary>
    public bool NextIsOrdinal(int at)
    {
        var next = at + 1 < items.Count ? items[at + 1] : null;
        return next is not null
            && Grammar.Is("ordinal", words[next.First].Text)
            && next.After - next.First == 1
            && next.After < words.Count
            && (words[next.After].AfterPause || Grammar.Is("be", words[next.After].Text));
    }

    /// <summary>"Mounted on him".</summary>
    public bool IsOnOther(Found name) =>
        name.After + 1 < words.Count
        && words[name.After].Text is "on" or "over"
        && Grammar.Is("partner-object", words[name.After + 1].Text);

    /// <summary>"First try", "second one": an ordinal of an attempt.</summary>
    public bool IsOfTry(int at) =>
        Grammar.Is("ordinal", words[items[at].First].Text)
        && items[at].After < words.Count
        && !words[items[at].After].AfterPause
        && Grammar.Is("once-more", words[items[at].After].Text);

    /// <summary>What follows without a pause is said of it.</summary>
    public bool NextBelongs(int at) =>
        at + 1 < items.Count && !words[items[at + 1].First].AfterPause && items[at + 1].Part is Part.Name or Part.Word or Part.Verb;

    /// <summary>What somebody named here does makes a thing theirs: "which I have drilled all winter".</summary>
    public bool IsOwnDoing(int at) =>
        items.Skip(at + 1).Take(3).TakeWhile(i => !words[i.First].AfterPause).Any(i => Grammar.Is("own-doing", words[i.First].Text));

    /// <summary>Somebody named here acts.</summary>
    public bool IsFollowedByVerb(int at)
    {
        for (var i = at + 1; i < Math.Min(items.Count, at + 4); i++)
        {
            if (words[items[i].First].AfterPause)
                return false;
            if (items[i].Part is Part.Verb or Part.Be or Part.Modal or Part.Unable)
                return true;
            if (items[i].Part == Part.Name)
                return i == at + 1;
            if (items[i].Part is not (Part.Word or Part.Not))
                return false;
        }
        return false;
    }
}
