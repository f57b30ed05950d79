using System.Globalization;
using System.Text;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Captions;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Verbs;

/// <summary>The user's data in and out.</summary>
internal static class ImportExport
{
    private const int MostNamed = 20;

    public static int Import(string file, string? data, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ReportOwnTerms(read.OwnTerms, output);
        var directory = data ?? DataDirectory.Own;
        using var store = LogStore.Open(directory);
        store.Import(read.Log, DateTimeOffset.UtcNow);
        output.Say(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{read.Log.Rolls.Count()} rolls and {read.Log.Partners.Count} partners are in {directory}."
            )
        );
        return 0;
    }

    public static int Export(string? data, Output output)
    {
        LogWriter.Write(Read(data), output.Results);
        output.Results.Flush();
        return 0;
    }

    public static int Captions(string? data, string roll, MatVocabulary vocabulary, Output output)
    {
        var found = Read(data).Roll(roll) ?? throw new StorageException($"there is no roll '{roll}' in that log.");
        var cues = CaptionWriter.Cues(found.Roll, vocabulary);
        if (cues.Count == 0)
            output.Say("No notch of that roll has a time, so there are no captions.");
        output.Results.Write(Encoding.UTF8.GetBytes(CaptionWriter.Vtt(cues)));
        output.Results.Flush();
        return 0;
    }

    private static Log Read(string? data)
    {
        var directory = data ?? DataDirectory.Own;
        if (!File.Exists(Path.Combine(directory, LogStore.FileName)))
            throw new StorageException($"{directory} holds no log; name the directory with --data.");
        using var store = LogStore.Open(directory);
        return store.Read();
    }

    public static void ReportOwnTerms(IReadOnlyList<string> terms, Output output)
    {
        if (terms.Count == 0)
            return;
        var named = string.Join(", ", terms.Take(MostNamed));
        var more = terms.Count > MostNamed ? string.Create(CultureInfo.InvariantCulture, $" and {terms.Count - MostNamed} more") : "";
        output.Say($"Kept as your own terms, the vocabulary does not know them: {named}{more}.");
    }
}
