using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>
/// The built-in idea of what usually leads where, for a first week without data: the authors' judgement, not measured data. It stands in
/// <c>book.json</c>, which says what its figures mean.
/// </summary>
public sealed class Book
{
    private static readonly BookFile File = BookFile.Shipped;
    private readonly Dictionary<PlaceId, Dictionary<ExitKey, double>> exits = [];
    private readonly Dictionary<PlaceId, (double Mine, double Theirs)> lands = [];

    private Book() { }

    /// <summary>What to keep in mind of the book, for a person to read.</summary>
    public static string Caveat => File.Caveat;

    /// <summary>How many observations the book is worth.</summary>
    public static double Weight => File.Weight;

    /// <summary>The book of a vocabulary: the moves that usually start at each place, in proportion to how common they are.</summary>
    public static Book Of(MatVocabulary vocabulary)
    {
        var book = new Book();
        var leaving = File.Positions.ToDictionary(p => p.Position, p => p.Lands);
        foreach (var place in vocabulary.Places)
        {
            var upper = place.Role is Role.Top or Role.Attacking or Role.Neutral;
            var of = leaving[place.Position.Id];
            book.lands[place.Id] = upper ? (of[0], of[1]) : (of[1], of[0]);
        }
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
                    here[new ExitKey(by, move.Id, move.To?.SeenBy(by).Id)] =
                        move.Common * (move.IsSubmission ? File.FinishesFrom(from.Position.Family) : 1);
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
    public double Lands(PlaceId place, Who by) =>
        !lands.TryGetValue(place, out var known) ? File.OwnTerms
        : by == Who.Me ? known.Mine
        : known.Theirs;

    /// <summary>The usual ways out of a place with their shares, which sum to 1 for each side that has any.</summary>
    public IReadOnlyDictionary<ExitKey, double> Exits(PlaceId place) => exits.TryGetValue(place, out var here) ? here : Empty;

    /// <summary>Where exchanges start before anything is logged.</summary>
    public static IReadOnlyList<Start> Starts { get; } = [.. File.Starts.Select(s => new Start(new PlaceId(s.Place), s.Weight))];

    /// <summary>Steps in a roll before anything is logged, and for how many rolls that counts.</summary>
    public static (double Steps, double Rolls) Length => (File.Length.Steps, File.Length.Rolls);

    private static readonly Dictionary<ExitKey, double> Empty = [];
}
