using AshNotch.Core.Costs;
using AshNotch.Core.Partners;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>Rolls with one partner side by side.</summary>
/// <param name="Name">The partner.</param>
/// <param name="Rolls">The rolls, the oldest first.</param>
/// <param name="Places">The places lined up.</param>
/// <param name="Changed">What changed from the first to the last, each a sentence.</param>
public sealed record RematchView(
    string Name,
    IReadOnlyList<RematchView.RollBeside> Rolls,
    IReadOnlyList<RematchView.PlaceBeside> Places,
    IReadOnlyList<string> Changed
)
{
    /// <summary>The view of a rematch.</summary>
    public static RematchView Of(Rematch rematch, string name, Log log, PlaceValues values, Func<LoggedRoll, MatchRules> rules)
    {
        var vocabulary = values.Vocabulary;
        return new RematchView(
            name,
            [
                .. rematch.Rolls.Select(
                    (roll, i) =>
                        new RollBeside(
                            RollRow.Of(roll, log, values),
                            RematchWords.Level(rematch.Gaps[i]),
                            ScoreSaid.Of(Ledger.Of(roll.Roll, rules(roll), vocabulary).State),
                            RematchWords.Weathered(rematch.Pressed[i], vocabulary),
                            [.. rematch.Pressed[i].SelectMany(p => p.Near).Select(n => RematchWords.Near(n, vocabulary)).Distinct()]
                        )
                ),
            ],
            [
                .. rematch.Places.Select(p => new PlaceBeside(
                    vocabulary.SayPlace(p.Place),
                    [
                        .. p.Rolls.Select(lines =>
                            lines is null
                                ? null
                                : new CellBeside([.. lines.Select(l => new LineBeside(l.By, RematchWords.Of(l, vocabulary)))])
                        ),
                    ]
                )),
            ],
            rematch.Changed
        );
    }

    /// <summary>One of the rolls.</summary>
    /// <param name="Row">It, with its stick.</param>
    /// <param name="Level">The gap in level; null where nothing is known.</param>
    /// <param name="Score">What it would have come to on points, mine first.</param>
    /// <param name="Weathered">What was weathered; null where nothing was.</param>
    /// <param name="Near">What was nearly finished, each with its caution.</param>
    public sealed record RollBeside(RollRow Row, string? Level, string Score, string? Weathered, IReadOnlyList<string> Near);

    /// <summary>One place.</summary>
    /// <param name="Say">The place.</param>
    /// <param name="Rolls">What was done there in each roll; null where it was not reached.</param>
    public sealed record PlaceBeside(string Say, IReadOnlyList<CellBeside?> Rolls);

    /// <summary>A place in one roll.</summary>
    /// <param name="Lines">What was done there.</param>
    public sealed record CellBeside(IReadOnlyList<LineBeside> Lines);

    /// <summary>What one side did.</summary>
    /// <param name="By">Whose.</param>
    /// <param name="Say">What.</param>
    public sealed record LineBeside(Who By, string Say);
}
