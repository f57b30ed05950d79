using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Effort;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Choosing;

/// <summary>Proposes what to work on, by greedy joint gain.</summary>
public static class Proposing
{
    /// <summary>A set has at most so many.</summary>
    public const int Most = 3;

    private const int Sets = 3;
    private const int Pool = 16;
    private const int Shown = 8;
    private const int Draws = 100;

    // One more focus takes its share of the minutes: it must bring at least this part of what the first brings. The authors' judgement.
    private const double WorthMinutes = 0.3;

    // What was drilled until then is left to its refreshers.
    private const int LatelyDays = 42;

    // With less than this of what it would bring alone, it is said that most of it comes with the others.
    private const double Overlaps = 0.6;

    /// <summary>Proposes up to three sets for a block that begins on a day.</summary>
    /// <param name="experience">What the log taught.</param>
    /// <param name="ranking">Its ranking under the same goal.</param>
    /// <param name="goal">What the practitioner wants of a roll.</param>
    /// <param name="week">When and how they train.</param>
    /// <param name="drilled">What was drilled before.</param>
    /// <param name="start">The first day.</param>
    /// <param name="efforts">What an hour of drilling is worth; until enough blocks speak, sets are ranked by gain alone.</param>
    public static Proposal Of(
        Experience experience,
        WeakSpots ranking,
        Goal goal,
        MyWeek week,
        IReadOnlyList<Drilled> drilled,
        DateOnly start,
        Efforts? efforts = null
    )
    {
        efforts ??= Efforts.None;
        var vocabulary = experience.Vocabulary;
        if (ranking.Rolls == 0)
            return Proposal.Nothing("Nothing is logged yet, so there is nothing to choose from. Tell a few rolls first.");
        var ruled = ranking
            .Spots.Select(s => (s.Way, Why: WhyNot(s.Way, experience.Log.Practitioner, week, drilled, start, vocabulary)))
            .Where(s => s.Why is not null)
            .ToDictionary(s => s.Way, s => s.Why!);
        var open = ranking.Spots.Where(s => !ruled.ContainsKey(s.Way)).ToList();
        var known = open.Where(s => s.List != SpotList.FindOut).Take(Pool).ToList();
        if (known.Count == 0)
            return FindOut(open, ruled, ranking, vocabulary);
        var gains = new JointGains(experience.Model, Reward.Of(goal, vocabulary, experience.Model.Shape), Skill.Against.Usual, Draws);
        var ways = known.ConvertAll(s => s.Way);
        var spots = known.ToDictionary(s => s.Way);
        var sets = new List<FocusSet>();
        while (sets.Count < Sets && ways.Count > 0)
        {
            // After the first set its main focus is left out, so that the next is another choice and not the same in another order; the
            // third leads with the other side's move: to stop theirs, or to land mine.
            var other = sets.Count < Sets - 1 ? null : ways.Find(w => w.By != sets[0].Focuses[0].Way.By);
            var chosen = Greedy(gains, other, ways, Most, w => PerHour.Weight(w, efforts, vocabulary));
            if (chosen.Count == 0)
                break;
            sets.Add(Set(gains, chosen, spots, experience, goal.Aim, efforts));
            ways.Remove(chosen[0]);
        }
        return new Proposal(sets, Behind(gains, sets[0], ranking, ruled, goal.Aim, vocabulary), null, EffortWords.Of(efforts));
    }

    /// <summary>
    /// The exchanges of a set, one after the other: each time the one that brings most beyond those chosen, as long as it is worth its minutes.
    /// </summary>
    /// <param name="gains">What sets bring.</param>
    /// <param name="first">The main one; null for the best.</param>
    /// <param name="from">What there is to choose from.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="weigh">What the gain of each is multiplied by, such as how far an hour moves it; null for all the same.</param>
    public static IReadOnlyList<Way> Greedy(
        JointGains gains,
        Way? first,
        IReadOnlyList<Way> from,
        int most,
        Func<Way, double>? weigh = null
    )
    {
        weigh ??= static _ => 1;
        var chosen = new List<Way>();
        if (first is not null)
            chosen.Add(first);
        var least = first is null ? 0 : WorthMinutes * weigh(first) * gains.Beyond([], [first])[0];
        while (chosen.Count < Math.Min(most, from.Count))
        {
            var left = from.Except(chosen).ToList();
            var more = gains.Beyond(chosen, left).Select((gain, i) => gain * weigh(left[i])).ToArray();
            if (more.Length == 0 || more.Max() is var best && (best <= 0 || best < least))
                break;
            chosen.Add(left[Array.IndexOf(more, best)]);
            least = chosen.Count == 1 ? WorthMinutes * best : least;
        }
        return chosen;
    }

