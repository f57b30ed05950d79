using System.Globalization;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>Rolls side by side, in words.</summary>
public static class RematchWords
{
    private const int Most = 6;

    // Nearer than so nobody speaks of a gap: a quarter of a belt, a twentieth in weight. The authors' judgement.
    private const double SameBelt = 0.25;
    private const double SameWeight = 0.05;

    /// <summary>What was tried at a place, in one line: <c>Your scissor sweep: stopped, landed</c>.</summary>
    public static string Of(PlaceLine line, MatVocabulary vocabulary)
    {
        var whose = line.By == Who.Me ? "Your" : "Their";
        var what = line.Move is { } move ? vocabulary.MoveName(move) : "way out, not named";
        return $"{whose} {what}: {string.Join(", ", line.Outcomes.Select(Term.Say))}";
    }

    /// <summary>
    /// What was weathered: <c>Under pressure 3 times, weathered 2: their side control and their mount, out by your elbow escape; …</c>; null where
    /// nothing was.
    /// </summary>
    public static string? Weathered(IReadOnlyList<Pressed> spells, MatVocabulary vocabulary)
    {
        if (spells.Count == 0)
            return null;
        var survived = spells.Where(s => s.Out != PressedEnd.Tapped).ToList();
        if (survived.Count == 0)
            return $"Under pressure {Times(spells.Count)}, and tapped.";
        var counts =
            survived.Count == spells.Count ? "weathered" : string.Create(CultureInfo.InvariantCulture, $"weathered {survived.Count}");
        var each = string.Join("; ", survived.Where(s => s.Places.Count > 0).Select(s => Spell(s, vocabulary)).Distinct());
        return $"Under pressure {Times(spells.Count)}, {counts}" + (each.Length == 0 ? "." : $": {each}.");
    }

    /// <summary>A near finish, with its caution: it is told so that it is avoided.</summary>
    public static string Near(Notch notch, MatVocabulary vocabulary)
    {
        var move = vocabulary.Move(notch.Move);
        return $"They nearly had the {vocabulary.MoveName(notch.Move!.Value)}. {move?.Caution}".Trim();
    }

    /// <summary>The gap in level: <c>a belt above you, about 12 kg heavier</c>; null where nothing is known.</summary>
    public static string? Level(Gap gap)
    {
        var belt = gap.Belts switch
        {
            null => null,
            var b when Math.Abs(b.Value) <= SameBelt => "your belt",
            var b => $"{Belts(Math.Abs(b.Value))} {(b > 0 ? "above" : "below")} you",
        };
        var weight = gap.Weight switch
        {
            null => null,
            var w when Math.Abs(w.Value) <= SameWeight => "your weight",
            var w => string.Create(
                CultureInfo.InvariantCulture,
                $"about {100 * Math.Abs(Math.Exp(w.Value) - 1):0}% {(w > 0 ? "heavier" : "lighter")}"
            ),
        };
        return (belt, weight) is (null, null) ? null : string.Join(", ", new[] { belt, weight }.OfType<string>());
    }

    /// <summary>What each changed from one roll to another, and what was answered.</summary>
    internal static IReadOnlyList<string> Changed(List<Happening> first, List<Happening> last, MatVocabulary vocabulary)
    {
        var (before, after) = (Ways(first), Ways(last));
        var said = new List<string>();
        foreach (var (way, came) in before)
        {
            var now = after.GetValueOrDefault(way);
            var (whose, who) = way.By == Who.Partner ? ("their", "You") : ("your", "They");
            var move = $"{whose} {vocabulary.MoveName(way.Move!.Value)} {vocabulary.SayFrom(way.From)}";
            if (came.Landed > 0 && now.Tried > 0 && now.Landed == 0)
                said.Add($"{who} answered {move}: it came off {Times(came.Landed)} in the first, never in {now.Tried} in the last.");
            else if (came.Landed == 0 && now.Landed > 0)
                said.Add($"{Capital(move)} came off in the last ({Times(now.Landed)}), where it was stopped in the first.");
        }
        said.AddRange(
            after
                .Where(a => before.Keys.All(b => b.By != a.Key.By || b.Move != a.Key.Move) && a.Value.Landed > 0)
                .Select(a =>
                    $"New in the last: {(a.Key.By == Who.Me ? "your" : "their")} {vocabulary.MoveName(a.Key.Move!.Value)} {vocabulary.SayFrom(a.Key.From)}."
                )
        );
        said.AddRange(
            before
                .Where(b => b.Value.Landed > 0 && after.Keys.All(a => a.By != b.Key.By || a.Move != b.Key.Move))
                .Select(b =>
                    $"Not in the last: {(b.Key.By == Who.Me ? "your" : "their")} {vocabulary.MoveName(b.Key.Move!.Value)} {vocabulary.SayFrom(b.Key.From)}."
                )
        );
        return [.. said.Take(Most)];
    }

    private static Dictionary<Way, Came> Ways(List<Happening> happened) =>
        happened
            .Where(h => h.IsTry && h.From is not null && h.Notch.Move is not null)
            .GroupBy(h => Way.Of(h.From!.Value, h.Notch.By, h.Notch.Move, null))
            .ToDictionary(g => g.Key, g => Came.Of(g));

    private static string Spell(Pressed spell, MatVocabulary vocabulary)
    {
        var where = string.Join(" and ", spell.Places.Select(vocabulary.SayPlace));
        var how = spell.Out switch
        {
            PressedEnd.Out => spell.By is { } by ? $"out by your {vocabulary.MoveName(by)}" : "you got out",
            PressedEnd.LetGo => "they went on",
            PressedEnd.Clock => "saved by the clock",
            _ => "it was stopped",
        };
        return $"{where}, {how}";
    }

    private static string Belts(double belts) =>
        belts < 0.8 ? "part of a belt"
        : belts < 1.5 ? "a belt"
        : string.Create(CultureInfo.InvariantCulture, $"{Math.Round(belts):0} belts");

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
