using System.Text.Json;
using System.Text.Json.Serialization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Hands;

/// <summary>The annotated tellings of one hand: a JSON list in the form of <see cref="Telling"/>.</summary>
/// <param name="Name">The name of its file.</param>
/// <param name="Tellings">The tellings.</param>
internal sealed record Hand(string Name, IReadOnlyList<Telling> Tellings)
{
    private static readonly JsonSerializerOptions Form = new()
    {
        PropertyNamingPolicy = JsonNamingPolicy.SnakeCaseLower,
        Converters = { new OneOrMore(), new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower) },
    };

    /// <summary>Reads a file.</summary>
    public static Hand Read(string file) =>
        new(Path.GetFileNameWithoutExtension(file), JsonSerializer.Deserialize<List<Telling>>(System.IO.File.ReadAllText(file), Form)!);

    // "side-control/top" or a list of such.
    private sealed class OneOrMore : JsonConverter<List<string>>
    {
        public override List<string> Read(ref Utf8JsonReader reader, Type type, JsonSerializerOptions options)
        {
            if (reader.TokenType == JsonTokenType.String)
                return [reader.GetString()!];
            var all = new List<string>();
            while (reader.Read() && reader.TokenType != JsonTokenType.EndArray)
                all.Add(reader.GetString()!);
            return all;
        }

        public override void Write(Utf8JsonWriter writer, List<string> value, JsonSerializerOptions options) =>
            throw new NotSupportedException();
    }
}

/// <summary>One telling, with what a person says happened in it.</summary>
internal sealed record Telling(string Id, string Text, TellingTaps Taps, List<TellingExchange> Exchanges, List<string>? NotEvents)
{
    /// <summary>The events, in order.</summary>
    public IEnumerable<TellingEvent> Events => Exchanges.SelectMany(e => e.Events);

    /// <summary>Where some words of it stand.</summary>
    public Span Of(string anchor)
    {
        var at = Text.IndexOf(anchor, StringComparison.Ordinal);
        return new Span(at, at + anchor.Length);
    }
}

/// <summary>How often either tapped.</summary>
internal sealed record TellingTaps(int Me, int Partner);

/// <summary>An exchange.</summary>
internal sealed record TellingExchange(List<TellingEvent> Events);

/// <summary>An event: who, what, where to and with what outcome, where several are as good each of them, and the words it comes from.</summary>
internal sealed record TellingEvent(
    string By,
    List<string>? Move,
    List<string>? To,
    Outcome Outcome,
    string Anchor,
    List<string>? ToAlso,
    List<Outcome>? OutcomeAlso,
    List<string>? AnchorAlso,
    bool Optional
)
{
    /// <summary>All words that tell of it.</summary>
    public IEnumerable<string> Anchors => [Anchor, .. AnchorAlso ?? []];

    /// <summary>Whether somebody may have done it.</summary>
    public bool IsBy(Who who) => By == "any" || By == (who == Who.Me ? "me" : "partner");

    /// <summary>Whether it may be called so.</summary>
    public bool IsMove(string? move) => move is not null && Move?.Contains(move) == true;

    /// <summary>Whether it may have led there.</summary>
    public bool IsTo(string? place) => place is not null && (To?.Contains(place) == true || ToAlso?.Contains(place) == true);

    /// <summary>Whether nothing is said of what it was.</summary>
    public bool IsOpen => Move is null && To is null;

    /// <summary>Whether it may have come out so.</summary>
    public bool IsOutcome(Outcome outcome) => Outcome == outcome || OutcomeAlso?.Contains(outcome) == true;
}
