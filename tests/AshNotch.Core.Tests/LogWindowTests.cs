using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class LogWindowTests
{
    private static Session On(string id, DateOnly? day, Attire? attire) =>
        new()
        {
            Id = id,
            Date = day,
            Attire = attire,
            Rolls = [new Roll { Id = id + "1", Partner = "oak" }, new Roll { Id = id + "2" }],
        };

    private static readonly Log Kept = new()
    {
        Sessions = [On("a", null, Attire.Gi), On("b", new(2026, 3, 2), Attire.Gi), On("c", new(2026, 3, 9), Attire.NoGi)],
    };

    private static string Ids(LogWindow window) => string.Join(' ', window.Of(Kept).Rolls.Select(r => r.Roll.Id));

    [Fact]
    public void Nothing_asked_leaves_nothing_out() => Assert.Same(Kept, default(LogWindow).Of(Kept));

    [Fact]
    public void Both_days_are_in_and_a_session_without_a_day_is_left_out_where_days_are_asked_for()
    {
        Assert.Equal("b1 b2 c1 c2", Ids(new LogWindow(First: new(2026, 3, 2))));
        Assert.Equal("b1 b2", Ids(new LogWindow(Last: new(2026, 3, 8))));
        Assert.Equal("c1 c2", Ids(new LogWindow(First: new(2026, 3, 9), Last: new(2026, 3, 9))));
    }

    [Fact]
    public void Attire_and_partner_narrow_it_together()
    {
        Assert.Equal("a1 a2 b1 b2", Ids(new LogWindow(Attire.Gi)));
        Assert.Equal("a1 b1 c1", Ids(new LogWindow(Partner: "oak")));
        Assert.Equal("c1", Ids(new LogWindow(Attire.NoGi, Partner: "oak")));
        Assert.Equal("", Ids(new LogWindow(Partner: "elm")));
    }
}
