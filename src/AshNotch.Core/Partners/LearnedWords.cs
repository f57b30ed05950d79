using System.Globalization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>What was learned between two people, said gently and with its counts.</summary>
public static class LearnedWords
{
    /// <summary>
    /// <c>Birch may have learned your scissor sweep from your closed guard: it came off 9 of 14 times, since April 2 of 12; with the others
    /// it holds, 21 of 40. Likely, not certain: about 8 in 10.</c>
    /// </summary>
    /// <param name="learned">What.</param>
    /// <param name="name">The partner's name.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static string Of(Learned learned, string name, MatVocabulary vocabulary)
    {
        var way = learned.Way;
        var move = $"{vocabulary.MoveName(way.Move!.Value)} {vocabulary.SayFrom(way.From)}";
        var who = learned.By == Who.Me ? $"You may have solved {name}'s {move}" : $"{name} may have learned your {move}";
        var (before, lately, others) = (learned.Before, learned.Lately, learned.Elsewhere);
        var since = learned.Since is { } day ? string.Create(CultureInfo.InvariantCulture, $" since {day:d MMMM}") : " since then";
        var elsewhere =
            others.Tried == 0
                ? "nobody else was tried since to compare"
                : $"with the others it came off {others.Landed} of {others.Tried} times since";
        return string.Create(
            CultureInfo.InvariantCulture,
            $"{who}: it came off {before.Landed} of {before.Tried} times, {lately.Landed} of {lately.Tried}{since}; {elsewhere}. {Sure(learned.Chance)}"
        );
    }

    /// <summary>The surest of what was learned, in a word: <c>may have learned your scissor sweep</c>; null where nothing was.</summary>
    public static string? InAWord(IEnumerable<Learned> learned, MatVocabulary vocabulary) =>
        learned.FirstOrDefault() is not { } first ? null
        : first.By == Who.Me ? $"you may have solved their {vocabulary.MoveName(first.Way.Move!.Value)}"
        : $"may have learned your {vocabulary.MoveName(first.Way.Move!.Value)}";

    private static string Sure(double chance) =>
        chance >= 0.95 ? "That is hardly chance."
        : chance >= 0.8 ? "Likely so, though not certain."
        : "It may yet be chance; worth a look.";
}
