using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Tests.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Repertoire;

public class MoveBookTests
{
    private const string Cut = "me knee-cut-pass half-guard/top>side-control/top";

    [Fact]
    public void A_move_is_counted_by_what_came_of_it()
    {
        var sheet = Sheet(
            "knee-cut-pass",
            Book(
                $"{Cut}|me - side-control/top>mount/top",
                $"{Cut} stopped",
                $"{Cut} near",
                $"{Cut} threatened",
                "me knee-cut-pass headquarters/top>side-control/top stopped"
            )
        );
        Assert.Equal((4, 1, 2, 1, 1), (sheet.All.Tried, sheet.All.Landed, sheet.Stopped, sheet.Near, sheet.Threatened));
        Assert.Equal([("half-guard/top", 3, 1), ("headquarters/top", 1, 0)], sheet.From.Select(f => (f.Key, f.Came.Tried, f.Came.Landed)));
        Assert.Equal(
            "Came off once in 4 tries, likely 0.08 to 0.57 of the time; 1 near, threatened once besides.",
            MoveWords.Counts(sheet)
        );
    }

    [Fact]
    public void What_was_let_happen_is_no_try_and_practice_is_left_out()
    {
        var given = Told.Roll(Cut, RollKind.Free);
        given = given with { Exchanges = [given.Exchanges[0] with { Notches = [given.Notches.First() with { Given = Who.Partner }] }] };
        var log = LogOf(given, Told.Roll(Cut, RollKind.Drill));
        var sheet = Sheet("knee-cut-pass", MoveBook.Of(log, Values(log), Goal.Of(Aim.Points), Who.Me));
        Assert.Equal((0, 1), (sheet.All.Tried, sheet.Given));
        Assert.Equal("Only let happen, once.", MoveWords.Counts(sheet));
        Assert.Null(sheet.Worth);
    }

    [Fact]
    public void A_miss_that_is_answered_is_worth_what_the_answer_costs()
    {
        var landed = Sheet("knee-cut-pass", Book(Cut)).Worth!;
        var stopped = Sheet("knee-cut-pass", Book($"{Cut} stopped")).Worth!;
        var countered = Sheet("knee-cut-pass", Book($"{Cut} stopped|partner old-school-sweep half-guard/top>half-guard/bottom")).Worth!;
        Assert.True(landed.Mean > 0);
        Assert.Equal(0, stopped.Mean);
        Assert.True(countered.Mean < 0);
    }

    [Fact]
    public void What_a_miss_exposes_is_held_against_what_is_usual_there()
    {
        string[] misses =
        [
            .. Enumerable.Repeat($"{Cut} stopped|partner old-school-sweep half-guard/top>half-guard/bottom", 4),
            $"{Cut} stopped",
        ];
        string[] others = [.. Enumerable.Repeat("me underhook-pass half-guard/top>side-control/top", 15)];
        var exposed = Sheet("knee-cut-pass", Book([.. misses, .. others])).Exposes!;
        Assert.Equal((5, 4), (exposed.Misses, exposed.Landed));
        // Of 24 steps from half guard on top they landed something in 4; four misses were followed by one step each.
        Assert.Equal(4 * 4.0 / 24, exposed.Usual, 10);
        Assert.Equal(("old school sweep", 4), (exposed.What[0].Key, exposed.What[0].Came.Landed));
        Assert.Null(Sheet("knee-cut-pass", Book(misses[..4])).Exposes);
    }

    [Fact]
    public void A_threat_that_pays_elsewhere_is_found_and_two_moves_from_one_place_are_no_pair()
    {
        const string Threat = "me kimura half-guard/top stopped";
        string[] after = [.. Enumerable.Repeat($"{Threat}|{Cut}", 16), .. Enumerable.Repeat($"{Threat}|{Cut} stopped", 4)];
        string[] bare = [.. Enumerable.Repeat(Cut, 10), .. Enumerable.Repeat($"{Cut} stopped", 40)];
        var pair = Assert.Single(Sheet("kimura", Book([.. after, .. bare])).Opens);
        Assert.Equal(("knee-cut-pass", 20, 16), (pair.Move.Value, pair.Tries, pair.Came));
        // 16 of 20 against 10 of 50: odds of 4 against 1 in 4.
        Assert.Equal(16, pair.Odds, 6);
        Assert.True(pair.Low > 5 && pair.High < 60);
        Assert.Equal(16, pair.Rolls.Count);
        string[] level = [.. Enumerable.Repeat($"{Threat}|{Cut}", 5), .. Enumerable.Repeat($"{Threat}|{Cut} stopped", 15), .. bare];
        Assert.Empty(Sheet("kimura", Book(level)).Opens);
    }

    [Fact]
    public void Nothing_is_said_under_a_handful()
    {
        const string Threat = "me kimura half-guard/top stopped";
        Assert.Empty(Sheet("kimura", Book([.. Enumerable.Repeat($"{Threat}|{Cut}", 4), .. Enumerable.Repeat($"{Cut} stopped", 40)])).Opens);
    }

