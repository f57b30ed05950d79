using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What the words of a fear name: <c>Oak's guillotine when I shoot a double leg</c>.</summary>
/// <param name="Partner">Who is named in it, by id; null where nobody is.</param>
/// <param name="Move">What they do; null where no move is named.</param>
/// <param name="Place">Where it happens, where no move is named.</param>
/// <param name="Mine">What I do when it comes; null where nothing of mine is named.</param>
public sealed record ToldFear(string? Partner, MoveId? Move, PlaceId? Place, MoveId? Mine)
{
    // What they do is named before what brings it.
    private const string Brings = " when i ";
    private static readonly string[] Theirs = ["their", "his", "her"];

    /// <summary>Reads the words.</summary>
    /// <param name="text">The words.</param>
    /// <param name="book">The names of moves and places.</param>
    /// <param name="partners">Who may be named.</param>
    public static ToldFear Of(string text, Phrasebook book, IEnumerable<Partner> partners)
    {
        var split = text.IndexOf(Brings, StringComparison.OrdinalIgnoreCase);
        var theirs = RollReader.Read(split < 0 ? text : text[..split], book).Mentions;
        var mine = split < 0 ? [] : RollReader.Read(text[split..], book).Mentions;
        var move = First(theirs, MentionKind.Move);
        return new ToldFear(
            partners.FirstOrDefault(p => NameSwap.Forgetting(p, book.Vocabulary.IsTerm).IsIn(text))?.Id,
            MoveId.Of(move),
            move is null && theirs.FirstOrDefault(m => m.Kind == MentionKind.Place) is { } named
                ? Where(named, text, book.Vocabulary)
                : null,
            MoveId.Of(First(mine, MentionKind.Move))
        );
    }

    // A guard that is feared is mine, and a pin theirs, unless it says otherwise.
    private static PlaceId Where(Mention named, string text, MatVocabulary vocabulary)
    {
        var id = new PlaceId(named.Id);
        if (vocabulary.Place(id) is not { Role: not Role.Neutral } place)
            return id;
        bool Stands(string owner) => text[..named.Start].EndsWith($" {owner} ", StringComparison.OrdinalIgnoreCase);
        var mine = Stands("my") || (place.IsGuard && !Theirs.Any(Stands));
        return place.IsMine == mine ? id : place.Mirror.Id;
    }

    private static string? First(IEnumerable<Mention> mentions, MentionKind kind) => mentions.FirstOrDefault(m => m.Kind == kind)?.Id;
}
