using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>
/// The built-in idea of what usually leads where, for a first week without data. It is the authors' judgement, not measured data, and
/// counts for about four observations a place.
/// </summary>
public sealed class Book
{
    /// <summary>How many observations the book is worth.</summary>
    public const double Weight = 4;

    private readonly Dictionary<PlaceId, Dictionary<ExitKey, double>> exits = [];
    private readonly MatVocabulary vocabulary;

    private Book(MatVocabulary vocabulary) => this.vocabulary = vocabulary;

    /// <summary>The book of a vocabulary: the moves that usually start at each place, in proportion to how common they are.</summary>
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
                    var place = from.SeenBy(by).Id;
                    if (!book.exits.TryGetValue(place, out var here))
                        book.exits[place] = here = [];
                    here[new ExitKey(by, move.Id, move.To?.SeenBy(by).Id)] = move.Common * (move.IsSubmission ? Finishes(from) : 1);
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
    public double Lands(PlaceId place, Who by)
    {
        if (vocabulary.Place(place) is not { } known)
            return 0.2;
        return by == Who.Me ? known.BookMine : known.BookTheirs;
    }

    /// <summary>The usual ways out of a place with their shares, which sum to 1 for each side that has any.</summary>
    public IReadOnlyDictionary<ExitKey, double> Exits(PlaceId place) => exits.TryGetValue(place, out var here) ? here : Empty;

    /// <summary>Where exchanges start before anything is logged: on the feet.</summary>
    public static IReadOnlyList<Start> Starts { get; } = [new Start(PlaceId.Standing, 2)];

    /// <summary>Steps in a roll before anything is logged, and for how many rolls that counts.</summary>
    public static (double Steps, double Rolls) Length { get; } = (8, 2);

    private static readonly Dictionary<ExitKey, double> Empty = [];

    // What lands from a guard is mostly a sweep, from the back mostly a finish.
    private static double Finishes(Place place) =>
        place.Position.Family switch
        {
            Family.Back => 1,
            Family.Pin or Family.Mount or Family.Legs => 0.5,
            _ => 0.2,
        };
}
