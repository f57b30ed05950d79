using AshNotch.Core.Revising;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class RevisingTests
{
    private const string Told = "He knee cut to side control. I escaped to half guard. I hit the old school sweep.";

    private static Roll Kept(string text)
    {
        var read = Trade.Read(text);
        return new Roll
        {
            Id = "r",
            Retelling = text,
            Exchanges = [.. read.Exchanges.Select(e => e.Exchange)],
            Takeaways = read.Takeaways,
            Missed = read.Missed,
            Mission = read.Mission,
        };
    }

    private const string Remembering = Told + "\nMission: stay tight\nMissed: the back was there\nTakeaway: grips";

    [Fact]
    public void What_was_missed_and_set_out_follows_the_words_and_what_the_hand_did()
    {
        var kept = Kept(Remembering);
        var ticked = kept with
        {
            Mission = kept.Mission! with { Checks = [new MissionCheck("elbows", true)] },
            Missed = [.. kept.Missed, new MissedChance("By hand.", null, null)],
        };
        var same = Read(ticked, Remembering + " He swept me.").Roll;
        Assert.Same(ticked.Mission, same.Mission);
        Assert.Equal(["the back was there", "By hand."], same.Missed.Select(m => m.Text));
        var other = Read(
            ticked,
            Remembering.Replace("the back", "the arm", StringComparison.Ordinal).Replace("tight", "loose", StringComparison.Ordinal)
        ).Roll;
        Assert.Equal("stay loose", other.Mission!.Text);
        Assert.Equal(["the arm was there", "By hand."], other.Missed.Select(m => m.Text));
        Assert.Equal(["By hand."], Read(ticked with { Missed = [ticked.Missed[1]] }, Remembering).Roll.Missed.Select(m => m.Text));
        Assert.Null(Read(ticked, Told).Roll.Mission);
        Assert.Equal("by hand", Read(ticked with { Mission = new Mission("by hand", []) }, Told).Roll.Mission!.Text);
    }

    [Fact]
    public void What_is_to_be_remembered_goes_with_its_words_when_a_roll_is_split_and_comes_back_when_joined()
    {
        var split = RollSplit.Before(Kept(Remembering), 0, 2, "r2")!;
        Assert.Empty(split.First.Missed);
        Assert.Equal(["the back was there"], split.Second.Missed.Select(m => m.Text));
        Assert.Equal(["grips"], split.Second.Takeaways.Select(t => t.Text));
        var joined = RollJoin.Of(split.First, split.Second);
        Assert.Equal(["the back was there"], joined.Missed.Select(m => m.Text));
    }

    private static Reread Read(Roll kept, string text, IReadOnlyList<Partner>? partners = null) =>
        Reread.Of(kept, text, Trade.With(null), partners ?? []);

    private static Roll With(Roll roll, int notch, Notch? instead) =>
        roll with
        {
            Exchanges =
            [
                roll.Exchanges[0] with
                {
                    Notches =
                    [
                        .. roll.Exchanges[0]
                            .Notches.SelectMany(
                                (n, i) =>
                                    i != notch ? [n]
                                    : instead is null ? Array.Empty<Notch>()
                                    : [instead]
                            ),
                    ],
                },
                .. roll.Exchanges.Skip(1),
            ],
        };

    private static string Moves(Roll roll) =>
        string.Join(" | ", roll.Exchanges.Select(e => string.Join(' ', e.Notches.Select(n => n.Move?.Value ?? "-"))));

    private static string Marks(Reread reread) =>
        string.Join(
            ' ',
            reread.Steps.Select(s =>
                (
                    s.Change switch
                    {
                        StepChange.New => "+",
                        StepChange.Gone => "-",
                        _ => "=",
                    }
                ) + (s.ByHand ? "!" : "")
            )
        );

    [Fact]
    public void The_same_words_change_nothing()
    {
        var reread = Read(Kept(Told), Told);
        Assert.Equal("= = =", Marks(reread));
        Assert.Equal(Moves(Kept(Told)), Moves(reread.Roll));
    }

    [Theory]
    [InlineData("He swept me twice. He tapped me twice.")]
    [InlineData("He got me three times, armbar, armbar, armbar.")]
    public void Words_that_tell_of_the_same_twice_are_read_anew_as_they_were(string text)
    {
        var reread = Read(Kept(text), text + " Then he stood up.");
        Assert.Equal(Kept(text).Taps(Who.Partner), reread.Roll.Taps(Who.Partner));
    }

    [Fact]
    public void A_sentence_put_in_brings_its_notch_and_nothing_else()
    {
        var reread = Read(Kept(Told), Told.Replace("I hit", "I took the underhook. I hit", StringComparison.Ordinal));
        Assert.Equal("= = + =", Marks(reread));
        Assert.Contains("underhook", Moves(reread.Roll), StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_put_right_stays_when_its_words_do()
    {
        var kept = Kept(Told);
        var swept = kept.Exchanges[0].Notches[2] with { Move = new("hip-bump-sweep") };
        var reread = Read(With(kept, 2, swept), "A six minute round with Oak. " + Told);
        Assert.Equal("= = =!", Marks(reread));
        Assert.EndsWith("hip-bump-sweep", Moves(reread.Roll), StringComparison.Ordinal);
        Assert.Equal(6, reread.Roll.Minutes);
    }

    [Fact]
    public void What_was_put_right_stays_even_when_its_words_are_gone()
    {
        var kept = Kept(Told);
        var swept = kept.Exchanges[0].Notches[2] with { Move = new("hip-bump-sweep") };
        var reread = Read(With(kept, 2, swept), "He knee cut to side control. I escaped to half guard. I bumped him over.");
        Assert.Contains(reread.Roll.Notches, n => n.Move == new MoveId("hip-bump-sweep") && n.Span is null);
        Assert.Contains(reread.Steps, s => s.ByHand && s.Change == StepChange.Same);
    }

    [Fact]
    public void What_was_taken_out_by_hand_does_not_come_back()
    {
        var reread = Read(With(Kept(Told), 1, null), Told + " Then he stood up.");
        Assert.DoesNotContain(reread.Roll.Notches, n => n.Span is { Start: > 28, End: < 52 });
    }

    [Fact]
    public void A_notch_without_words_stays_behind_the_one_it_stood_behind()
    {
        var kept = Kept(Told);
        var frame = new Notch
        {
            By = Who.Me,
            Move = new("underhook"),
            Outcome = Outcome.Landed,
        };
        var roll = kept with
        {
            Exchanges = [kept.Exchanges[0] with { Notches = [kept.Exchanges[0].Notches[0], frame, .. kept.Exchanges[0].Notches.Skip(1)] }],
        };
        var reread = Read(roll, "Five minutes. " + Told);
        Assert.Equal(frame.Move, reread.Roll.Exchanges[0].Notches[1].Move);
        Assert.Equal("= =! = =", Marks(reread));
    }

    [Fact]
    public void A_roll_without_words_keeps_its_exchanges_when_words_come()
    {
        Notch Did(string move) =>
            new()
            {
                By = Who.Me,
                Move = new(move),
                Outcome = Outcome.Landed,
            };
        var tapped = new Exchange
        {
            Start = new("standing/neutral"),
            End = ExchangeEnd.Tap,
            Notches = [Did("guard-pull"), Did("scissor-sweep"), Did("armbar")],
        };
        var roll = new Roll { Id = "r", Exchanges = [tapped, new Exchange { Notches = [Did("underhook")] }] };
        var reread = Read(roll, "He knee cut to side control.");
        Assert.Equal("knee-cut-pass | guard-pull scissor-sweep armbar | underhook", Moves(reread.Roll));
        Assert.Equal(tapped.End, reread.Roll.Exchanges[1].End);
        Assert.Equal(tapped.Start, reread.Roll.Exchanges[1].Start);
    }

    [Fact]
    public void Several_notches_without_words_keep_their_order()
    {
        var kept = Kept(Told);
        Notch Did(string move) =>
            new()
            {
                By = Who.Me,
                Move = new(move),
                Outcome = Outcome.Landed,
            };
        var first = kept.Exchanges[0];
        var roll = kept with
        {
            Exchanges = [first with { Notches = [first.Notches[0], Did("underhook"), Did("cross-face"), .. first.Notches.Skip(1)] }],
        };
        Assert.StartsWith("knee-cut-pass underhook cross-face", Moves(Read(roll, Told + " Time.").Roll), StringComparison.Ordinal);
    }

    [Fact]
    public void A_partner_is_taken_from_the_words_only_where_none_was_known()
    {
        Partner oak = new()
        {
            Id = "oak",
            Name = "Oak",
            Belt = Belt.Purple,
        };
        Partner elm = new() { Id = "elm", Name = "Elm" };
        Assert.Equal("oak", Read(Kept(Told), "Rolled with Oak. " + Told, [oak, elm]).Roll.Partner);
        Assert.Equal(Belt.Purple, Read(Kept(Told), "Rolled with Oak. " + Told, [oak, elm]).Roll.PartnerThen.Belt);
        Assert.Equal("elm", Read(Kept(Told) with { Partner = "elm" }, "Rolled with Oak. " + Told, [oak, elm]).Roll.Partner);
    }

    [Fact]
    public void Words_of_two_rolls_stay_one_and_are_said_to_be_two()
    {
        var reread = Read(Kept(Told), "First was Oak. He passed my guard. Next was Elm. I swept her.");
        Assert.Equal(2, reread.Rolls);
    }

    [Fact]
    public void A_roll_is_split_at_a_notch_and_the_words_go_with_their_notches()
    {
        var kept = Kept(Told) with
        {
            Takeaways = [new Takeaway("late", 0, 0), new Takeaway("good", 0, 2), new Takeaway("drink")],
            Minutes = 6,
        };
        var split = RollSplit.Before(kept, 0, 1, "r2")!;
        Assert.Equal("knee-cut-pass", Moves(split.First));
        Assert.Equal("He knee cut to side control. ", split.First.Retelling);
        Assert.Equal("I escaped to half guard. I hit the old school sweep.", split.Second.Retelling);
        foreach (var notch in split.Second.Notches)
            Assert.Equal(
                Told[
                    kept.Notches.First(n => n.Move == notch.Move).Span!.Value.Start..kept
                        .Notches.First(n => n.Move == notch.Move)
                        .Span!.Value.End
                ],
                split.Second.Retelling![notch.Span!.Value.Start..notch.Span.Value.End]
            );
        Assert.Equal(["late", "drink"], split.First.Takeaways.Select(t => t.Text));
        Assert.Equal(new Takeaway("good", 0, 1), split.Second.Takeaways.Single());
        Assert.Null(split.Second.Minutes);
    }

    [Theory]
    [InlineData(0, 0)]
    [InlineData(0, 3)]
    [InlineData(1, 0)]
    [InlineData(-1, 0)]
    public void A_roll_is_not_split_to_nothing(int exchange, int notch) => Assert.Null(RollSplit.Before(Kept(Told), exchange, notch, "r2"));

    [Fact]
    public void Splitting_and_joining_loses_no_notch_and_no_word()
    {
        foreach (var seed in Enumerable.Range(1, 20))
        {
            foreach (var (_, roll, _) in RandomLogs.Of(seed).Rolls.Take(5))
            {
                foreach (var (exchange, e) in roll.Exchanges.Select((x, i) => (x, i)))
                {
                    for (var n = 0; n < exchange.Notches.Count; n++)
                    {
                        if (RollSplit.Before(roll, e, n, "second") is not { } split)
                            continue;
                        Assert.Equal(roll.Notches, RollJoin.Of(split.First, split.Second).Notches);
                        Assert.NotEmpty(split.First.Notches);
                        Assert.NotEmpty(split.Second.Notches);
                    }
                }
            }
        }
        var kept = Kept(Told);
        var two = RollSplit.Before(kept, 0, 2, "r2")!;
        var one = RollJoin.Of(two.First, two.Second);
        Assert.Equal(Told, one.Retelling);
        Assert.Equal(kept.Notches.Select(n => n.Span), one.Notches.Select(n => n.Span));
    }
}
