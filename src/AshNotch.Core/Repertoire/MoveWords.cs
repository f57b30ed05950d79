using System.Globalization;
using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Repertoire;

/// <summary>What a move really does, in sentences.</summary>
public static class MoveWords
{
    /// <summary>Tries and what came of them: <c>Came off 4 times in 11 tries, likely between 0.20 and 0.55; 3 near.</c></summary>
    public static string Counts(MoveSheet sheet)
    {
        if (sheet.All.Tried == 0)
            return sheet.Given > 0 ? $"Only let happen, {Times(sheet.Given)}." : $"Only threatened, {Times(sheet.Threatened)}.";
        var (low, high) = sheet.All.Range;
        var more = new[]
        {
            sheet.Taps > 0 ? $"{Times(sheet.Taps)} a tap" : null,
            sheet.Near > 0 ? $"{sheet.Near} near" : null,
            sheet.Given > 0 ? $"let happen {Times(sheet.Given)} besides" : null,
            sheet.Threatened > 0 ? $"threatened {Times(sheet.Threatened)} besides" : null,
        };
        var tail = string.Join(", ", more.OfType<string>());
        return string.Create(
                CultureInfo.InvariantCulture,
                $"{(sheet.All.Landed == 0 ? "Never came off" : $"Came off {Times(sheet.All.Landed)}")} in {Tries(sheet.All.Tried)}, likely {low:0.00} to {high:0.00} of the time"
            ) + (tail.Length > 0 ? $"; {tail}." : ".");
    }

    /// <summary>What a try is worth; null under a handful of tries.</summary>
    public static string? Worth(MoveSheet sheet, Aim aim) =>
        sheet.Worth is not { } worth || sheet.All.Tried < Contrast.Handful
            ? null
            : string.Create(
                CultureInfo.InvariantCulture,
                $"A try is worth {Signed(worth.Mean)} {Reward.Unit(aim).Split(' ')[0]} to you, likely between {Signed(worth.Low)} and {Signed(worth.High)}, those that failed included."
            );

    /// <summary>How it goes lately against before; null where nothing can be said.</summary>
    public static string? Lately(MoveSheet sheet)
    {
        var contrast = new Contrast(sheet.Lately.Landed, sheet.Lately.Tried, sheet.Before.Landed, sheet.Before.Tried);
        if (sheet.Lately.Tried < Contrast.Handful || sheet.Before.Tried < Contrast.Handful)
            return null;
        var how =
            contrast.FirstMore ? "more often than before"
            : contrast.OtherMore ? "less often than before"
            : "about as often as before";
        var (late, before) = (sheet.Lately, sheet.Before);
        return $"In the last eight weeks {late.Landed} of {late.Tried}, before {before.Landed} of {before.Tried}: {how}.";
    }

    /// <summary>What a miss exposes; null under a handful of misses.</summary>
    public static string? Exposes(MoveSheet sheet)
    {
        if (sheet.Exposes is not { } exposed)
            return null;
        var (me, they) = sheet.By == Who.Me ? ("you miss", "they land") : ("they miss", "you land");
        var what =
            exposed.What.Count == 0 ? "" : $": {string.Join(", ", exposed.What.Take(3).Select(w => $"{w.Key} {Times(w.Came.Landed)}"))}";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"Of the {exposed.Misses} times {me}, {they} something within two steps {Times(exposed.Landed)}{what}; as a rule it would be {exposed.Usual:0.#}."
        );
    }

    /// <summary>How often it failed for want of a grip.</summary>
    public static string Grips(MoveSheet sheet) =>
        $"The grip was lost or not got {Times(sheet.GripsLost)} of the {sheet.All.Tried - sheet.All.Landed} that failed.";

    /// <summary>On which side: <c>on the left 4 of 6, on the right never in 2 tries</c>; null where no side was told.</summary>
    public static string? Sides(MoveSheet sheet) =>
        sheet.Sides.Count == 0
            ? null
            : string.Join(
                ", ",
                sheet.Sides.Select(s =>
                    Term.TryRead<BodySide>(s.Key, out var side) ? $"{WayWords.SaySide(side)} {s.Came.Landed} of {s.Came.Tried}" : s.Key
                )
            );

    /// <summary>A pair in a sentence.</summary>
    public static string Of(Opening pair, Who by, MatVocabulary vocabulary)
    {
        var name = vocabulary.MoveName(pair.Move);
        var (your, who) = by == Who.Me ? ("your", "you") : ("their", "they");
        var after = pair.After switch
        {
            { Given: true, Move: { } move } => $"After {who} let the {vocabulary.MoveName(move)} happen",
            { Given: true, To: { } to } => $"After {who} let {vocabulary.SayPlace(to)} happen",
            { Move: { } move } => $"After {your} {vocabulary.MoveName(move)}, whatever came of it,",
            _ => "After that",
        };
        var odds = double.IsInfinity(pair.Odds)
            ? "; otherwise it never does from there"
            : string.Create(
                CultureInfo.InvariantCulture,
                $"; the odds are {Factor(pair.Odds)} times, likely {Factor(pair.Low)} to {Factor(pair.High)}"
            );
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{after} {your} {name} came off within two steps {Times(pair.Came)} in {pair.Tries}, where {pair.Usual:0.#} would be usual{odds}."
        );
    }

    /// <summary>A habit in a sentence.</summary>
    public static string Of(Habit habit, MoveId move, Who by, MatVocabulary vocabulary) =>
        $"When {habit.After}, {(by == Who.Me ? "you" : "they")} answer with the {vocabulary.MoveName(move)}: {habit.Did} of {habit.Times}.";

    private static string Factor(double odds) => odds.ToString(odds < 9.5 ? "0.0" : "0", CultureInfo.InvariantCulture);

    private static string Signed(double value) => value.ToString("+0.00;-0.00;0.00", CultureInfo.InvariantCulture);

    private static string Tries(int count) => count == 1 ? "one try" : string.Create(CultureInfo.InvariantCulture, $"{count} tries");
}
