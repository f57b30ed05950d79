using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>The page of one partner.</summary>
/// <param name="Partner">The partner.</param>
/// <param name="Rolls">How many live rolls we had.</param>
/// <param name="First">The day of the first.</param>
/// <param name="Last">The day of the newest.</param>
/// <param name="Next">The next day I usually train; null where nobody can tell.</param>
/// <param name="LikelyThere">How likely they are there then, in words.</param>
/// <param name="Watch">What to keep in mind, the most worthwhile first.</param>
/// <param name="Learned">What was learned between us.</param>
/// <param name="Changed">What changed in the last four weeks, each a sentence.</param>
/// <param name="They">What they do to me, the most frequent.</param>
/// <param name="Me">What I do to them.</param>
/// <param name="Favourites">Their favourites: sides, what they open, when they come.</param>
/// <param name="Starts">Where exchanges start.</param>
/// <param name="Ends">Where they end without a tap.</param>
/// <param name="Course">Belt and size over time, the newest first; empty where nothing changed.</param>
/// <param name="Months">Month by month, the newest first.</param>
/// <param name="Advice">What they said to me, the newest first.</param>
/// <param name="Newest">Our rolls, the newest first, by id.</param>
public sealed record DossierView(
    PartnerDocument Partner,
    int Rolls,
    DateOnly? First,
    DateOnly? Last,
    DateOnly? Next,
    string? LikelyThere,
    IReadOnlyList<HeedView> Watch,
    IReadOnlyList<DossierView.LearnedView> Learned,
    IReadOnlyList<string> Changed,
    IReadOnlyList<DossierView.BetweenView> They,
    IReadOnlyList<DossierView.BetweenView> Me,
    IReadOnlyList<DossierView.Favourite> Favourites,
    IReadOnlyList<DossierView.PlaceTimes> Starts,
    IReadOnlyList<DossierView.PlaceTimes> Ends,
    IReadOnlyList<DossierView.Then> Course,
    IReadOnlyList<PartnerMonth> Months,
    IReadOnlyList<GivenAdvice> Advice,
    IReadOnlyList<string> Newest
)
{
    /// <summary>It is from before the newest rolls, which are still being learned from.</summary>
    public bool Behind { get; init; }

    /// <summary>Grows with every change of the partner; sent back with one, so that nobody overwrites what they have not seen.</summary>
    public int Version { get; init; }

    private const int MostFavourites = 5;
    private const int MostRolls = 60;
    private const int MostRows = 40;
    private const int MostRollsEach = 12;

    /// <summary>The view of a dossier.</summary>
    public static DossierView Of(Dossier dossier, DateOnly? next, Log log, MatVocabulary vocabulary) =>
        new(
            LogWriter.Document(dossier.Partner),
            dossier.Rolls,
            dossier.First,
            dossier.Last,
            next,
            next is null || dossier.Rolls == 0 ? null : BetweenWords.Likely(dossier.LikelyThere),
            [.. dossier.Watch.Select(h => HeedView.Of(h, vocabulary))],
            [.. dossier.Learned.Select(l => LearnedView.Of(l, dossier.Partner.Name, vocabulary))],
            dossier.Changed,
            [.. dossier.They.Take(MostRows).Select(b => BetweenView.Of(b, dossier.Rolls, vocabulary))],
            [.. dossier.Me.Take(MostRows).Select(b => BetweenView.Of(b, dossier.Rolls, vocabulary))],
            [.. dossier.Theirs.Take(MostFavourites).Select(s => Favourite.Of(s, vocabulary))],
            [.. dossier.Starts.Select(p => PlaceTimes.Of(p, vocabulary))],
            [.. dossier.Ends.Select(p => PlaceTimes.Of(p, vocabulary))],
            dossier.Course.Count < 2 ? [] : [.. dossier.Course.Reverse().Select(Then.Of)],
            [.. dossier.Months.Reverse()],
            dossier.Advice,
            [.. log.Rolls.Where(r => r.Roll.Partner == dossier.Partner.Id).Reverse().Take(MostRolls).Select(r => r.Roll.Id)]
        );

    /// <summary>What one move from one place does between us.</summary>
    /// <param name="Say">What, in words.</param>
    /// <param name="Often">How often a roll, in words.</param>
    /// <param name="Came">How often of the tries, in words.</param>
    /// <param name="Landed">How often it came off.</param>
    /// <param name="Tried">How often it was tried.</param>
    /// <param name="Low">The likely share of tries that come off, from.</param>
    /// <param name="High">To.</param>
    /// <param name="Usual">The share with everybody else; null where nobody else tried it.</param>
    /// <param name="IsMore">Clearly more often a roll than with the others.</param>
    /// <param name="IsLess">Clearly less often.</param>
    /// <param name="Rolls">The newest rolls it came off in.</param>
    public sealed record BetweenView(
        string Say,
        string Often,
        string Came,
        int Landed,
        int Tried,
        double Low,
        double High,
        double? Usual,
        bool IsMore,
        bool IsLess,
        IReadOnlyList<string> Rolls
    )
    {
        /// <summary>The view of an exchange.</summary>
        public static BetweenView Of(Between between, int rolls, MatVocabulary vocabulary) =>
            new(
                BetweenWords.What(between, vocabulary),
                BetweenWords.Often(between, rolls),
                BetweenWords.Came(between),
                between.Came.Landed,
                between.Came.Tried,
                between.Low,
                between.High,
                between.Usual,
                between.IsMore,
                between.IsLess,
                [.. between.Rolls.Take(MostRollsEach)]
            );
    }

    /// <summary>What was learned.</summary>
    /// <param name="By">Who has learned.</param>
    /// <param name="Say">It in words.</param>
    /// <param name="Rolls">The rolls since, the newest first.</param>
    public sealed record LearnedView(Who By, string Say, IReadOnlyList<string> Rolls)
    {
        /// <summary>The view of it.</summary>
        public static LearnedView Of(Learned learned, string name, MatVocabulary vocabulary) =>
            new(learned.By, LearnedWords.Of(learned, name, vocabulary), [.. learned.Rolls.Reverse()]);
    }

    /// <summary>A favourite of theirs.</summary>
    /// <param name="Name">The move.</param>
    /// <param name="Counts">How often, in words.</param>
    /// <param name="Sides">By side, in words; null where none was told.</param>
    /// <param name="Says">What it opens and when it comes, each a sentence.</param>
    /// <param name="Caution">Where it can hurt.</param>
    public sealed record Favourite(string Name, string Counts, string? Sides, IReadOnlyList<string> Says, string? Caution)
    {
        /// <summary>The view of a sheet.</summary>
        public static Favourite Of(MoveSheet sheet, MatVocabulary vocabulary) =>
            new(
                vocabulary.MoveName(sheet.Move),
                MoveWords.Counts(sheet),
                MoveWords.Sides(sheet),
                [
                    .. sheet.Opens.Select(o => MoveWords.Of(o, sheet.By, vocabulary)),
                    .. sheet.Habits.Select(h => MoveWords.Of(h, sheet.Move, sheet.By, vocabulary)),
                ],
                vocabulary.Move(sheet.Move)?.Caution
            );
    }

    /// <summary>How often somewhere.</summary>
    /// <param name="Say">Where.</param>
    /// <param name="Times">How often.</param>
    public sealed record PlaceTimes(string Say, int Times)
    {
        /// <summary>The view of a count.</summary>
        public static PlaceTimes Of(PlaceCount count, MatVocabulary vocabulary) => new(vocabulary.SayPlace(count.Place), count.Times);
    }

    /// <summary>Belt and size from a day on.</summary>
    /// <param name="Since">The day.</param>
    /// <param name="Belt">Belt.</param>
    /// <param name="Stripes">Stripes on it.</param>
    /// <param name="WeightKg">Weight in kilograms.</param>
    /// <param name="Size">Relative size.</param>
    public sealed record Then(DateOnly? Since, Belt? Belt, int? Stripes, double? WeightKg, RelativeSize? Size)
    {
        /// <summary>The view of it.</summary>
        public static Then Of(PartnerSince since) => new(since.Since, since.As.Belt, since.As.Stripes, since.As.WeightKg, since.As.Size);
    }
}