    [Fact]
    public void What_was_let_have_on_purpose_is_a_set_up_too()
    {
        Roll Given(string then)
        {
            var roll = Told.Roll($"partner - mount/bottom>half-guard/bottom|{then}", RollKind.Free);
            var first = roll.Notches.First() with
            {
                By = Who.Partner,
                From = new("closed-guard/bottom"),
                To = new("half-guard/bottom"),
                Given = Who.Me,
            };
            return roll with { Exchanges = [roll.Exchanges[0] with { Notches = [first, .. roll.Notches.Skip(1)] }] };
        }
        const string Sweep = "me old-school-sweep half-guard/bottom>half-guard/top";
        Roll[] rolls =
        [
            .. Enumerable.Range(0, 16).Select(_ => Given(Sweep)),
            .. Enumerable.Range(0, 3).Select(_ => Given($"{Sweep} stopped")),
            .. Enumerable.Range(0, 50).Select(i => Told.Roll(i < 8 ? Sweep : $"{Sweep} stopped", RollKind.Free)),
        ];
        var log = LogOf(rolls);
        var conceded = Assert.Single(MoveBook.Of(log, Values(log), Goal.Of(Aim.Points), Who.Me).Conceded);
        Assert.Equal(new SetUp(null, new("half-guard/bottom"), true), conceded.After);
        Assert.StartsWith(
            "After you let your half guard happen your old school sweep came off",
            MoveWords.Of(conceded, Who.Me, MatVocabulary.BuiltIn),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_habit_is_what_is_done_again_and_again_after_the_same()
    {
        const string Answered =
            "partner knee-cut-pass half-guard/bottom>side-control/bottom stopped|me insert-knee-shield half-guard/bottom>knee-shield/bottom";
        string[] told =
        [
            .. Enumerable.Repeat(Answered, 6),
            .. Enumerable.Repeat(
                "partner knee-cut-pass half-guard/bottom>side-control/bottom stopped|me hip-escape half-guard/bottom stopped",
                2
            ),
        ];
        var sheet = Sheet("insert-knee-shield", Book(told));
        var habit = Assert.Single(sheet.Habits);
        Assert.Equal((8, 6), (habit.Times, habit.Did));
        Assert.Equal(
            "When they try the knee cut pass from your half guard, you answer with the NAME: 6 of 8.".Replace(
                "NAME",
                MatVocabulary.BuiltIn.MoveName(sheet.Move),
                StringComparison.Ordinal
            ),
            MoveWords.Of(habit, sheet.Move, Who.Me, MatVocabulary.BuiltIn)
        );
    }

    [Fact]
    public void What_is_done_to_me_is_counted_the_same_way()
    {
        var book = Book([.. Enumerable.Repeat("partner knee-cut-pass half-guard/bottom>side-control/bottom", 3)], Who.Partner);
        Assert.Equal((3, 3), (book.Sheets.Single().All.Tried, book.Sheets.Single().All.Landed));
        Assert.Empty(Book(["partner knee-cut-pass half-guard/bottom>side-control/bottom"]).Sheets);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Every_try_came_off_or_did_not_and_the_other_counts_the_same_from_their_side(int seed)
    {
        var log = RandomLogs.Of(seed, 120);
        var goal = Goal.Of(Aim.Finish);
        var mine = MoveBook.Of(log, Values(log), goal, Who.Me).Sheets;
        Assert.All(mine, s => Assert.Equal(s.All.Tried, s.All.Landed + s.Near + s.Stopped));
        Assert.All(mine, s => Assert.Equal(s.All, new Came(s.From.Sum(f => f.Came.Tried), s.From.Sum(f => f.Came.Landed))));
        var mirrored = RandomLogs.Mirrored(log);
        var theirs = MoveBook.Of(mirrored, Values(mirrored), goal, Who.Partner).Sheets;
        Assert.Equal(
            mine.Select(s => (s.Move, s.All, s.Taps, s.Given, s.Opens.Count, s.Exposes?.Landed)),
            theirs.Select(s => (s.Move, s.All, s.Taps, s.Given, s.Opens.Count, s.Exposes?.Landed))
        );
    }

    private static MoveSheet Sheet(string move, MoveBook book) => book.Sheets.Single(s => s.Move.Value == move);

    private static MoveBook Book(params string[] told) => Book(told, Who.Me);

    private static MoveBook Book(string[] told, Who by)
    {
        var log = LogOf([.. told.Select(t => Told.Roll(t, RollKind.Free))]);
        return MoveBook.Of(log, Values(log), Goal.Of(Aim.Points), by);
    }

    private static Log LogOf(params Roll[] rolls) =>
        new()
        {
            Partners = [new Partner { Id = "p", Name = "Oak" }],
            Sessions =
            [
                new Session
                {
                    Id = "s",
                    Date = new DateOnly(2026, 3, 2),
                    Rolls = [.. rolls.Select((r, i) => r with { Id = $"r{i}", Partner = "p" })],
                },
            ],
        };

    private static PlaceValues Values(Log log) => PlaceValues.Of(Experience.Of(log, MatVocabulary.BuiltIn), Goal.Of(Aim.Points));
}
