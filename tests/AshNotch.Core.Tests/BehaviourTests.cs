using AshNotch.Bench;

namespace AshNotch.Core.Tests;

/// <summary>What the reader must do with every name it knows, whoever acts: nearly all of each capability, generated over the vocabulary.</summary>
public class BehaviourTests
{
    private const double Wanted = 0.98;

    private static readonly Behaviours Behaviours = new(Path.Combine(DemoTests.Folder, "..", "bench", "reading", "behaviours.txt"));

    public static TheoryData<string> Capabilities() => [.. Behaviours.Rows.Select(r => r.Capability).Distinct()];

    [Theory]
    [MemberData(nameof(Capabilities))]
    public void A_capability_holds_over_the_vocabulary(string capability) =>
        Check(Behaviours.Rows.Where(r => r.Capability == capability).SelectMany(Behaviours.Of));

    [Theory]
    [InlineData("without stops and capitals")]
    [InlineData("with fillers")]
    [InlineData("among other sentences")]
    public void The_same_is_read_however_it_was_written(string manner) =>
        Check(Behaviours.Rows.SelectMany(Behaviours.Altered).Where(t => t.Capability == manner).Select(t => (t.Text, t.Expect)));

    private static void Check(IEnumerable<(string Text, IReadOnlyList<string> Expect)> tellings)
    {
        var all = tellings.Select(t => (t.Text, Read: Behaviours.Read(t.Text), t.Expect)).ToList();
        var wrong = all.Where(t => !t.Expect.Contains(t.Read)).ToList();
        Assert.True(all.Count > 50);
        Assert.True(
            wrong.Count <= (1 - Wanted) * all.Count,
            $"{wrong.Count} of {all.Count}, such as {string.Join("\n", wrong.Take(5).Select(w => $"{w.Text} => {w.Read}"))}"
        );
    }
}
