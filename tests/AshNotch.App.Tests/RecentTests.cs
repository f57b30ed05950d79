namespace AshNotch.App.Tests;

/// <summary>What is kept of the answers: made once however many ask, and the longest unasked goes first.</summary>
public class RecentTests
{
    [Fact]
    public async Task However_many_ask_at_once_it_is_made_once()
    {
        var recent = new Recent<string, object>(2);
        var made = 0;
        using var go = new ManualResetEventSlim();
        var asked = Enumerable
            .Range(0, 8)
            .Select(_ =>
                Task.Run(() =>
                {
                    go.Wait(TestContext.Current.CancellationToken);
                    return recent.Of(
                        "a",
                        () =>
                        {
                            Interlocked.Increment(ref made);
                            return new object();
                        }
                    );
                })
            )
            .ToArray();
        go.Set();
        var answers = await Task.WhenAll(asked);
        Assert.Equal(1, made);
        Assert.Single(answers.Distinct());
    }

    [Fact]
    public void What_was_not_asked_for_longest_goes_first()
    {
        var recent = new Recent<string, string>(2);
        recent.Of("a", () => "a");
        recent.Of("b", () => "b");
        recent.Of("a", () => "again");
        recent.Of("c", () => "c");
        Assert.Equal(("a", null, "c"), (recent.Known("a"), recent.Known("b"), recent.Known("c")));
    }

    [Fact]
    public void What_failed_is_not_kept()
    {
        var recent = new Recent<string, string>(2);
        Assert.Throws<InvalidOperationException>(() => recent.Of("a", () => throw new InvalidOperationException()));
        Assert.Null(recent.Known("a"));
        Assert.Equal("now", recent.Of("a", () => "now"));
    }
}
