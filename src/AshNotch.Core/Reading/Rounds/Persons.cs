using System.Buffers;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>
/// Finds who is named in a telling: partners by nickname, names that nobody has met yet, and people only described.
/// </summary>
internal sealed class Persons
{
    private const int LongestDescription = 4;
    private const int ShortestName = 3;
    private const int LongestHead = 4;
    private static readonly HashSet<string> Nobody = [];
    private static readonly SearchValues<char> Closing = SearchValues.Create(":→>=(|");
    private static readonly SearchValues<char> Opening = SearchValues.Create("→>:•*#\"“'‘(");

    private readonly IReadOnlyList<Word> words;
    private readonly string text;
    private readonly Phrasebook book;
    private readonly Naming?[] at;
    private readonly bool[] isTrade;
    private readonly HashSet<string> within;
    private readonly Dictionary<string, List<(Partner Partner, string[] Parts)>> known = [];
    private readonly Dictionary<string, Person> met = [];

    private Persons(IReadOnlyList<Word> words, string text, IReadOnlyList<Partner> partners, Phrasebook book)
    {
        (this.words, this.text, this.book) = (words, text, book);
        at = new Naming?[words.Count];
        within = [.. Enumerable.Range(0, words.Count).Where(k => IsCapital(k) && !StartsSentence(k)).Select(k => words[k].Text)];
        isTrade = new bool[words.Count];
        foreach (var found in book.Find(words))
            Array.Fill(isTrade, true, found.First, found.Count);
        foreach (var partner in partners)
        foreach (var name in partner.AlsoCalled.Prepend(partner.Name))
            Know(partner, [.. Word.Split(name).Select(w => w.Text)]);
        // "Cody" is Cody Rae while nobody else is called so.
        foreach (var partner in partners)
            if (
                Word.Split(partner.Name) is [{ Text.Length: >= ShortestName } given, _, ..]
                && !known.ContainsKey(given.Text)
                && book.IsStrange(given)
            )
                Know(partner, [given.Text]);
    }

    /// <summary>Who is named where, in order.</summary>
    /// <param name="words">The words.</param>
    /// <param name="text">The telling, whose capitals tell names.</param>
    /// <param name="partners">The partners already known.</param>
    /// <param name="book">The names of the trade.</param>
    public static IReadOnlyList<Naming> In(IReadOnlyList<Word> words, string text, IReadOnlyList<Partner> partners, Phrasebook book)
    {
        var persons = new Persons(words, text, partners, book);
        persons.FindKnown();
        persons.FindNew();
        persons.FindAgain();
        persons.FindKin();
        persons.FindDescribed();
        return [.. persons.at.OfType<Naming>().Distinct(ReferenceEqualityComparer.Instance).Cast<Naming>()];
    }

    private void Know(Partner partner, string[] parts)
    {
        if (parts.Length == 0)
            return;
        if (!known.TryGetValue(parts[0], out var list))
            known[parts[0]] = list = [];
        list.Add((partner, parts));
    }

    private void FindKnown()
    {
        for (var i = 0; i < words.Count; i++)
        {
            var first = known.GetValueOrDefault(words[i].Text) ?? known.GetValueOrDefault(Bare(i)) ?? [];
            (Partner Partner, string[] Parts)? best = null;
            foreach (var one in first)
                if (Stands(one.Parts, i) && (best is null || best.Value.Parts.Length < one.Parts.Length))
                    best = one;
            if (best is not { } found || found.Parts.Length == 1 && !IsMeant(i))
                continue;
            Name(i, found.Parts.Length, PersonOf(found.Partner));
            i += found.Parts.Length - 1;
        }
    }

    private bool Stands(string[] parts, int first)
    {
        if (first + parts.Length > words.Count)
            return false;
        for (var k = 0; k < parts.Length; k++)
            if ((words[first + k].Text != parts[k] && Bare(first + k) != parts[k]) || (k > 0 && words[first + k].AfterPause))
                return false;
        return true;
    }

