using System.Text.Json;
using System.Text.Json.Nodes;
using AshNotch.Core.Drilling;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A document of the open form with other names in it: of texts, of partners, and the spans of a telling that is longer or shorter now.</summary>
public sealed class NamesOut
{
    private const string Partner = "partner";
    private const string Id = "id";
    private const string OwnNames = "ownNames";
    private readonly FixedWords words;
    private readonly NameSwap swap;
    private readonly IReadOnlyDictionary<string, string?> ids;

    /// <summary>With these names, and these ids of partners, each with what stands in its place; null for nobody.</summary>
    private NamesOut(NameSwap swap, IReadOnlyDictionary<string, string?> ids, MatVocabulary vocabulary) =>
        (this.swap, this.ids, words) = (swap, ids, new FixedWords(vocabulary));

    /// <summary>Of a partner who is forgotten: <c>someone</c> stands where their name stood, and nobody where their id did.</summary>
    public static NamesOut Forgetting(Partner partner, MatVocabulary vocabulary) =>
        new(NameSwap.Forgetting(partner, vocabulary.IsTerm), new Dictionary<string, string?> { [partner.Id] = null }, vocabulary);

    /// <summary>Of names with what stands in their place; ids stay, so that what they lead to is found.</summary>
    public static NamesOut Standing(NameSwap swap, MatVocabulary vocabulary) => new(swap, new Dictionary<string, string?>(), vocabulary);

    /// <summary>A whole log without the names of its partners: <c>Partner 1</c>, <c>Partner 2</c> and so on, in the order they are kept.</summary>
    /// <param name="diary">The log.</param>
    /// <param name="vocabulary">What is a word of the trade, too.</param>
    public static JsonNode Of(Diary diary, MatVocabulary vocabulary)
    {
        var partners = diary.Log.Partners;
        var swapping = new NamesOut(
            NameSwap.Numbering(partners, vocabulary.IsTerm),
            partners.Select((p, i) => (p.Id, Stands: $"partner-{i + 1}")).ToDictionary(p => p.Id, p => (string?)p.Stands),
            vocabulary
        );
        var document = JsonSerializer.SerializeToNode(LogWriter.Document(diary), LogJson.Default.LogDocument)!;
        foreach (var (i, partner) in document["partners"]!.AsArray().Index())
        {
            partner!["id"] = $"partner-{i + 1}";
            partner["name"] = NameSwap.Number(i);
            partner.AsObject().Remove("alsoCalled");
        }
        swapping.Swap(document, "");
        return document;
    }

    /// <summary>Writes such a log, as <see cref="LogWriter.Write"/> does one with names.</summary>
    public static void Write(Diary diary, MatVocabulary vocabulary, Stream stream)
    {
        using (var writer = new Utf8JsonWriter(stream, LogJson.Pretty))
            Of(diary, vocabulary).WriteTo(writer);
        stream.WriteByte((byte)'\n');
    }

    /// <summary>The document without the names, as written; null where it held none and nothing changed.</summary>
    public string? In(string document)
    {
        JsonNode? node;
        try
        {
            node = JsonNode.Parse(document);
        }
        catch (JsonException)
        {
            // No document, but a text.
            return swap.IsIn(document) ? swap.In(document) : null;
        }
        if (node is not (JsonObject or JsonArray))
            return swap.IsIn(document) ? swap.In(document) : null;
        return Swap(node, "") ? node.ToJsonString() : null;
    }

    /// <summary>The id of a move or place without the names, of the user's own: <c>rui-pass</c>; null where nothing changes.</summary>
    public string? InId(string id) => words.IsKnown(id) || !swap.IsIn(id) ? null : swap.In(id).ToLowerInvariant().Replace(' ', '-');

    private bool Swap(JsonNode node, string field)
    {
        var changed = false;
        if (node is JsonArray list)
        {
            for (var i = 0; i < list.Count; i++)
            {
                if (Text(list[i]) is { } text)
                    changed |= Put(field, text, swapped => list[i] = swapped);
                else if (list[i] is { } inner)
                    changed |= Swap(inner, field);
            }
        }
        else if (node is JsonObject of)
        {
            Func<int, int>? moved = null;
            if (Text(of["retelling"]) is { } told && swap.IsIn(told))
                moved = swap.Moved(told).Moved;
            foreach (var (name, value) in of.ToList())
            {
                if (name == Partner && Text(value) is { } id && ids.TryGetValue(id, out var stands))
                {
                    of[name] = stands;
                    changed = true;
                }
                else if (Text(value) is { } text)
                    changed |= Put(name == Id && field == OwnNames ? "move" : name, text, swapped => of[name] = swapped);
                else if (value is not null)
                    changed |= Swap(value, name);
            }
            if (moved is not null)
                Move(of, moved);
        }
        return changed;
    }

    private bool Put(string field, string text, Action<string> put)
    {
        if (words.Are(field, text) || !swap.IsIn(text))
            return false;
        put(FixedWords.IsId(field, text) ? InId(text) ?? text : swap.In(text));
        return true;
    }

    // The spans of a roll count characters of its telling.
    private static void Move(JsonNode node, Func<int, int> moved)
    {
        if (node is JsonArray list)
        {
            foreach (var inner in list.OfType<JsonNode>())
                Move(inner, moved);
        }
        else if (node is JsonObject of)
        {
            foreach (var (name, value) in of.ToList())
            {
                if (name == "span" && value is JsonArray { Count: 2 } span)
                    of[name] = new JsonArray(moved((int)span[0]!), moved((int)span[1]!));
                else if (value is not null)
                    Move(value, moved);
            }
        }
    }

    private static string? Text(JsonNode? node) => node is JsonValue value && value.TryGetValue<string>(out var text) ? text : null;
}
