using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Course;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Reading.Sheets;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>A telling as far as one room of the reader takes it.</summary>
internal static class Rooms
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;
    private static readonly Phrasebook Book = Phrasebook.Of(Vocabulary);

    /// <summary>The words and their clauses.</summary>
    public static (IReadOnlyList<Word> Words, List<Clause> Clauses) Clauses(string text)
    {
        var words = Word.Split(text);
        var people = new HashSet<string> { "oak" };
        var items = new Scanner(words, text, Book.Find(words, people), people, Vocabulary, Book.IsStrange).Items();
        return (words, Parser.Clauses(words, items));
    }

    /// <summary>The claims, clause after clause.</summary>
    public static List<Claim> Claims(string text)
    {
        var (words, clauses) = Clauses(text);
        var claimant = new Claimant(words, Sheet.Of(text));
        return [.. clauses.SelectMany(claimant.Of)];
    }

    /// <summary>The courses of a telling, best first.</summary>
    public static IReadOnlyList<State> Courses(string text) => new Decoder(Vocabulary).Best(Claims(text), default);

    /// <summary>A clause as <c>who verb verb name(of whom) name</c>; a dash where nobody is said to act.</summary>
    public static string Said(Clause clause, IReadOnlyList<Word> words) =>
        string.Join(
            ' ',
            clause
                .Verbs.Select(v =>
                    $"{(v.Not ? "not-" : "")}{(v.Unable ? "cannot-" : "")}{(v.Passive ? "be-" : "")}{words[v.Item.First].Text}"
                )
                .Concat(clause.Names.Select(Said))
                .Prepend(clause.Subject?.ToString().ToLowerInvariant() ?? "-")
        );

    private static string Said(NameUse use) =>
        (use.Not ? "not-" : "")
        + (use.Unable ? "cannot-" : "")
        + (use.Passive ? "be-" : "")
        + (use.Found.Move?.Id.Value ?? use.Found.Position!.Id)
        + ((use.Owner ?? use.By) is { } whose ? $"({whose.ToString().ToLowerInvariant()})" : "");

    /// <summary>The events of the best course as <c>by move outcome</c>.</summary>
    public static string Told(State course) =>
        string.Join(" | ", course.Events.Select(e => $"{Term.Of(e.By)} {e.Move?.Id.Value ?? e.To?.Id.Value ?? "-"} {Term.Of(e.Outcome)}"));
}
