using System.Reflection;
using System.Text.Json;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>
/// What stands in a document of the open form and is no text of the user's: ids, terms, moves and places of ours. Somebody may be called
/// Brown, Ash or Shin; a brown belt, the format's name and shin-to-shin guard are not theirs.
/// </summary>
/// <param name="vocabulary">Our moves and places.</param>
internal sealed class FixedWords(MatVocabulary vocabulary)
{
    private static readonly HashSet<string> Names = ["id", "partner", "partnerId", "format", "rules"];
    private static readonly HashSet<string> Ids = ["move", "moves", "mine", "to", "start", "end", "place"];

    private static readonly ILookup<string, Type> Terms = typeof(FixedWords)
        .Assembly.GetTypes()
        .SelectMany(t => t.GetProperties())
        .Select(p => (Name: JsonNamingPolicy.CamelCase.ConvertName(p.Name), p.GetCustomAttribute<TermOfAttribute>()?.Term))
        .Where(p => p.Term is not null)
        .ToLookup(p => p.Name, p => p.Term!);

    /// <summary>Whether what a field holds is no text.</summary>
    public bool Are(string field, string value) =>
        Names.Contains(field) || IsKnown(value) || Terms[field].Any(t => Term.All(t).Contains(value, StringComparer.Ordinal));

    /// <summary>Whether a field holds the id of a move or a place; where a move is from is a place, whom advice is from is a text.</summary>
    public static bool IsId(string field, string value) =>
        Ids.Contains(field) || field == "from" && value.Contains('/', StringComparison.Ordinal);

    /// <summary>Whether it is a move or a place of ours.</summary>
    public bool IsKnown(string id) =>
        (MoveId.Of(id) is { } move && vocabulary.Move(move) is not null)
        || (PlaceId.Of(id) is { } place && vocabulary.Place(place) is not null);
}