    // A nickname that is an everyday word or one of the trade, such as Will or Bridge, needs its capital, and what people do after it.
    private bool IsMeant(int i)
    {
        if (!Spelling.Everyday.Contains(Bare(i)) && !isTrade[i] && book.IsStrange(words[i]))
            return true;
        if (!IsCapital(i))
            return At(i - 1) is "with" or "w" or "against" or "vs" && (i + 1 >= words.Count || words[i + 1].AfterPause);
        return !StartsSentence(i) || ActsAfter(i, true) || EndsHead(i) || IsOwner(i);
    }

    private void FindNew()
    {
        var isWritten = words.Any(w => char.IsUpper(text[w.Start]) && w.Text.Length > 1 && !w.AfterStop);
        for (var i = 0; i < words.Count; i++)
        {
            if (at[i] is not null || isTrade[i] || !IsNewName(i, isWritten))
                continue;
            var count = 1;
            while (
                i + count < words.Count
                && count < 3
                && !words[i + count].AfterPause
                && !words[i + count].Before.Contains(" - ", StringComparison.Ordinal)
                && IsCapital(i + count)
                && !IsShouted(i + count)
                && at[i + count] is null
                && !isTrade[i + count]
                && !Grammar.Is("no-name", words[i + count].Text)
                && words[i + count].Text is not ("i" or "im" or "id" or "ive")
            )
                count++;
            var last = i + count - 1;
            // Who writes without capitals means a name none the less.
            var name = char.ToUpperInvariant(text[words[i].Start]) + text[(words[i].Start + 1)..EndOf(last)];
            Name(i, count, PersonOf(name));
            i = last;
        }
    }

    private bool IsNewName(int i, bool isWritten)
    {
        var word = words[i];
        if (Phrases.Has("no-person", Bare(i)))
            return false;
        if (!IsStrangeName(i))
            return IsCapital(i)
                && !IsShouted(i)
                && word.Text.Length >= ShortestName
                && !words[i].AfterPause
                && !StartsSentence(i)
                && ActsAfter(i, false)
                && isWritten
                && !Grammar.Is("no-name", word.Text);
        if (At(i - 1) is "mr" or "mrs" or "ms" or "old" && IsCapital(i) || IsCapital(i) && (IsAfterLabel(i) || IsBracketed(i)))
            return true;
        if (!IsCapital(i))
            return IsIntroduced(i);
        if (IsShouted(i) && word.Text.Length >= ShortestName && StartsLine(i) && EndsHead(i))
            return true;
        if (word.Text.Length < ShortestName || IsShouted(i))
            return !IsShouted(i) && word.Text.Length > 1 && !StartsSentence(i) && At(i - 1) is "with" or "called" or "named";
        return !StartsSentence(i)
            || EndsHead(i)
            || ActsAfter(i, false)
            || IsOwner(i)
            || AppearsWithin(i)
            || IsAlone(i)
            || HeadsLine(i)
            || Phrases.Has("after-name", At(i + 1));
    }

    // "Rolled with lasse", "5. fitz - ...", "then with rowan blue belt".
    private bool IsIntroduced(int i)
    {
        if (words[i].Text.Length < ShortestName)
            return false;
        if (At(i - 1) is "called" or "named" or "vs" or "versus" && !words[i].AfterPause)
            return true;
        // "Round three wren she ...", "round one i had karl": dictation has no capitals.
        if (
            IsRoundWord(i - 1)
            && (Grammar.Is("partner-pronoun", At(i + 1)) || At(i + 1) is "he" or "she" or "they" or "hes" or "shes" or "we" or "i")
        )
            return true;
        if (At(i - 1) is "had" or "got" && At(i - 2) == "i" && Enumerable.Range(i - 5, 4).Any(IsRoundWord))
            return true;
        // "The first one was with karl", "the second one was karl".
        if (At(i - 1) is "was" or "with" && Enumerable.Range(i - 4, 3).Any(k => At(k) == "one" && Phrases.IsOrdinal(At(k - 1))))
            return true;
        if (At(i - 1) is "with" or "w" or "vs" or "versus" or "against" && !words[i].AfterPause)
            return Enumerable
                    .Range(Math.Max(0, i - 6), Math.Min(i, 6))
                    .Any(w =>
                        Grammar.Is("rolls-rolling", words[w].Text)
                        || Grammar.Is("rolls-rounds", words[w].Text)
                        || words[w].Text is "rounds" or "rolls"
                    )
                || new Stature(words).From(i + 1, i) is { Belt: not null } or { Size: not null }
                || At(i - 2) is "last" or "ended" or "finished" or "started";
        var isNumbered = i > 0 && StartsLine(i - 1) && words[i - 1].Text.Any(char.IsAsciiDigit);
        return EndsHead(i) && (StartsLine(i) || isNumbered)
            // "oak. he passed", line for line.
            || IsLineOf(i) && AreSeveral
            // "2. oak purple, ...".
            || isNumbered && Grammar.Is("belt", At(i + 1));
    }

