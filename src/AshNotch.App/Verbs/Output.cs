using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
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

    /// <summary>Writes a result as JSON and reports success.</summary>
    public int Json<T>(T result)
    {
        JsonSerializer.Serialize(Results, result, Form);
        Results.WriteByte((byte)'\n');
        Results.Flush();
        return 0;
    }

    /// <summary>Writes one line for the person at the terminal.</summary>
    public void Say(string message) => Messages.WriteLine(message);

    /// <summary>Opens FILE, or standard input for <c>-</c>.</summary>
    public Stream Open(string file) => file == "-" ? Input : File.OpenRead(file);
}
