using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Clauses;

/// <summary>Says of each word what it is: a person, a verb of the lexicon, a name of the trade, a small word.</summary>
internal sealed class Scanner(
    IReadOnlyList<Word> words,
    string text,
    IReadOnlyList<Found> found,
    IReadOnlySet<string> names,
    MatVocabulary vocabulary,
    Func<Word, bool> isStrange
)
{
    private const int MostPossessing = 4;
    private readonly HashSet<string> letters = [];
    private readonly HashSet<int> starts = [.. found.Select(f => f.First)];
    private static readonly string[] Links = ["and", "but", "then", "because", "when", "until", "if", "which"];

    /// <summary>The items, in order, one after the other.</summary>
    public List<Item> Items()
    {
        var byFirst = found.ToDictionary(f => f.First);
        for (var i = 0; i < words.Count; i++)
            if (words[i].Text.Length == 1 && char.IsUpper(text[words[i].Start]) && words[i].Text != "i" && IsLetterName(i))
                letters.Add(words[i].Text);
        var items = new List<Item>();
        for (var i = 0; i < words.Count; )
        {
            var item = At(i, byFirst, NextName(i), items);
            items.Add(item);
            i = item.After;
        }
        return items;
    }

    private int NextName(int i)
    {
        var (low, high) = (0, found.Count);
        while (low < high)
        {
            var mid = (low + high) / 2;
            if (found[mid].First > i)
                high = mid;
            else
                low = mid + 1;
        }
        return low < found.Count ? found[low].First : int.MaxValue;
    }

    private Item At(int i, Dictionary<int, Found> byFirst, int nextName, List<Item> before)
    {
        var name = byFirst.GetValueOrDefault(i);
        var word = words[i].Text;
        if (Possessor(i, before) is { } possessor)
            return possessor;
        if (word == "back" && before.Count > 0 && before[^1] is { Part: Part.Owner } owner && IsPossessive(owner.After - 1))
            return new Item(i, i + 1, Part.Name, word) { Name = new Found(i, 1, vocabulary.Position("back-control"), null) };
        // "I was on my back", "he's on his back": who lies has fallen, who is on the other's back holds it.
        if (OnOwnBack(i, before) is { } after)
            return new Item(i, after, Part.Verb, word) { Does = [Act.Falls] };
        // "Off my failed armbar": what it was, not what came of something else.
        if (Grammar.Is("failed-before", word) && starts.Contains(i + 1) && before is [.., { Part: Part.Owner or Part.Determiner }])
            return new Item(i, i + 1, Part.Unable, word);
        // "Has never tapped": what has, has nothing.
        if (word is "has" or "have" or "had" && i + 1 < words.Count && words[i + 1].Text is "never" or "already" or "just")
            return new Item(i, i + 1, Part.Word, word);
        var phrase = Lexicon.BuiltIn.At(words, i);
        if (phrase is not { Count: > 1 } && Grammar.Is("auxiliary", word) && i + 1 < words.Count && words[i + 1].Text == "not")
            return new Item(i, i + 2, Part.Not, word);
        // A phrase may not swallow a name that begins in it, but for what bodies do: "bent my arm up my back", not "got to his side control".
        if (phrase is { } p && i + p.Count > nextName && name is null && !(p.IsBodily && i + p.Count >= byFirst[nextName].After))
            phrase = Lexicon.BuiltIn.At(words, i, nextName);
        if (phrase is { Count: > 1, Acts: [Act.Nothing] } idle && IsBodilyWithin(i, idle.Count))
            phrase = null;
        // "Got his hand down" is no takedown.
        if (
            phrase is { Move: not null, IsBodily: false } body
            && words.Skip(i).Take(body.Count).Any(w => w.Text != "mat" && Grammar.Is("body", w.Text))
        )
            phrase = null;
        if (
            phrase is { Move: { } id } does
            && (name is null || does.Count > name.Count || does.IsBodily && name.ByEar)
            && (does.Count > 1 || Person(i, before) is null)
        )
            return new Item(i, i + does.Count, Part.Name, word)
            {
                Name = new Found(i, does.Count, null, vocabulary.Move(new MoveId(id))) { IsBodily = does.IsBodily },
                Does = [Act.Does],
            };
        if (name is not null && IsOfLimb(name))
            name = null;
        if (name is not null && (phrase is null || phrase.Count <= name.Count))
            return new Item(i, name.After, Part.Name, word) { Name = name };
        if (phrase is { } said && said.Count > 1 && (!IsPronoun(word) || said.Acts[0] >= Act.Repairs))
            return new Item(i, i + said.Count, Part.Verb, word) { Does = said.Acts };
        if (Person(i, before) is { } person)
            return person;
        if (phrase is { } one)
            return new Item(i, i + one.Count, Part.Verb, word) { Does = one.Acts };
        // "I'm down", "she's underneath".
        if (
            before.Count > 0
            && before[^1].Part == Part.Person
            && Grammar.Is("with-be", words[i - 1].Text)
            && Lexicon.BuiltIn.AfterBe(words, i) is { } state
        )
            return new Item(i, i + state.Count, Part.Verb, word) { Does = state.Acts };
        return Small(i, word);
    }

    // "Threw her leg over my head" throws nobody, "passed my arm under" passes none.
    private bool IsOfLimb(Found name) =>
        name is { Count: 1, Move: { Word: MoveWord.General, Kind: MoveKind.Takedown or MoveKind.Pass or MoveKind.GuardPull } }
        && name.After + 1 < words.Count
        && !words[name.After].AfterPause
        && Grammar.Is("owner-or-the", words[name.After].Text)
        && Grammar.Is("limb", words[name.After + 1].Text);

    // "Was sitting on my chest" says more than "was sitting".
    private bool IsBodilyWithin(int first, int count) =>
        Enumerable.Range(first, count).Any(k => Lexicon.BuiltIn.At(words, k) is { IsBodily: true } does && k + does.Count > first + count);

    // Index after "was on my back", where it is one's own.
    private int? OnOwnBack(int i, List<Item> before)
    {
        if (before is not [.., { Part: Part.Person } person])
            return null;
        var on = i;
        while (on < words.Count && !(on > i && words[on].AfterPause) && Grammar.Is("coming-to-lie", words[on].Text))
            on++;
        if (on + 2 >= words.Count || words[on].Text != "on" || words[on].AfterPause || !Grammar.Is("lying-on", words[on + 2].Text))
            return null;
        Party? owner =
            Grammar.Is("me-owner", words[on + 1].Text) ? Party.Me
            : Grammar.Is("partner-owner", words[on + 1].Text) ? Party.Partner
            : null;
        return owner is not null && owner == person.Party ? on + 3 : null;
    }

    // "Oak's guard", "the blue belt's triangle".
    private Item? Possessor(int i, List<Item> before)
    {
        for (var last = i; last < Math.Min(words.Count, i + MostPossessing) && (last == i || !words[last].AfterPause); last++)
        {
            if (!IsPossessive(last))
                continue;
            var cut = words[last].Text[..^1];
            Party? party =
                last == i && (names.Contains(cut) || letters.Contains(cut)) ? Party.Partner
                : last > i
                && Grammar.Is("determiner-or-owner", words[i].Text)
                && (Grammar.Is("person-noun", cut) || cut == "belt" && Grammar.Is("belt", words[last - 1].Text))
                    ? Party.Partner
                : last == i
                && char.IsUpper(text[words[i].Start])
                && !Grammar.Is("rolls-other-days", cut)
                && IsNameLike(i, text[words[i].Start..words[i].End], before)
                    ? Party.Partner
                : null;
            return party is null ? null : new Item(i, last + 1, Part.Owner, words[last].Text) { Party = party };
        }
        return null;
    }

    private bool IsPossessive(int i) =>
        words[i].End - words[i].Start == words[i].Text.Length + 1
        && text[words[i].End - 1] == 's'
        && text[words[i].End - 2] is '\'' or '’'
        && i + 1 < words.Count
        && !words[i + 1].AfterPause
        && !Grammar.Is("be", words[i + 1].Text)
        && (starts.Contains(i + 1) || !words[i + 1].Text.EndsWith("ing", StringComparison.Ordinal));

    private static bool IsPronoun(string word) =>
        Grammar.Is("me-subject", word) || Grammar.Is("partner-subject", word) || Grammar.Is("both-subject", word);

    private Item? Person(int i, List<Item> before)
    {
        var word = words[i].Text;
        if (Grammar.Is("me-subject", word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Me, Acts = true };
        if (Grammar.Is("partner-subject", word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Partner, Acts = true };
        if (Grammar.Is("both-subject", word) && !(word == "were" && (i == 0 || !words[i].AfterPause)))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Both, Acts = true };
        if (word == "both" && i + 1 < words.Count && words[i + 1].Text is "of" or "we")
            return new Item(i, Math.Min(words.Count, i + (words[i + 1].Text == "of" ? 3 : 1)), Part.Person, word)
            {
                Party = Party.Both,
                Acts = true,
            };
        if (Grammar.Is("me-object", word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Me, Suffers = true };
        if (Grammar.Is("both-object", word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Both, Suffers = true };
        if (word == "her")
            return IsOwner(i) ? null : new Item(i, i + 1, Part.Person, word) { Party = Party.Partner, Suffers = true };
        if (Grammar.Is("partner-object", word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Partner, Suffers = true };
        if (names.Contains(word) || letters.Contains(word))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Partner };
        if (Grammar.Is("other-person", word))
            return new Item(i, Named(i + 1), Part.Person, word) { Party = Party.Other };
        if (Grammar.Is("determiner", word) && Described(i) is { } described)
            return described;
        // A name that is no word of every day, or one letter, stands for somebody.
        var written = text[words[i].Start..words[i].End];
        if (char.IsUpper(written[0]) && word != "i" && (written.Length == 1 ? IsLetterName(i) : IsNameLike(i, written, before)))
            return new Item(i, i + 1, Part.Person, word) { Party = Party.Partner };
        return null;
    }

    private bool IsNameLike(int i, string written, List<Item> before) =>
        isStrange(words[i])
        && written.Length > 2
        && !Grammar.Is("weekday", words[i].Text)
        && !written.All(c => char.IsUpper(c) || !char.IsLetter(c))
        && before.Count >= 0;

    // "D (blue)", "w/ K", "vs T", "M again".
    private bool IsLetterName(int i)
    {
        var last = i > 0 && !words[i].AfterStop ? words[i - 1].Text : "";
        return Grammar.Is("no-subject-after", last)
            || (
                i + 1 < words.Count
                && (words[i + 1].Before.Contains('(', StringComparison.Ordinal) || Grammar.Is("belt", words[i + 1].Text))
            );
    }

    private int Named(int i) =>
        i < words.Count && !words[i].AfterPause && char.IsUpper(text[words[i].Start]) && isStrange(words[i]) ? i + 1 : i;

    // "the big purple belt", "this guy", "my partner".
    private Item? Described(int first)
    {
        for (var i = first + 1; i < Math.Min(words.Count, first + 5) && !words[i].AfterPause; i++)
        {
            var next = i + 1 < words.Count ? words[i + 1].Text : "";
            if (
                words[i].Text is "the" or "a" or "an"
                || Grammar.Is("me-owner", words[i].Text)
                || Grammar.Is("partner-owner", words[i].Text)
                || Grammar.Is("preposition", words[i].Text)
            )
                return null;
            if (Grammar.Is("person-noun", words[i].Text))
                return new Item(first, Named(i + 1), Part.Person, words[i].Text) { Party = Party.Partner };
            if (Grammar.Is("belt", words[i].Text) && next is "belt" or "belts")
                return new Item(first, i + 2, Part.Person, words[i].Text) { Party = Party.Partner };
            if (Grammar.Is("other-person", words[i].Text) && words[i].Text is not "nobody" and not "people")
                return new Item(first, Named(i + 1), Part.Person, words[i].Text) { Party = Party.Other };
            if (!Spelling.Everyday.Contains(words[i].Text) || starts.Contains(i))
                return null;
        }
        return null;
    }

    // "her guard" owns, "tapped her" does not: what follows tells.
    private bool IsOwner(int i) =>
        i + 1 < words.Count
        && !words[i + 1].AfterPause
        && !char.IsDigit(words[i + 1].Text[0])
        && !(i > 0 && words[i - 1].Text == "by" && words[i + 1].Text.EndsWith("ed", StringComparison.Ordinal))
        // "I let her sweep me".
        && !(i + 2 < words.Count && Grammar.Is("me-object", words[i + 2].Text) && !words[i + 2].AfterPause)
        && !Grammar.Is("preposition", words[i + 1].Text)
        && !Grammar.Is("be", words[i + 1].Text)
        && !Grammar.Is("auxiliary", words[i + 1].Text)
        && !Grammar.Is("negation", words[i + 1].Text)
        && !Grammar.Is("modal", words[i + 1].Text)
        && !Links.Any(k => Grammar.Is(k, words[i + 1].Text))
        && !(Grammar.Is("after-slot", words[i + 1].Text) && !(starts.Contains(i) || starts.Contains(i + 1)) && words[i + 1].Text != "back");

    private Item Small(int i, string word)
    {
        Item Of(Part part) => new(i, i + 1, part, word);
        if (Grammar.Is("unable", word))
            return Of(Part.Unable);
        if (word == "could" && i + 1 < words.Count && words[i + 1].Text == "not")
            return new Item(i, i + 2, Part.Unable, word);
        if (Grammar.Is("negation", word))
            return Of(Part.Not);
        if (Grammar.Is("be", word))
            return Of(Part.Be);
        if (Grammar.Is("modal", word))
            return Of(Part.Modal);
        if (Grammar.Is("me-owner", word))
            return Of(Part.Owner) with { Party = Party.Me };
        if (Grammar.Is("partner-owner", word))
            return Of(Part.Owner) with { Party = Party.Partner };
        if (Grammar.Is("thing-subject", word))
            return Of(Part.Thing);
        foreach (var link in Links)
            if (Grammar.Is(link, word))
                return Of(Part.Link) with { Kind = link };
        if (Grammar.Is("preposition", word))
            return Of(Part.Preposition);
        return Of(Grammar.Is("determiner", word) ? Part.Determiner : Part.Word);
    }
}