    // "Bell. Oak. He pulls half."; a name alone on its line.
    private bool IsAlone(int i) =>
        i + 1 < words.Count
        && words[i + 1].AfterStop
        && (words[i + 1].Before[0] is '.' or ':' || words[i + 1].Before[0] is '\n' or '\r' && StartsLine(i));

    private bool? severalLines;

    private bool AreSeveral => severalLines ??= Enumerable.Range(0, words.Count).Where(k => IsLineOf(k) && IsStrangeName(k)).Skip(1).Any();

    private bool IsLineOf(int i) => StartsLine(i) && i + 1 < words.Count && words[i + 1].Before == ". ";

    // "Karl, 5 min: ...".
    private bool HeadsLine(int i) =>
        StartsLine(i)
        && i + 1 < words.Count
        && words[i + 1].Before.StartsWith(',')
        && Enumerable
            .Range(i + 2, Math.Max(0, Math.Min(LongestHead, words.Count - i - 2)))
            .TakeWhile(k => !words[k].AfterStop)
            .Any(k => words[k].Before.StartsWith(':'));

    private bool IsRoundWord(int i) =>
        Phrases.IsOrdinal(At(i)) || At(i) is "round" or "roll" || Phrases.Has("number", At(i)) && At(i - 1) is "round" or "roll";

    // The same name with its capital within a sentence somewhere else.
    private bool AppearsWithin(int i) => within.Contains(words[i].Text);

    private void FindAgain()
    {
        for (var i = 0; i < words.Count; i++)
            if (
                at[i] is null
                && !isTrade[i]
                && (met.GetValueOrDefault(words[i].Text) ?? met.GetValueOrDefault(Bare(i))) is { } person
                && (IsStrangeName(i) || IsCapital(i))
            )
                Name(i, 1, person);
    }

    // "Oak's brother, Kim": one, and the name is Kim.
    private void FindKin()
    {
        for (var i = 1; i < words.Count; i++)
            if (
                at[i] is { Person: { } person } name
                && name.First == i
                && at[i - 1] is { Person: null } kin
                && !words[i].AfterStop
                && Phrases.Has("kin", words[i - 1].Text)
            )
                Array.Fill(at, new Naming(kin.First, name.After - kin.First, person), kin.First, name.After - kin.First);
    }

    private void FindDescribed()
    {
        for (var i = 0; i < words.Count; i++)
        {
            if (at[i] is not null || DescribedAt(i) is not { } count)
                continue;
            Name(i, count, null);
            i += count - 1;
        }
    }

    private int? DescribedAt(int i)
    {
        var isArticle = Grammar.Is("partner-articles", words[i].Text) || words[i].Text == "one" && At(i + 1) == "of";
        if (!isArticle && !words[i].AfterPause && i > 0 && At(i - 1) is not ("then" or "with" or "next" or "against"))
            return null;
        for (
            var k = isArticle ? i + 1 : i;
            k < Math.Min(words.Count, i + LongestDescription + 2) && (k == i || !words[k].AfterPause) && at[k] is null;
            k++
        )
        {
            var said = words[k].Text;
            if (Grammar.Is("belt", said) && At(k + 1) is "belt" or "belts" && !(k + 1 < words.Count && words[k + 1].AfterPause))
                return k - i + 2;
            if ((Grammar.Is("person-noun", said) || Phrases.Has("person-noun", said)) && said is not ("partner" or "opponent" or "friend"))
                return k - i + 1;
            if (Grammar.Is("other-person", said) || People.Subject(words, k, Nobody) is not null || Grammar.Is("be", said))
                return null;
        }
        return null;
    }

