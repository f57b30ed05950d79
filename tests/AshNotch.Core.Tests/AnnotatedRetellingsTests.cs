using AshNotch.Bench;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>The reader may get better at the annotated retellings, not worse. The floors lie a little under what was measured.</summary>
public class AnnotatedRetellingsTests
{
    private static readonly string Sets = Path.Combine(DemoTests.Folder, "..", "bench", "reading");

    private static ReadingScore Score(string half)
    {
        var score = new ReadingScore();
        foreach (var told in AnnotatedRetelling.ReadFolder(Path.Combine(Sets, half)))
            score.Add(told);
        return score;
    }

    private static double Share(int part, int of) => (double)part / of;

    [Theory]
    [InlineData("tuning")]
    public void The_half_tuned_on_is_read_as_well_as_it_was(string half)
    {
        var score = Score(half);
        Assert.True(score.Retellings >= 40, $"{score.Retellings} retellings");
        Assert.InRange(Share(score.MentionsFound, score.Mentions), 0.93, 1);
        Assert.InRange(Share(score.MentionsFound, score.MentionsRead), 0.83, 1);
        Assert.InRange(Share(score.RolesRight, score.Roles), 0.88, 1);
        Assert.InRange(Share(score.NotchesFound, score.Notches), 0.92, 1);
        Assert.InRange(Share(score.NotchesFound, score.NotchesRead), 0.82, 1);
        Assert.InRange(Share(score.WhoRight, score.NotchesFound), 0.96, 1);
        Assert.InRange(Share(score.AllRight, score.Notches), 0.83, 1);
        Assert.InRange(Share(score.WronglyCounted, score.OnlySaid), 0, 0.07);
    }

    [Fact]
    public void No_retelling_stands_in_both_halves()
    {
        string[] Texts(string half) => [.. AnnotatedRetelling.ReadFolder(Path.Combine(Sets, half)).Select(t => t.Text)];
        Assert.Empty(Texts("tuning").Intersect(Texts("set-aside")));
    }

    // A score that cannot fall is no score: a reading by the wrong one, of the wrong move and of what was only said must each show.
    [Fact]
    public void The_score_sees_what_is_wrong()
    {
        AnnotatedRetelling Marked(string text, params Mark[] marks) => new("f", "t", null, text, marks);
        var right = new ReadingScore();
        right.Add(Marked("I swept him.", new Mark(2, 7, "sweep", Who.Me, Outcome.Landed, null, false)));
        Assert.Equal((1, 1, 1), (right.NotchesFound, right.WhoRight, right.AllRight));

        var who = new ReadingScore();
        who.Add(Marked("I swept him.", new Mark(2, 7, "sweep", Who.Partner, Outcome.Landed, null, false)));
        Assert.Equal((1, 0, 0), (who.NotchesFound, who.WhoRight, who.AllRight));

        var outcome = new ReadingScore();
        outcome.Add(Marked("I swept him.", new Mark(2, 7, "sweep", Who.Me, Outcome.Stopped, null, false)));
        Assert.Equal((1, 0, 0), (outcome.WhoRight, outcome.OutcomeRight, outcome.AllRight));

        var move = new ReadingScore();
        move.Add(Marked("I swept him.", new Mark(2, 7, "armbar", Who.Me, Outcome.Landed, null, false)));
        Assert.Equal((0, 1, 0), (move.MentionsFound, move.MentionsRead, move.AllRight));

        var said = new ReadingScore();
        said.Add(Marked("I swept him.", new Mark(2, 7, "sweep", null, Outcome.Landed, null, true)));
        Assert.Equal((1, 1), (said.OnlySaid, said.WronglyCounted));
    }
}
