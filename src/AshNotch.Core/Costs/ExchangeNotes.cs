using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Costs;

/// <summary>
/// What else the log says of one move at one place: what a try is worth, what it lays open, and whether side, lateness or intensity make a
/// difference. Nothing is claimed under a handful of tries.
/// </summary>
public static class ExchangeNotes
{
    private const int Early = 2;

    /// <summary>The notes, each a sentence with its counts; none where there is nothing to say.</summary>
    /// <param name="experience">What the log taught.</param>
    /// <param name="values">What places are worth.</param>
    /// <param name="way">The exchange, of a named move.</param>
    public static IReadOnlyList<string> Of(Experience experience, PlaceValues values, Way way)
    {
        var by = way.By;
        var all = Try.From(way.From, experience).ToList();
        var tries = all.Where(t => t.Notch.By == by && t.Notch.Move == way.Move).ToList();
        return
        [
            .. new[]
            {
                Worth(tries, values, by),
                LaysOpen(tries, [.. all.Where(t => t.Notch.By == by && t.Notch.Move != way.Move)], by, experience.Vocabulary),
                Compare(tries, "on the left", t => t.Notch.Side == BodySide.Left, "on the right", t => t.Notch.Side == BodySide.Right),
                Compare(tries, "in the first two rounds", t => t.Order < Early, "later", t => t.Order >= Early),
                Compare(tries, "in light rolls", t => t.Intensity == Intensity.Light, "in hard ones", t => t.Intensity == Intensity.Hard),
            }.OfType<string>(),
        ];
    }

    private static string? Worth(List<Try> tries, PlaceValues values, Who by)
    {
        var changes = tries
            .Select(t => values.Of(Whereabouts.After(t.Notch, t.Notch.From, values.Vocabulary)) - values.Of(t.Notch.From))
            .OfType<double>()
            .ToList();
        if (by != Who.Me || changes.Count < Contrast.Handful)
            return null;
        var unit = Reward.Unit(values.Aim).Split(' ')[0];
        return string.Create(
            CultureInfo.InvariantCulture,
            $"A try, stopped or not, moves the roll by {changes.Average():+0.0;-0.0;0.0} {unit} on average, over {changes.Count} tries."
        );
    }

    private static string? LaysOpen(List<Try> tries, List<Try> others, Who by, MatVocabulary vocabulary)
    {
        if (by != Who.Me || tries.Count < Contrast.Handful)
            return null;
        static bool Answers(Notch n) => n.By == Who.Partner && n.Outcome is Outcome.Landed or Outcome.Tap;
        var answered = tries.Count(t => t.Then.Any(Answers));
        var usual = others.Count(t => t.Then.Any(Answers));
        if (
            answered < 3
            || others.Count < Contrast.Handful
            || Fisher.OneSided(answered, tries.Count, usual, others.Count) > Contrast.Called
        )
            return null;
        var mostly = tries
            .SelectMany(t => t.Then.Where(Answers))
            .Where(n => n.Move is not null)
            .GroupBy(n => n.Move!.Value)
            .OrderByDescending(g => g.Count())
            .Select(g => $", mostly the {vocabulary.MoveName(g.Key)}")
            .FirstOrDefault();
        var often = $"{answered} times in {tries.Count} they land something within two steps{mostly}";
        return $"It lays you open: {often}; after what else you try there {usual} times in {others.Count}.";
    }

    private static string? Compare(List<Try> tries, string one, Func<Try, bool> isOne, string other, Func<Try, bool> isOther)
    {
        var between = Contrast.Between(tries, isOne, isOther);
        return between.FirstMore || between.OtherMore
            ? $"It comes off {between.Came} times in {between.Of} {one}, {between.OtherCame} times in {between.OtherOf} {other}."
            : null;
    }
}
