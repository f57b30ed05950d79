using AshNotch.App.Verbs;
using AshNotch.Core.Vocabulary;
using AshNotch.Storage;

namespace AshNotch.App.Tests;

/// <summary>The demo is never stale: its days move together.</summary>
public class DemoDataTests
{
    private static List<DateOnly> Days(LogStore store) => [.. store.Read().Sessions.Select(s => s.Date!.Value)];

    [Theory]
    [InlineData(0)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(400)]
    [InlineData(-30)]
    public void Its_last_session_is_within_three_days_whenever_it_is_started_and_every_day_moves_alike(int daysLater)
    {
        var directory = Directory.CreateTempSubdirectory("ash-notch-demo-").FullName;
        var first = new DateTimeOffset(2027, 5, 10, 9, 0, 0, TimeSpan.Zero);
        using (var store = LogStore.Open(directory))
        {
            DemoData.Reset(store, DemoData.File, MatVocabulary.BuiltIn, first);
            var before = Days(store);
            var now = first.AddDays(daysLater);
            DemoData.Freshen(store, now);
            var after = Days(store);
            Assert.InRange(DateOnly.FromDateTime(now.DateTime).DayNumber - after.Max().DayNumber, 0, 3);
            var shift = after[0].DayNumber - before[0].DayNumber;
            Assert.Equal(before.Select(d => d.AddDays(shift)), after);
        }
        Directory.Delete(directory, recursive: true);
    }
}
