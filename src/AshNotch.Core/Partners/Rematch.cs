using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>Two rolls or more with one partner, side by side.</summary>
/// <param name="Rolls">The rolls, the oldest first.</param>
/// <param name="Gaps">What belt and weight said of the two in each.</param>
/// <param name="Places">The places of all of them, lined up.</param>
/// <param name="Pressed">What was weathered in each, and what was not.</param>
/// <param name="Changed">What each changed from the first to the last, and what was answered, in sentences.</param>
public sealed record Rematch(
    IReadOnlyList<LoggedRoll> Rolls,
    IReadOnlyList<Gap> Gaps,
    IReadOnlyList<PlaceRow> Places,
    IReadOnlyList<IReadOnlyList<Pressed>> Pressed,
    IReadOnlyList<string> Changed
)
{
    /// <summary>Lays rolls side by side.</summary>
    /// <param name="rolls">Two or more, the oldest first.</param>
    /// <param name="practitioner">Belt and weight over time.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static Rematch Of(IReadOnlyList<LoggedRoll> rolls, Practitioner practitioner, MatVocabulary vocabulary)
    {
        List<List<Happening>> happened =
        [
            .. rolls.Select(r => r.Roll.Exchanges.SelectMany((x, e) => Happening.Of(r, x, e, vocabulary)).ToList()),
        ];
        List<List<PlaceId>> reached = [.. rolls.Select((r, i) => Reached(r, happened[i]))];
        return new Rematch(
            rolls,
            [.. rolls.Select(r => Gap.Of(practitioner, r))],
            [
                .. reached
                    .SelectMany(p => p)
                    .Distinct()
                    .Select(place => new PlaceRow(
                        place,
                        [.. rolls.Select((_, i) => reached[i].Contains(place) ? Lines(happened[i].Where(h => h.From == place)) : null)]
                    )),
            ],
            [.. rolls.Select(r => AshNotch.Core.Partners.Pressed.Of(r, vocabulary))],
            RematchWords.Changed(happened[0], happened[^1], vocabulary)
        );
    }

    private static List<PlaceId> Reached(LoggedRoll roll, List<Happening> happened) =>
        [
            .. roll
                .Roll.Exchanges.Select(Whereabouts.StartOf)
                .Take(1)
                .Concat(happened.SelectMany(h => new[] { h.From, h.After }))
                .Concat(roll.Roll.Exchanges.Select(Whereabouts.StartOf))
                .OfType<PlaceId>()
                .Distinct(),
        ];

    private static List<PlaceLine> Lines(IEnumerable<Happening> here) =>
        [
            .. here.GroupBy(h => (h.Notch.By, h.Notch.Move))
                .Select(g => new PlaceLine(g.Key.By, g.Key.Move, [.. g.Select(h => h.Notch.Outcome)])),
        ];
}
