using System.Globalization;

namespace AshNotch.App.Tests;

/// <summary>My week, blocks, sessions and what was done, over the network.</summary>
public class PlanApiTests
{
    private static readonly DateOnly Today = DateOnly.FromDateTime(DateTime.Now);

    private static string Day(int after) => Today.AddDays(after).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    // Every day is trained on, so that today is, too.
    private static async Task Train(RunningApp app, string more = "")
    {
        var days = Enum.GetNames<DayOfWeek>().Select(d => $$"""{ "day": "{{d.ToLowerInvariant()}}", "drilling": 10, "positional": 10 }""");
        var (status, _) = await app.Put("/api/plan/week", $$"""{ "days": [{{string.Join(',', days)}}]{{more}} }""");
        Assert.Equal(200, status);
    }

    [Fact]
    public async Task An_area_is_rated_beside_what_the_record_says()
    {
        await using var app = await RunningApp.Start(demo: true);
        Assert.Equal(204, (await app.Put("/api/plan/ratings", $$"""[ { "date": "{{Day(0)}}", "area": "mount", "score": 10 } ]""")).Status);
        var areas = (await app.Get("/api/plan"))["areas"]!.AsArray();
        var mount = Assert.Single(areas, a => (string?)a!["area"] == "mount");
        Assert.Equal((10, "mount"), ((int)mount!["last"]!["score"]!, (string?)mount["say"]));
        Assert.StartsWith("Since ", (string?)mount["record"], StringComparison.Ordinal);
        foreach (
            var (wrong, where) in ((string, string)[])
                [
                    ("""[ { "date": "2026-01-01", "area": "mount", "score": 11 } ]""", "[0].score"),
                    ("""[ { "date": "2026-01-01", "area": "moon", "score": 1 } ]""", "[0].area"),
                    ("""[ { "date": "2026-01-01", "area": "mount" } ]""", "[0].score"),
                    ($$"""[ { "date": "{{Day(1)}}", "area": "mount", "score": 1 } ]""", "date"),
                ]
        )
        {
            var (status, problem) = await app.Put("/api/plan/ratings", wrong);
            Assert.Equal(400, status);
            Assert.NotNull(problem!["errors"]![where]);
        }
    }

    [Fact]
    public async Task A_set_is_chosen_laid_out_done_and_ended()
    {
        await using var app = await RunningApp.Start(demo: true);
        await Train(app);
        var proposal = await app.Get("/api/plan/proposal");
        Assert.Equal(3, proposal["sets"]!.AsArray().Count);
        var (status, begun) = await app.Post("/api/plan/blocks", """{ "set": 1, "weeks": 2, "reason": "rather this" }""");
        Assert.Equal(200, status);
        Assert.Equal((string?)proposal["sets"]![1]!["focuses"]![0]!["say"], (string?)begun!["focuses"]![0]!["say"]);
        var plan = await app.Get("/api/plan");
        Assert.Equal("rather this", (string?)plan["block"]!["block"]!["reason"]);
        Assert.Equal(14, plan["sessions"]!.AsArray().Count);
        Assert.Equal(Day(0), (string?)plan["sessions"]![0]!["date"]);
        Assert.Equal((Day(0), false), ((string?)plan["next"]!["date"], (bool)plan["doneToday"]!));
        Assert.Equal("live", (string?)plan["next"]!["mission"]!["rung"]);

        var id = (string?)plan["block"]!["block"]!["id"];
        for (var day = 0; day < 2; day++)
            Assert.Equal(
                200,
                (
                    await app.Post(
                        "/api/plan/done",
                        $$"""
                        { "block": "{{id}}", "date": "{{Day(day)}}", "rounds": [ { "focus": 0, "rung": "repetitions", "minutes": 10,
                          "starts": { "kept": 9, "lost": 1 }, "checks": [ { "text": "on my side", "met": 4, "of": 5 } ] } ] }
                        """
                    )
                ).Status
            );
        plan = await app.Get("/api/plan");
        Assert.Equal("from-the-place", (string?)plan["block"]!["focuses"]![0]!["rung"]);
        Assert.Equal(2, plan["done"]!.AsArray().Count);
        Assert.Equal((Day(2), true), ((string?)plan["next"]!["date"], (bool)plan["doneToday"]!));
        var (unknown, problem) = await app.Post("/api/plan/done", $$"""{ "block": "none", "date": "{{Day(0)}}" }""");
        Assert.Equal(400, unknown);
        Assert.Contains("is none that there is", problem!.ToJsonString(), StringComparison.Ordinal);

        var review = await app.Get($"/api/plan/blocks/{id}/review");
        Assert.StartsWith(
            "Drilled on 2 days of 2; 2 rounds, 20 minutes; 18 of 20 starts kept",
            (string?)review["done"],
            StringComparison.Ordinal
        );
        Assert.Equal("Nobody was in that place since.", (string?)review["focuses"]![0]!["changed"]);

        await app.Post($"/api/plan/blocks/{id}", """{ "focus": 0, "rung": "live" }""");
        Assert.Equal("live", (string?)(await app.Get("/api/plan"))["block"]!["focuses"]![0]!["rung"]);
        await app.Post($"/api/plan/blocks/{id}", """{ "verdict": "keep" }""");
        plan = await app.Get("/api/plan");
        Assert.Null(plan["block"]);
        Assert.Equal("keep", (string?)plan["past"]![0]!["block"]!["verdict"]);
        Assert.Equal(404, (await app.Post("/api/plan/blocks/none", """{ "verdict": "keep" }""")).Status);
    }

