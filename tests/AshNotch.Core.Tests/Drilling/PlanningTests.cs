using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Drilling.Rounds;
using AshNotch.Core.Drilling.Week;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Drilling;

/// <summary>A block laid out over sessions.</summary>
public class PlanningTests
{
    private static readonly DateOnly Start = new(2026, 11, 30);
    private static readonly Experience Demo = Experience.Of(DemoTests.Log, MatVocabulary.BuiltIn);
    private static readonly Block Chosen = Block.Of(
        "b",
        Proposing.Of(Demo, WeakSpotRanking.Of(Demo, Aim.Points, Against.Usual), Aim.Points, MyWeek.Of([], 0), [], Start).Sets[0],
        Start,
        4
    );

    private static MyWeek ThreeDays(int minutes = 20) => MyWeek.Of([DayOfWeek.Monday, DayOfWeek.Wednesday, DayOfWeek.Saturday], minutes);

    private static Plan Plan(MyWeek week, Block? block = null, IReadOnlyList<Drilled>? drilled = null, DateOnly? from = null) =>
        Planning.Of(block ?? Chosen, week, drilled ?? [], Demo, from);

    [Fact]
    public void The_minutes_of_the_rounds_are_never_more_than_were_given()
    {
        for (var drilling = 0; drilling <= 40; drilling += 3)
        for (var positional = 0; positional <= 40; positional += 7)
        {
            var week = new MyWeek { Days = [new TrainingDay(DayOfWeek.Monday, null, drilling, positional, positional > 20)] };
            foreach (
                var session in Plan(
                    week,
                    drilled: [new Drilled(new Way(new("mount/top"), Who.Me, new("armbar")), Start.AddDays(-20))]
                ).Sessions
            )
            {
                Assert.Equal(drilling + positional, session.Minutes);
                Assert.InRange(session.Rounds.Sum(r => r.Round.Minutes), 0, session.Minutes);
                Assert.All(session.Rounds.Where(r => r.Round.Rung != Rung.Live), r => Assert.True(r.Round.Minutes >= MyWeek.ShortestRound));
                Assert.Equal(session.Minutes >= MyWeek.ShortestRound, session.Rounds.Count > 0);
            }
        }
    }

    [Fact]
    public void The_same_block_and_week_give_the_same_plan()
    {
        string Written() =>
            string.Join(
                '|',
                Plan(ThreeDays())
                    .Sessions.SelectMany(s => s.Rounds)
                    .Select(r => (r.Focus, r.Round.Minutes, r.Round.Say, string.Join(',', r.With)))
            );
        Assert.Equal(Written(), Written());
    }

    [Fact]
    public void Minutes_go_by_gain_one_focus_a_day_at_first_and_mixed_later()
    {
        var sessions = Plan(ThreeDays()).Sessions;
        Assert.Equal(12, sessions.Count);
        Assert.All(sessions.Take(6), s => Assert.Single(s.Rounds.Select(r => r.Focus).Distinct()));
        Assert.Contains(sessions.Skip(6), s => s.Rounds.Select(r => r.Focus).Distinct().Count() > 1);
        var minutes = sessions.SelectMany(s => s.Rounds).GroupBy(r => r.Focus).ToDictionary(g => g.Key, g => g.Sum(r => r.Round.Minutes));
        var all = (double)minutes.Values.Sum();
        var gains = Chosen.Focuses.Sum(f => f.GainPerRoll!.Value);
        for (var i = 0; i < Chosen.Focuses.Count; i++)
            Assert.InRange(minutes[i] / all - Chosen.Focuses[i].GainPerRoll!.Value / gains, -0.12, 0.12);
    }

    [Fact]
    public void A_focus_goes_up_its_ladder_and_is_carried_into_the_rolls_of_the_day()
    {
        var sessions = Plan(ThreeDays(), Chosen with { Focuses = [Chosen.Focuses[0]] }).Sessions;
        Assert.Equal([Rung.Repetitions, Rung.FromThePlace, Rung.Live], sessions[0].Rounds.Select(r => r.Round.Rung));
        Assert.Contains(sessions[^1].Rounds, r => r.Round.Rung == Rung.OneStepEarlier);
        Assert.All(sessions, s => Assert.Single(s.Rounds, r => r.Round.Rung == Rung.Live));
        var higher = Plan(ThreeDays(), Chosen with { Focuses = [Chosen.Focuses[0] with { Rung = Rung.OneStepEarlier }] });
        Assert.DoesNotContain(higher.Sessions[0].Rounds, r => r.Round.Rung == Rung.Repetitions);
    }

    [Fact]
    public void Days_off_and_the_day_of_the_competition_have_no_session_and_the_week_before_is_lighter()
    {
        var week = ThreeDays() with { DaysOff = [Start], Competition = new Competition(new DateOnly(2026, 12, 16), Attire.Gi, null, null) };
        var sessions = Plan(week).Sessions;
        Assert.DoesNotContain(sessions, s => s.Date == Start || s.Date == week.Competition.Date);
        var last = sessions.Where(s => s.Date is { Month: 12, Day: >= 9 and < 16 }).ToList();
        Assert.Equal(3, last.Count);
        Assert.All(
            last,
            s =>
            {
                Assert.InRange(s.Rounds.Sum(r => r.Round.Minutes), 1, s.Minutes / 2);
                Assert.Contains("last week before", s.Note, StringComparison.Ordinal);
                Assert.DoesNotContain(s.Rounds, r => r.Round.Rung == Rung.OneStepEarlier);
            }
        );
        Assert.Null(sessions[0].Note);
    }