    private static FocusSet Set(
        JointGains gains,
        IReadOnlyList<Way> chosen,
        Dictionary<Way, WeakSpot> spots,
        Experience experience,
        Aim aim,
        Efforts efforts
    )
    {
        var focuses = new List<ProposedFocus>();
        var before = new double[gains.Of([]).Length];
        for (var i = 0; i < chosen.Count; i++)
        {
            var together = gains.Of([.. chosen.Take(i + 1)]);
            var alone = together.Zip(before, (a, b) => a - b).ToArray();
            var (mean, low, high) = Quantiles.Of(alone);
            before = together;
            var way = chosen[i] with { Side = WorseSide.Of(chosen[i], experience) };
            focuses.Add(
                new ProposedFocus(
                    way,
                    mean,
                    low,
                    high,
                    false,
                    WayWords.AsWork(way, experience.Vocabulary),
                    Why(spots[chosen[i]], mean, i, aim),
                    efforts.Speak ? PerHour.Of(alone, efforts.Of(chosen[i], experience.Vocabulary), aim) : null
                )
            );
        }
        var whole = Quantiles.Of(before);
        var say = string.Create(
            CultureInfo.InvariantCulture,
            $"{(focuses.Count == 1 ? "This alone" : "Together")}: {Saying.Gain(whole.Mean, aim)}, likely between {whole.Low:0.0} and {whole.High:0.0}."
        );
        return new FocusSet(focuses, whole.Mean, whole.Low, whole.High, say);
    }

    private static string Why(WeakSpot spot, double mean, int place, Aim aim)
    {
        var counts = spot.Way.By == Who.Me ? $"It came off {spot.Count} of {spot.Attempts} times" : $"It happened {spot.Count} times";
        var better = spot.Way.By == Who.Me ? "twice as many" : "half of those stopped";
        return place == 0
            ? $"{counts}; {better}: {Saying.Gain(mean, aim)}."
            : $"{counts}; {better}, beside what stands before it: {Saying.Gain(mean, aim)} on top.";
    }

    private static Proposal FindOut(List<WeakSpot> open, Dictionary<Way, string> ruled, WeakSpots ranking, MatVocabulary vocabulary)
    {
        var behind = ranking.Spots.Where(s => ruled.ContainsKey(s.Way)).Take(Shown).Select(s => Left(s, ruled[s.Way], vocabulary)).ToList();
        if (open.Count == 0)
            return Proposal.Nothing(
                behind.Count == 0
                    ? "Nothing that happened in your rolls says what to drill yet. Tell more of what was tried, what was stopped too."
                    : "Everything that your rolls speak of is ruled out for now; the reasons stand below.",
                behind
            );
        var first = open[0];
        var focus = new ProposedFocus(
            first.Way,
            first.GainPerRoll,
            first.Low,
            first.High,
            true,
            WayWords.AsWork(first.Way, vocabulary),
            $"Seen only {first.Attempts} times: start rounds there and write down what comes, before you choose to change it."
        );
        var why = $"Nothing was seen often enough to choose. Find out first what happens {vocabulary.SayIn(first.Way.From)}.";
        return new Proposal([new FocusSet([focus], first.GainPerRoll, first.Low, first.High, why)], behind, null);
    }

    private static List<LeftBehind> Behind(
        JointGains gains,
        FocusSet first,
        WeakSpots ranking,
        Dictionary<Way, string> ruled,
        Aim aim,
        MatVocabulary vocabulary
    )
    {
        var chosen = first.Focuses.Select(f => f.Way.OnBothSides()).ToList();
        var shown = ranking.Spots.Where(s => !chosen.Contains(s.Way)).Take(Shown).ToList();
        var beyond = gains.Beyond(chosen, [.. shown.Select(s => s.Way)]);
        return
        [
            .. shown.Select(
                (s, i) =>
                    Left(
                        s,
                        ruled.TryGetValue(s.Way, out var why) ? why
                            : s.List == SpotList.FindOut ? $"it was seen only {s.Attempts} times; find out first"
                            : beyond[i] < Overlaps * s.GainPerRoll
                                ? $"most of it comes with the focus: {Saying.Gain(s.GainPerRoll, aim)} alone, "
                                    + $"{Saying.Gain(beyond[i], aim)} beside it"
                            : $"it brings less: {Saying.Gain(s.GainPerRoll, aim)}",
                        vocabulary
                    )
            ),
        ];
    }

    private static LeftBehind Left(WeakSpot spot, string why, MatVocabulary vocabulary) =>
        new(spot.Way, WayWords.Of(spot.Way, spot.To, vocabulary), char.ToUpperInvariant(why[0]) + why[1..] + ".");

    private static string? WhyNot(
        Way way,
        Practitioner practitioner,
        MyWeek week,
        IReadOnlyList<Drilled> drilled,
        DateOnly start,
        MatVocabulary vocabulary
    ) =>
        RuledOut.Why(way, practitioner, week, vocabulary)
        ?? (
            drilled.LastOrDefault(d => d.Way.OnBothSides() == way) is { } lately && start.DayNumber - lately.Until.DayNumber < LatelyDays
                ? string.Create(CultureInfo.InvariantCulture, $"it was drilled until {lately.Until:d MMMM}; let it settle, and refresh it")
                : null
        );
}
