using System.Globalization;
using System.Text;
using AshNotch.App.Views;
using AshNotch.Core.Drilling;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Captions;
using AshNotch.Formats.Json;
using AshNotch.Storage;
using AshNotch.Storage.Importing;

namespace AshNotch.App.Verbs;

/// <summary>The user's data in and out.</summary>
internal static class ImportExport
{
    private const int MostNamed = 20;

    public static int Import(string file, string? data, bool theirs, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ReportOwnTerms(read.OwnTerms, output);
        var directory = data ?? DataDirectory.Own;
        using var store = LogStore.Open(directory);
        var (done, plan) = store.ImportAsPlanned(read.Diary, DateTimeOffset.UtcNow, ImportChoice.AsPlanned with { Theirs = theirs });
        output.Say(done is null ? $"Nothing of it changes {directory}." : $"{done.Summary}, in {directory}.");
        var stays = plan.Rolls.Count(r => r.Standing.IsOpen() && !r.Standing.IsTaken());
        if (stays > 0 && !theirs)
            output.Say(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{stays} rolls were edited or deleted here since and stay as they are; --dry-run says which, --theirs takes the file's."
                )
            );
        return 0;
    }

    public static int Try(string file, string? data, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        var directory = data ?? DataDirectory.Own;
        var (plan, version) = (LogStore.PlanFirstImport(read.Diary), 0L);
        if (File.Exists(Path.Combine(directory, LogStore.FileName)))
        {
            using var store = LogStore.Open(directory);
            (plan, version) = store.PlanImport(read.Diary);
        }
        return output.Json(ImportView.Of(plan, read, "", version, int.MaxValue, vocabulary: null));
    }

    public static int Undo(string? data, Output output)
    {
        using var store = Open(data);
        // What was left of one that was taken back comes after those that were not.
        if (store.Imports().Where(i => i.CanBeUndone).OrderBy(i => i.Undone).FirstOrDefault() is not { } last)
            throw new StorageException("there is no import to take back.");
        var stays = store.UndoImport(last.Key, DateTimeOffset.UtcNow) ?? [];
        output.Say(stays.Count == 0 ? $"Taken back: {last.Summary}." : $"Taken back as far as it goes: {last.Summary}.");
        if (stays.Count == 0)
            return 0;
        output.Say(string.Create(CultureInfo.InvariantCulture, $"{stays.Count} of it stay, and can be tried again:"));
        foreach (var stay in stays.Take(MostNamed))
            output.Say($"  {stay.What} {stay.Id}: {stay.Why}");
        return 0;
    }

    public static int Export(string? data, bool nameless, MatVocabulary vocabulary, Output output)
    {
        if (nameless)
            NamesOut.Write(Read(data), vocabulary, output.Results);
        else
            LogWriter.Write(Read(data), output.Results);
        output.Results.Flush();
        return 0;
    }

    public static int Captions(string? data, string roll, bool nameless, MatVocabulary vocabulary, Output output)
    {
        var log = Read(data).Log;
        var found = log.Roll(roll) ?? throw new StorageException($"there is no roll '{roll}' in that log.");
        var cues = CaptionWriter.Cues(found.Roll, vocabulary);
        var names = NameSwap.Numbering(nameless ? log.Partners : [], vocabulary.IsTerm);
        if (cues.Count == 0)
            output.Say("No notch of that roll has a time, so there are no captions.");
        output.Results.Write(Encoding.UTF8.GetBytes(CaptionWriter.Vtt([.. cues.Select(c => c with { Text = names.In(c.Text) })])));
        output.Results.Flush();
        return 0;
    }

    private static Diary Read(string? data)
    {
        using var store = Open(data);
        return store.Snapshot(null).Diary;
    }

    /// <summary>Opens a log that is there; none is made.</summary>
    public static LogStore Open(string? data)
    {
        var directory = data ?? DataDirectory.Own;
        if (!File.Exists(Path.Combine(directory, LogStore.FileName)) && !LogStore.IsMissing(directory))
            throw new StorageException($"{directory} holds no log; name the directory with --data.");
        return LogStore.Open(directory);
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
