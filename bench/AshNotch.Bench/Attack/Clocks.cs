using AshNotch.Core.Rolls;
using AshNotch.Storage;

namespace AshNotch.Bench.Attack;

/// <summary>
/// Two hundred nights with a clock that is wrong in one of ten, by days or by years, forward or back, and with a newest copy damaged now and
/// then: no good night may be without a copy, and none of the last week's may be gone.
/// </summary>
internal static class Clocks
{
    private const int Nights = 200;

    public static bool Run()
    {
        var (without, gone, most) = (0, 0, 0);
        for (var seed = 1; seed <= 5; seed++)
        {
            var directory = Directory.CreateTempSubdirectory("ash-notch-clocks-").FullName;
            var random = new Random(seed);
            using (var store = LogStore.Open(directory))
            {
                var week = new Queue<string>();
                for (var night = 0; night < Nights; night++)
                {
                    var at = new DateTimeOffset(2026, 1, 1, 22, 0, 0, TimeSpan.Zero).AddDays(night);
                    store.SaveRoll(new Session { Id = "s" }, new Roll { Id = $"r{night}" }, at);
                    if (random.Next(10) == 0)
                    {
                        var wrong = at.AddDays(
                            random.Next(3) switch
                            {
                                0 => random.Next(-4400, -1),
                                1 => random.Next(2, 60),
                                _ => 4400,
                            }
                        );
                        store.Upkeep(TimeSpan.Zero, wrong);
                        continue;
                    }
                    store.Upkeep(TimeSpan.Zero, at);
                    var newest = store.Copies();
                    if (newest.LastGood is not { } good || !newest.Current || good.At != at)
                    {
                        without++;
                        continue;
                    }
                    if (random.Next(15) == 0)
                    {
                        File.WriteAllBytes(good.Path, File.ReadAllBytes(good.Path)[..2000]);
                        continue;
                    }
                    week.Enqueue(good.Name);
                    if (week.Count > 4)
                        week.Dequeue();
                    gone += week.Count(name => store.Backups().All(b => b.Name != name));
                }
                most = Math.Max(most, store.Backups().Count);
            }
            Directory.Delete(directory, recursive: true);
        }
        Console.WriteLine(
            $"5 times {Nights} nights, one clock in ten wrong, one copy in fifteen damaged: {without} nights without a copy, {gone} of the "
                + $"last four good ones thinned out, at most {most} copies kept"
        );
        return without == 0 && gone == 0;
    }
}
