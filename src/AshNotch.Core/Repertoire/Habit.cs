using AshNotch.Core.Costs;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>What somebody does again and again right after the other did something, found by counting.</summary>
/// <param name="After">What the other did, in words.</param>
/// <param name="Times">How often the other did it and something was done next.</param>
/// <param name="Did">How often that was this move.</param>
public sealed record Habit(string After, int Times, int Did)
{
    // So much of the time it is a habit, where it is done far less often otherwise. The authors' judgement.
    private const double Mostly = 0.6;
    private const double Otherwise = 0.5;

    /// <summary>The habits of one side, by move.</summary>
    internal static ILookup<MoveId, Habit> Of(List<Happening[]> exchanges, Who by, MatVocabulary vocabulary)
    {
        List<((PlaceId From, MoveId? Move, PlaceId? To) After, MoveId Did)> answers =
        [
            .. exchanges.SelectMany(e =>
                e.Zip(e.Skip(1))
                    .Where(p => p.First.Notch.By == by.Other() && p.Second.Notch.By == by)
                    .Where(p => p.First.From is not null && p.Second.Notch.Move is not null)
                    .Where(p => p.First.Notch.Move is not null || p.First.CameOff)
                    .Select(p =>
                        ((p.First.From!.Value, p.First.Notch.Move, p.First.CameOff ? p.First.After : null), p.Second.Notch.Move!.Value)
                    )
            ),
        ];
        var often = answers.GroupBy(a => a.Did).ToDictionary(g => g.Key, g => g.Count());
        return answers
            .GroupBy(a => a.After)
            .Where(g => g.Count() >= Contrast.Handful)
            .SelectMany(g =>
                g.GroupBy(a => a.Did)
                    .Where(d => d.Count() >= Contrast.Handful && d.Count() >= Mostly * g.Count())
                    .Where(d => often[d.Key] - d.Count() <= Otherwise * (answers.Count - g.Count()))
                    .Select(d => (d.Key, Habit: new Habit(Said(g.Key, by, vocabulary), g.Count(), d.Count())))
            )
            .OrderByDescending(h => h.Habit.Did)
            .ToLookup(h => h.Key, h => h.Habit);
    }

    private static string Said((PlaceId From, MoveId? Move, PlaceId? To) after, Who by, MatVocabulary vocabulary)
    {
        var who = by == Who.Me ? "they" : "you";
        var what = after.Move is { } move
            ? $"{(after.To is null ? "try" : "land")} the {vocabulary.MoveName(move)}"
            : $"get to {(after.To is { } to ? vocabulary.SayPlace(to) : "")}";
        return $"{who} {what} {vocabulary.SayFrom(after.From)}";
    }
}