    private bool IsOfKin(int after) =>
        after < words.Count && IsOwner(after - 1) && !words[after].AfterPause && Phrases.Has("kin", words[after].Text);

    // "Coach Ren", "old Oak", "Oak himself" are one; "Oak's brother" is somebody else.
    private void Name(int first, int count, Person? person)
    {
        if (IsOfKin(first + count))
            (count, person) = (count + 1, null);
        while (
            person is not null
            && first > 0
            && Phrases.Has("title", words[first - 1].Text)
            && at[first - 1] is null
            && (!words[first].AfterStop || words[first].Before == ". ")
        )
            (first, count) = (first - 1, count + 1);
        while (first + count < words.Count && words[first + count].Text is "himself" or "herself" && !words[first + count].AfterPause)
            count++;
        Array.Fill(at, new Naming(first, count, person), first, count);
    }

    private readonly Dictionary<string, Person> ofPartner = [];

    private Person PersonOf(Partner partner) =>
        ofPartner.TryGetValue(partner.Id, out var person) ? person : ofPartner[partner.Id] = new Person(partner.Name, partner.Id);

    private Person PersonOf(string name)
    {
        var key = string.Join(' ', Word.Split(name).Select(w => w.Text));
        if (met.TryGetValue(key, out var person))
            return person;
        person = met[key] = new Person(name, null);
        // "Mister Fernandes Silva" may be called by the first of the two later.
        met.TryAdd(key.Split(' ')[0], person);
        return person;
    }

    private string At(int i) => i >= 0 && i < words.Count ? words[i].Text : "";

    private bool IsCapital(int i) => char.IsUpper(text[words[i].Start]);

    private bool IsShouted(int i) => words[i].End - words[i].Start > 1 && text[words[i].Start..words[i].End].All(c => !char.IsLower(c));

    private bool IsOwner(int i) => Owned(i) > 0;

    // How many characters of a word only say that something is somebody's.
    private int Owned(int i)
    {
        var (start, end) = (words[i].Start, words[i].End);
        return end - start > 2 && text[end - 1] is 's' && text[end - 2] is '\'' or '’' ? 2 : 0;
    }

    private int EndOf(int i) => words[i].End - Owned(i);

    private string Bare(int i) => IsOwner(i) ? words[i].Text[..^1] : words[i].Text;

    private bool IsStrangeName(int i)
    {
        var bare = Bare(i);
        return !Spelling.Everyday.Contains(bare)
            && book.IsStrange(bare == words[i].Text ? words[i] : words[i] with { Text = bare, Stem = Word.StemOf(bare) });
    }

    private bool StartsSentence(int i) =>
        i == 0
        || words[i].AfterStop
        || words[i].Before.AsSpan().ContainsAny(Opening)
        || words[i].Before.Contains(" - ", StringComparison.Ordinal);

    private bool StartsLine(int i) => i == 0 || words[i].Before.Contains('\n', StringComparison.Ordinal);

    // "R3: Oak.", "2. Oak".
    private bool IsAfterLabel(int i) => i > 0 && StartsLine(i - 1) && words[i - 1].Text.Any(char.IsAsciiDigit) && words[i].AfterPause;

    private bool IsBracketed(int i) =>
        words[i].Before.Contains('(') && (i + 1 == words.Count || words[i + 1].Before.AsSpan().ContainsAny(",)"));

    private bool ActsAfter(int i, bool isKnown) =>
        i + 1 < words.Count
        && !words[i + 1].AfterPause
        && (
            Phrases.Has("acting", words[i + 1].Text)
            || isKnown && Phrases.Has("acting-loosely", words[i + 1].Text)
            || words[i + 1].Text == "and" && At(i + 2) is "i" or "me"
            || words[i + 1].Text.Length > 4 && words[i + 1].Text.EndsWith("ed", StringComparison.Ordinal)
        );

    // "Oak:", "Oak -", "Oak (blue)", "Oak →".
    private bool EndsHead(int i) =>
        i + 1 < words.Count && (words[i + 1].Before.AsSpan().ContainsAny(Closing) || words[i + 1].Before is " - " or " – " or " — ");
}