    [Fact]
    public async Task What_was_ended_today_is_left_to_settle_and_two_blocks_say_what_an_hour_is_worth()
    {
        await using var app = await RunningApp.Start(demo: true);
        await app.Post("/api/plan/blocks/knee-cut", """{ "verdict": "keep" }""");
        var proposal = await app.Get("/api/plan/proposal");
        var says = proposal["sets"]!.AsArray().SelectMany(s => s!["focuses"]!.AsArray()).Select(f => (string?)f!["say"]).ToList();
        Assert.NotEmpty(says);
        Assert.DoesNotContain("Stop the knee cut pass from your half guard.", says);
        Assert.Contains("let it settle", proposal["behind"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.StartsWith("Ranked by what an hour of drilling brings.", (string?)proposal["by"], StringComparison.Ordinal);
        Assert.StartsWith("An hour of it: ", (string?)proposal["sets"]![0]!["focuses"]![0]!["perHour"]!["say"], StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_block_that_ran_out_is_to_be_decided_and_what_is_to_be_deepened_may_come_at_once()
    {
        await using var app = await RunningApp.Start(demo: true);
        Assert.Null((await app.Get("/api/plan"))["toDecide"]);
        await app.Post("/api/plan/blocks/knee-cut", $$"""{ "end": "{{Day(-1)}}" }""");
        var plan = await app.Get("/api/plan");
        Assert.Null(plan["block"]);
        Assert.Equal("knee-cut", (string?)plan["toDecide"]!["block"]!["id"]);
        await app.Post("/api/plan/blocks/knee-cut", """{ "verdict": "deepen" }""");
        plan = await app.Get("/api/plan");
        Assert.Null(plan["toDecide"]);
        Assert.Equal(Day(-1), (string?)plan["past"]![0]!["block"]!["end"]);
        var proposal = await app.Get("/api/plan/proposal");
        Assert.Contains("Stop the knee cut pass from your half guard.", proposal["sets"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_block_that_begins_ends_the_one_that_runs()
    {
        await using var app = await RunningApp.Start(demo: true);
        await app.Post("/api/plan/blocks", """{ "set": 0, "weeks": 6 }""");
        await app.Post("/api/plan/blocks", $$"""{ "set": 0, "weeks": 2, "start": "{{Day(7)}}" }""");
        var plan = await app.Get("/api/plan");
        Assert.Equal((Day(0), Day(6)), ((string?)plan["block"]!["block"]!["start"], (string?)plan["block"]!["block"]!["end"]));
        Assert.Equal(Day(7), (string?)plan["past"]![0]!["block"]!["start"]);
    }

    [Fact]
    public async Task What_is_sore_or_a_blackout_changes_the_plan()
    {
        await using var app = await RunningApp.Start(demo: true);
        await Train(app);
        await app.Post("/api/plan/blocks", """{ "set": 0, "weeks": 2 }""");
        await Train(app, $$""", "stopped": ["{{Day(0)}}"], "sore": [ { "place": "knee", "since": "{{Day(0)}}" } ]""");
        var plan = await app.Get("/api/plan");
        Assert.Empty(plan["sessions"]![0]!["rounds"]!.AsArray());
        Assert.Contains("see a doctor", (string?)plan["sessions"]![0]!["note"], StringComparison.Ordinal);
        Assert.Equal("knee", (string?)plan["week"]!["sore"]![0]!["place"]);
    }

    [Theory]
    [InlineData("/api/plan/blocks", """{ "weeks": 3 }""", "set")]
    [InlineData("/api/plan/blocks", """{ "set": 7 }""", "set")]
    [InlineData("/api/plan/blocks", """{ "set": 0, "weeks": 9 }""", "weeks")]
    [InlineData("/api/plan/blocks", """{ "set": 0, "start": "2020-01-01" }""", "start")]
    [InlineData("/api/plan/blocks", """{ "ways": [ { "by": "me" } ] }""", "ways[0].from")]
    [InlineData("/api/plan/done", """{ "date": "2026-03-02" }""", "block")]
    [InlineData(
        "/api/plan/done",
        """{ "block": "b", "date": "2026-03-02", "rounds": [ { "focus": 5, "rung": "live" } ] }""",
        "rounds[0].focus"
    )]
    [InlineData(
        "/api/plan/done",
        """{ "block": "b", "date": "2026-03-02", "rounds": [ { "checks": [ { "text": "x", "met": 4, "of": 3 } ] } ] }""",
        "rounds[0].checks[0].met"
    )]
    public async Task Bad_input_says_where(string path, string body, string where)
    {
        await using var app = await RunningApp.Start(demo: true);
        var (status, problem) = await app.Post(path, body);
        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(where), problem.ToJsonString());
    }

    [Theory]
    [InlineData("""{ "days": [ { "day": "monday" }, { "day": "monday" } ] }""", "days")]
    [InlineData("""{ "days": [ { "day": "blursday" } ] }""", "days[0].day")]
    [InlineData("""{ "days": [ { "day": "monday", "drilling": 900 } ] }""", "days[0].drilling")]
    [InlineData("""{ "daysOff": [ "soon" ] }""", "daysOff[0]")]
    [InlineData("""{ "competition": { "division": "x" } }""", "competition.date")]
    public async Task A_week_that_cannot_be_says_where(string body, string where)
    {
        await using var app = await RunningApp.Start(demo: true);
        var (status, problem) = await app.Put("/api/plan/week", body);
        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(where), problem.ToJsonString());
        Assert.Equal(3, (await app.Get("/api/plan"))["week"]!["days"]!.AsArray().Count);
    }

    [Fact]
    public async Task With_an_empty_log_the_plan_says_why_there_is_none()
    {
        await using var app = await RunningApp.Start();
        Assert.StartsWith("Nothing is logged yet", (string?)(await app.Get("/api/plan/proposal"))["none"], StringComparison.Ordinal);
        Assert.Null((await app.Get("/api/plan"))["block"]);
        var (status, problem) = await app.Post("/api/plan/blocks", """{ "set": 0 }""");
        Assert.Equal(400, status);
        Assert.Contains("Nothing is logged yet", problem!.ToJsonString(), StringComparison.Ordinal);
    }
}
