using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Hears whom a roll was with: a partner by nickname, somebody new by name, or somebody only described.</summary>
/// <param name="words">The words of the telling.</param>
/// <param name="text">The telling, whose capitals tell names.</param>
/// <param name="trade">Words that belong to names of the trade.</param>
/// <param name="partners">The partners already known.</param>
/// <param name="book">The names of the trade.</param>
internal sealed class PartnerListener(
    IReadOnlyList<Word> words,
    string text,
    IReadOnlySet<int> trade,
    IReadOnlyList<Partner> partners,
    Phrasebook book
)
{
    private static readonly HashSet<string> Nobody = [];
    private static readonly IReadOnlySet<string> NoNames = Grammar.Of("no-name");
    private static readonly IReadOnlySet<string> Pronouns = Grammar.Of("partner-pronouns");
    private static readonly IReadOnlySet<string> Articles = Grammar.Of("partner-articles");
    private static readonly IReadOnlySet<string> Much = Grammar.Of("partner-much");
    private static readonly Dictionary<string, RelativeSize> Sizes = new()
    {
        ["bigger"] = RelativeSize.Heavier,
        ["heavier"] = RelativeSize.Heavier,
        ["smaller"] = RelativeSize.Lighter,
        ["lighter"] = RelativeSize.Lighter,
    };

    /// <summary>The person named or described from a word on, and the last word that tells of them; null when there is none.</summary>
    public (ToldPartner With, int Last)? At(int first)
    {
        if (first >= words.Count)
            return null;
        if (Known(first) is { } known)
            return Told(first, first + known.Count - 1, first, first + known.Count - 1, known.Partner.Id);
        var described =
            People.Subject(words, first, Nobody) ?? (Articles.Contains(words[first].Text) ? People.Described(words, first) : null);
        if (described is { Who: Who.Partner } && !Pronouns.Contains(words[first].Text))
        {
            var end = first + described.Value.Length - 1;
            return words.Count > end + 2 && words[end + 1].Text is "named" or "called"
                ? Told(first, end + 2, end + 2, end + 2, null)
                : Told(first, end, null, null, null);
        }
        // A name nobody has met yet: with a capital, or, since "then with confidence" names nobody, with a belt or a size beside it.
        var letters = text[words[first].Start..words[first].End];
        if (trade.Contains(first) || letters.Length < 3 || words[first].AfterPause || NoNames.Contains(words[first].Text))
            return null;
        var told = Told(first, first, first, first, null);
        return char.IsUpper(letters[0]) || (book.IsStrange(words[first]) && told.With is { Belt: not null } or { Size: not null })
            ? told
            : null;
    }

    /// <summary>
    /// The one partner whose nickname stands in a telling that says of nobody whom it was with; null when none or several do.
    /// </summary>
    public ToldPartner? Only(int from, int until)
    {
        ToldPartner? only = null;
        for (var i = from; i < until; i++)
        {
            if (Known(i) is not { } known)
                continue;
            var name = text[words[i].Start..words[i + known.Count - 1].End];
            // A nickname that is an everyday word, such as Will, needs its capital.
            if (known.Count == 1 && !char.IsUpper(name[0]) && Spelling.Everyday.Contains(words[i].Text))
                continue;
            if (only is not null && only.Known != known.Partner.Id)
                return null;
            only ??= new ToldPartner(name, known.Partner.Id, null, null, new Span(0, 0));
            i += known.Count - 1;
        }
        return only;
    }

    private (ToldPartner With, int Last) Told(int first, int end, int? nameFirst, int? nameLast, string? known)
    {
        var (belt, size, last) = Described(known is null && nameFirst is null ? first : end + 1, end);
        var name = nameFirst is { } from ? text[words[from].Start..words[nameLast!.Value].End] : null;
        return (new ToldPartner(name, known, belt, size, new Span(words[first].Start, words[last].End)), last);
    }

    private (Partner Partner, int Count)? Known(int first)
    {
        (Partner, int)? best = null;
        foreach (var partner in partners)
        {
            foreach (var name in partner.AlsoCalled.Prepend(partner.Name))
            {
                var parts = Word.Split(name);
                if (parts.Count == 0 || first + parts.Count > words.Count || (best is { } b && b.Item2 >= parts.Count))
                    continue;
                var same = true;
                for (var k = 0; k < parts.Count; k++)
                    same &= words[first + k].Text == parts[k].Text && (k == 0 || !words[first + k].AfterStop);
                if (same)
                    best = (partner, parts.Count);
            }
        }
        return best;
    }

    // "a two stripe blue belt, bigger than me": up to the end of the sentence or to the first who acts.
    private (Belt? Belt, RelativeSize? Size, int Last) Described(int from, int last)
    {
        Belt? belt = null;
        RelativeSize? size = null;
        for (var i = from; i < Math.Min(words.Count, from + 16) && (i == from && from <= last || !words[i].AfterStop); i++)
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
                var much =
                    i > 0
                    && (Much.Contains(words[i - 1].Text) || (i > 1 && words[i - 1].Text is "lot" or "bit" && words[i - 2].Text == "whole"));
                size =
                    !much ? beside
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
}
