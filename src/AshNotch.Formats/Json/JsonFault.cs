using System.Globalization;
using System.Text.Json;

namespace AshNotch.Formats.Json;

/// <summary>What the reader of JSON does not take, as a fault with its line and column.</summary>
internal static class JsonFault
{
    /// <summary>Says it.</summary>
    /// <param name="e">What was thrown.</param>
    /// <param name="inFile">Where in the file something stands that stands there in the text that was read.</param>
    /// <param name="under">Path of that text in the file, without what its own begins with.</param>
    public static Fault Of(JsonException e, Func<TextPosition, TextPosition> inFile, Func<string, string>? under = null)
    {
        var path = e.Path is null or "$" ? "" : e.Path.TrimStart('$').TrimStart('.');
        if (under is not null)
            path = under(path);
        var line = "";
        if (e.LineNumber is { } lines)
        {
            var at = inFile(new TextPosition(lines, e.BytePositionInLine ?? 0));
            line = string.Create(CultureInfo.InvariantCulture, $"line {at.Line + 1}, column {at.Column + 1}");
        }
        var what =
            e.InnerException is null && e.Message.Contains("could not be converted", StringComparison.Ordinal)
                ? "has a value of the wrong type."
                : "is not valid JSON here.";
        return new Fault(line, path.Length == 0 ? $"the file {what}" : $"{path} {what}");
    }
}
