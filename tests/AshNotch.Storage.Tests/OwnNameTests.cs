using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats;
using Microsoft.Data.Sqlite;

namespace AshNotch.Storage.Tests;

public sealed class OwnNameTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 3, 2, 20, 0, 0, TimeSpan.Zero);
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-names-").FullName;

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(directory, recursive: true);
    }

    [Fact]
    public void A_name_is_kept_replaced_whatever_its_capitals_and_dropped()
    {
        using var store = LogStore.Open(directory);
        store.SaveOwnName(new OwnName("Number Five", "half-guard"));
        store.SaveOwnName(new OwnName("number five", "our-five", MoveKind.Sweep));
        Assert.Equal(new OwnName("number five", "our-five", MoveKind.Sweep), Assert.Single(store.Read().OwnNames));
        Assert.True(store.DropOwnName("NUMBER FIVE"));
        Assert.False(store.DropOwnName("number five"));
        Assert.Empty(store.Read().OwnNames);
    }

    [Fact]
    public void More_names_than_can_be_looked_for_are_refused_one_by_one_and_from_a_file_and_nothing_is_kept_of_it()
    {
        using var store = LogStore.Open(directory);
        Log Named(int count) => new() { OwnNames = [.. Enumerable.Range(0, count).Select(i => new OwnName($"name {i}", "mount"))] };
        Assert.Throws<FaultyInputException>(() => store.Import(Named(2_001), Now));
        Assert.Empty(store.Read().OwnNames);
        store.Import(Named(2_000), Now);
        store.SaveOwnName(new OwnName("name 7", "turtle"));
        var refused = Assert.Throws<FaultyInputException>(() => store.SaveOwnName(new OwnName("one more", "mount")));
        Assert.Contains("2,000 names of your own are kept; drop one first", refused.Message, StringComparison.Ordinal);
        Assert.Equal(2_000, store.Read().OwnNames.Count);
    }

    [Fact]
    public void Names_come_in_with_a_log_and_go_when_all_starts_over()
    {
        using var store = LogStore.Open(directory);
        store.SaveOwnName(new OwnName("mine", "mount"));
        store.Import(new Log { OwnNames = [new OwnName("theirs", "turtle")] }, Now);
        Assert.Equal(["mine", "theirs"], store.Read().OwnNames.Select(n => n.Name));
        store.StartOver(Core.Drilling.Diary.Of(new Log()), Now);
        Assert.Empty(store.Read().OwnNames);
    }

    [Fact]
    public void Data_of_the_version_before_is_brought_up_and_loses_nothing()
    {
        using (var script = new StreamReader(typeof(LogStore).Assembly.GetManifestResourceStream("0001_record.sql")!))
            Run(script.ReadToEnd());
        Run(
            "INSERT INTO session (id) VALUES ('s'); INSERT INTO roll (id, session_id, ordinal, notes) VALUES ('r', 's', 0, 'kept'); "
                + "PRAGMA user_version = 1;"
        );
        using var again = LogStore.Open(directory);
        Assert.Equal("before-update-1", Assert.Single(again.Backups()).Kind);
        Assert.Equal("kept", Assert.Single(again.Read().Rolls).Roll.Notes);
        again.SaveOwnName(new OwnName("mine", "mount"));
        Assert.Single(again.Read().OwnNames);
        Assert.Equal("ok", again.CheckIntegrity());
    }

    private void Run(string sql)
    {
        using var connection = new SqliteConnection($"Data Source={Path.Combine(directory, LogStore.FileName)};Pooling=false");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }
}
