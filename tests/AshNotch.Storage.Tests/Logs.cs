using System.Text;
using AshNotch.Core.Drilling;
using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage.Importing;

namespace AshNotch.Storage.Tests;

/// <summary>Logs of which nothing is drilled, taken in; and what is kept, as text.</summary>
internal static class Logs
{
    public static Import? Import(this LogStore store, Log log, DateTimeOffset now, ImportChoice? choice = null) =>
        store.Import(Diary.Of(log), now, choice);

    public static (ImportPlan Plan, long Version) PlanImport(this LogStore store, Log log) => store.PlanImport(Diary.Of(log));

    public static Diary ReadDiary(this LogStore store) => store.Snapshot(null).Diary;

    public static string Text(Log log) => Text(Diary.Of(log));

    public static string Text(Diary diary)
    {
        using var stream = new MemoryStream();
        LogWriter.Write(diary, stream);
        return Encoding.UTF8.GetString(stream.ToArray());
    }
}