    [Fact]
    public void A_blackout_takes_the_rounds_of_the_day_away()
    {
        var hurt = Plan(ThreeDays() with { Stopped = [Start] }).Sessions[0];
        Assert.Empty(hurt.Rounds);
        Assert.Contains("see a doctor", hurt.Note, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_drilled_before_comes_back_a_week_three_and_seven_weeks_after_it_ended()
    {
        var armbar = new Way(new("mount/top"), Who.Me, new("armbar"));
        var back = Plan(ThreeDays(), Chosen with { End = Start.AddDays(41) }, [new Drilled(armbar, Start.AddDays(-5))])
            .Sessions.Where(s => s.Rounds.Any(r => r.Focus < 0))
            .ToList();
        Assert.Equal([Start.AddDays(2), Start.AddDays(16)], back.Select(s => s.Date));
        Assert.All(back, s => Assert.Equal(armbar, s.Rounds[0].Round.Way));
        var own = new Drilled(Chosen.Focuses[0].Way, Start.AddDays(-5));
        Assert.DoesNotContain(Plan(ThreeDays(), drilled: [own]).Sessions, s => s.Rounds.Any(r => r.Focus < 0));
    }

    [Fact]
    public void Partners_are_neither_too_hard_nor_too_easy_and_usually_there_that_day()
    {
        var with = Plan(ThreeDays()).Sessions.SelectMany(s => s.Rounds.SelectMany(r => r.With.Select(w => (s.Date.DayOfWeek, w)))).ToList();
        Assert.NotEmpty(with);
        Assert.All(
            with,
            p =>
            {
                Assert.InRange(p.w.Chance, 0.3, 0.6);
                Assert.Contains(Demo.Log.Rolls, r => r.Roll.Partner == p.w.Partner && r.Session.Date?.DayOfWeek == p.DayOfWeek);
            }
        );
    }

    [Fact]
    public void Where_there_is_no_plan_it_says_why()
    {
        Assert.Contains("no day to train on", Plan(new MyWeek()).None, StringComparison.Ordinal);
        Assert.Contains("3 minutes", Plan(ThreeDays(2)).None, StringComparison.Ordinal);
        Assert.Contains("ended on 27 December 2026", Plan(ThreeDays(), from: Start.AddDays(60)).None, StringComparison.Ordinal);
        var off = ThreeDays() with { DaysOff = [.. Enumerable.Range(0, 28).Select(d => Start.AddDays(d))] };
        Assert.Contains("Every day of this block is off", Plan(off).None, StringComparison.Ordinal);
        var tomorrow = ThreeDays() with { Competition = new Competition(Start.AddDays(1), Attire.Gi, null, null) };
        Assert.Null(Plan(tomorrow).None);
    }

    [Fact]
    public void Sessions_that_are_past_are_planned_anew_without_blame()
    {
        var rest = Plan(ThreeDays(), from: Start.AddDays(14)).Sessions;
        Assert.Equal(6, rest.Count);
        Assert.Equal(0, rest[0].Rounds[0].Focus);
    }

    [Fact]
    public void The_next_session_is_the_first_of_which_nothing_was_done()
    {
        var plan = Plan(ThreeDays());
        DrilledSession Done(int i) => new("b", plan.Sessions[i].Date, [new DrilledRound(0, Rung.Live, 0, null, [])]);
        Assert.Same(plan.Sessions[0], plan.NextAfter([]));
        Assert.Same(plan.Sessions[1], plan.NextAfter([Done(0), Done(2)]));
        Assert.Null(plan.NextAfter([.. Enumerable.Range(0, plan.Sessions.Count).Select(Done)]));
        var session = plan.Sessions[^1];
        Assert.Equal(session.Rounds.Sum(r => r.Round.Minutes), session.InRounds);
        Assert.Equal(Rung.Live, session.Mission!.Rung);
        Assert.Equal(session.With.Count, session.With.Select(w => w.Partner).Distinct().Count());
        Assert.Equal(session.Rounds[^1].With, session.With.Take(session.Rounds[^1].With.Count));
    }

    [Fact]
    public void A_block_ends_when_it_is_decided_and_takes_three_focuses_at_most()
    {
        Assert.Equal(Start.AddDays(5), Chosen.Decided(Verdict.Keep, Start.AddDays(5)).End);
        Assert.Equal(Start, Chosen.Decided(Verdict.Drop, Start.AddDays(-5)).End);
        Assert.Equal(Chosen.End, Chosen.Decided(Verdict.Keep, Start.AddDays(90)).End);
        Assert.Equal(Start.AddDays(6), Chosen.EndedBefore(Start.AddDays(7))!.End);
        Assert.Null(Chosen.EndedBefore(Start));
        var own = new BlockFocus(new Way(new("mount/top"), Who.Me, new("armbar")), null, null, null, false, "");
        Assert.Null(Chosen.Beside(own, null));
        var one = Chosen with { Focuses = [Chosen.Focuses[0]] };
        Assert.Equal([Chosen.Focuses[0], own], one.Beside(own, null)!.Focuses);
        Assert.Equal("because", Assert.Single(one.Beside(Chosen.Focuses[0], "because")!.Focuses).Why);
    }
}
