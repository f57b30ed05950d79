using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>A way out of a place: whose move, which, and where to.</summary>
/// <param name="By">Whose move.</param>
/// <param name="Move">The move, or null where nobody named it.</param>
/// <param name="To">The place reached, seen from me; null is a tap.</param>
public readonly record struct ExitKey(Who By, string? Move, string? To);

/// <summary>
/// The built-in idea of what usually leads where, for a first week without data. It is the authors' judgement, not measured data, and
/// counts for about four observations a place.
/// </summary>
public sealed class Book
{
    /// <summary>How many observations the book is worth.</summary>
    public const double Weight = 4;

    private readonly Dictionary<string, Dictionary<ExitKey, double>> exits = [];
    private readonly MatVocabulary vocabulary;

    private Book(MatVocabulary vocabulary) => this.vocabulary = vocabulary;

    /// <summary>The book of a vocabulary: at each place, the moves that usually start there, in proportion to how common they are.</summary>
    public static Book Of(MatVocabulary vocabulary)
    {
        var book = new Book(vocabulary);
        foreach (var move in vocabulary.Moves)
        {
            if (move.To is null && !move.IsSubmission)
                continue;
            foreach (var from in move.From)
            {
                foreach (var by in (Who[])[Who.Me, Who.Partner])
                {
                    var place = vocabulary.Seen(from, by);
                    if (!book.exits.TryGetValue(place, out var here))
                        book.exits[place] = here = [];
                    here[new ExitKey(by, move.Id, move.To is null ? null : vocabulary.Seen(move.To, by))] =
                        move.Common * (move.IsSubmission ? Finishes(vocabulary.Place(from)!) : 1);
                }
            }
        }
        foreach (var here in book.exits.Values)
        {
            foreach (var by in (Who[])[Who.Me, Who.Partner])
            {
                var total = here.Where(e => e.Key.By == by).Sum(e => e.Value);
                foreach (var key in here.Keys.Where(k => k.By == by).ToList())
                    here[key] /= total;
            }
        }
        return book;
    }

    /// <summary>Chance that a step from a place is one of mine, or theirs, that lands. Own terms get a middling guess.</summary>
    public double Lands(string place, Who by)
    {
        if (vocabulary.Place(place) is not { } known)
            return 0.2;
        return by == Who.Me ? known.BookMine : known.BookTheirs;
    }

    /// <summary>The usual ways out of a place with their shares, which sum to 1 for each side that has any.</summary>
    public IReadOnlyDictionary<ExitKey, double> Exits(string place) => exits.TryGetValue(place, out var here) ? here : Empty;

    /// <summary>Where exchanges start before anything is logged: on the feet.</summary>
    public static IReadOnlyList<Start> Starts { get; } = [new Start("standing/neutral", 2)];

    /// <summary>Steps in a roll before anything is logged, and for how many rolls that counts.</summary>
    public static (double Steps, double Rolls) Length { get; } = (8, 2);

    private static readonly Dictionary<ExitKey, double> Empty = [];

    // What lands from a guard is mostly a sweep, from the back mostly a finish.
    private static double Finishes(Place place) =>
        place.Position.Family switch
        {
            "back" => 1,
            "pin" or "mount" or "legs" => 0.5,
            _ => 0.2,
        };
}
