using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary>Where a verb writes: results to one stream, messages to another.</summary>
/// <param name="Results">Standard output.</param>
/// <param name="Messages">Standard error.</param>
/// <param name="Input">Standard input, for a FILE of <c>-</c>.</param>
public sealed record Output(Stream Results, TextWriter Messages, Stream Input)
{
    private static readonly JsonSerializerOptions Form = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        NewLine = "\n",
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower), new PlaceIdConverter(), new MoveIdConverter() },
    };

    private static readonly JsonWriterOptions Indented = new()
    {
        Indented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        NewLine = "\n",
    };

    /// <summary>Writes a result as JSON and reports success.</summary>
    public int Json<T>(T result)
    {
        JsonSerializer.Serialize(Results, result, Form);
        return End();
    }

    /// <summary>Writes a result of a known form as JSON and reports success.</summary>
    public int Json<T>(T result, JsonTypeInfo<T> form)
    {
        using (var writer = new Utf8JsonWriter(Results, Indented))
            JsonSerializer.Serialize(writer, result, form);
        return End();
    }

    /// <summary>Writes one line for the person at the terminal.</summary>
    public void Say(string message) => Messages.WriteLine(message);

    private int End()
    {
        Results.WriteByte((byte)'\n');
        Results.Flush();
        return 0;
    }

    /// <summary>Opens FILE, or standard input for <c>-</c>.</summary>
    public Stream Open(string file) => file == "-" ? Input : File.OpenRead(file);
}
