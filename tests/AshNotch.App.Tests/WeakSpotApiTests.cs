namespace AshNotch.App.Tests;

/// <summary>The ranking as the pages ask for it.</summary>
public class WeakSpotApiTests
{
    [Fact]
    public async Task It_is_asked_for_by_aim_partner_attire_and_days()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = await app.Get("/api/weak-spots");
        var even = await app.Get("/api/weak-spots?against=even");
        var noGi = await app.Get("/api/weak-spots?attire=no-gi");
        var none = await app.Get("/api/weak-spots?first=2098-01-01");
        Assert.Equal(("usual", "even"), ((string?)all["against"], (string?)even["against"]));
        Assert.NotEqual((double)all["valuePerRoll"]!, (double)even["valuePerRoll"]!);
        Assert.InRange((int)noGi["rolls"]!, 1, (int)all["rolls"]! - 1);
        Assert.Equal((0, 0), ((int)none["rolls"]!, none["spots"]!.AsArray().Count));
        var first = all["spots"]![0]!;
        Assert.InRange((double)first["gainPerRoll"]!, (double)first["low"]!, (double)first["high"]!);
        Assert.StartsWith("Likely between ", (string?)first["why"]!["sure"], StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_drilled_round_has_its_tally_and_moves_nothing_in_the_ranking()
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = (await app.Get("/api/weak-spots")).ToJsonString();
        var drilled = (await app.Get("/api/practice")).AsArray().Count;
        var (status, kept) = await app.Put(
            "/api/rolls/drilled/telling",
            """
            { "text": "From their mount. I elbow escaped to half guard.", "session": { "date": "2026-11-01", "kind": "class", "attire": "gi" },
              "roll": { "kind": "drill", "intensity": "light", "starts": { "kept": 8, "lost": 2 } } }
            """
        );
        Assert.Equal(200, status);
        Assert.Equal(8, (int)kept!["rolls"]![0]!["roll"]!["starts"]!["kept"]!);
        Assert.Equal(before, (await app.Get("/api/weak-spots")).ToJsonString());
        var tallies = (await app.Get("/api/practice")).AsArray();
        Assert.Equal(drilled + 1, tallies.Count);
        Assert.Contains(tallies, t => ((string?)t!["say"])!.EndsWith("8 of 10 starts kept, at a light pace.", StringComparison.Ordinal));
        Assert.Contains("8 of 10", (string?)(await app.Get("/api/rolls/drilled"))["row"]!["practice"], StringComparison.Ordinal);
        var wrong = await app.Put("/api/rolls/x/telling", """{ "text": "a", "roll": { "kind": "drill", "starts": { "kept": -1 } } }""");
        Assert.Equal(400, wrong.Status);
    }

    [Fact]
    public async Task A_wrong_wish_is_told_at_its_name()
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Send(HttpMethod.Get, "/api/weak-spots?against=nobody&first=soon", null);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["against"]);
        Assert.NotNull(problem["errors"]!["first"]);
    }

    [Fact]
    public async Task A_spot_has_its_course_over_the_weeks_and_its_notches_marked()
    {
        await using var app = await RunningApp.Start(demo: true);
        var spot = (await app.Get("/api/weak-spots"))["spots"]!.AsArray().First(s => s!["way"]!["move"] is not null)!;
        var way = spot["way"]!;
        var which = $"from={way["from"]}&by={way["by"]}&move={way["move"]}";
        var course = (await app.Get($"/api/weak-spots/course?{which}")).AsArray().Single()!;
        Assert.True(course["fortnights"]!.AsArray().Count > 3);
        Assert.Empty((await app.Get("/api/weak-spots/course?from=half-guard/bottom")).AsArray());

        var rolls = (await app.Get($"/api/rolls?id={spot["rolls"]![0]}&{which}")).AsArray();
        var cuts = rolls.Single()!["stick"]!["exchanges"]!.AsArray().SelectMany(e => e!["cuts"]!.AsArray()).ToList();
        Assert.Contains(cuts, c => (bool)c!["marked"]!);
        Assert.Contains(cuts, c => !(bool)c!["marked"]!);
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/rolls?id=x&by=nobody", null)).Status);
    }

    [Fact]
    public async Task Reaching_and_converting_stand_apart()
    {
        await using var app = await RunningApp.Start(demo: true);
        var reach = (await app.Get("/api/weak-spots/reach?aim=finish")).AsArray();
        Assert.InRange(reach.Count, 2, 6);
        Assert.All(reach, r => Assert.Contains("times a roll", (string?)r!["say"], StringComparison.Ordinal));
        Assert.Empty((await app.Get("/api/weak-spots/reach?first=2098-01-01")).AsArray());
    }

    [Fact]
    public async Task Points_are_counted_by_the_rules_that_are_set()
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = await app.Get("/api/weak-spots");
        Assert.Equal("federation points", (string?)before["rules"]);
        await app.Put("/api/settings", """{ "rules": "submission-only" }""");
        var after = await app.Get("/api/weak-spots");
        Assert.NotEqual((double)before["valuePerRoll"]!, (double)after["valuePerRoll"]!);

        var house = """
            { "name": "house rules", "seconds": 3, "advantages": false, "tap": 0, "scores": [ { "for": "pass", "points": 50 } ] }
            """;
        await app.Put("/api/rulesets/house", house);
        await app.Put("/api/settings", """{ "rules": "house" }""");
        var ours = (await app.Get("/api/settings"))["rulesets"]!.AsArray()[^1]!;
        Assert.Equal(("house", "house rules", 50), ((string?)ours["id"], (string?)ours["name"], (int)ours["pass"]!));
        Assert.Equal("points", (string?)(await app.Get("/api/settings"))["aim"]);
        Assert.Contains("pass", (string?)(await app.Get("/api/weak-spots"))["spots"]![0]!["say"], StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{ "rules": "ours" }""", "rules")]
    [InlineData("""{ "rules": "house-of-others" }""", "rules")]
    public async Task Rules_that_cannot_be_are_told_and_nothing_is_set(string asked, string field)
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = await app.Client.GetStringAsync("/api/settings", TestContext.Current.CancellationToken);
        var (status, problem) = await app.Put("/api/settings", asked);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
        Assert.Equal(before, await app.Client.GetStringAsync("/api/settings", TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task What_is_being_told_is_knotted_where_it_turns()
    {
        await using var app = await RunningApp.Start(demo: true);
        var (_, read) = await app.Post(
            "/api/read",
            """{ "text": "I pulled half guard. He cut his knee to side control. He took my back and choked me." }"""
        );
        var cuts = read!["rolls"]![0]!["stick"]!["exchanges"]!.AsArray().SelectMany(e => e!["cuts"]!.AsArray());
        Assert.Single(cuts, c => (bool)c!["turns"]!);
    }

    [Fact]
    public async Task One_more_roll_is_counted_at_once()
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = (int)(await app.Get("/api/weak-spots"))["rolls"]!;
        await app.Put(
            "/api/rolls/new/telling",
            """{ "text": "I pulled guard.", "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } }"""
        );
        Assert.Equal(before + 1, (int)(await app.Get("/api/weak-spots"))["rolls"]!);
    }

    [Fact]
    public async Task Today_says_when_it_is_behind_and_who_waits_gets_what_the_newest_rolls_taught()
    {
        await using var app = await RunningApp.Start(demo: true);
        Assert.False((bool)(await app.Get("/api/today?wait=true"))["behind"]!);
        for (var i = 0; i < 10; i++)
        {
            await app.Put(
                $"/api/rolls/new{i}/telling",
                """{ "text": "I was mounted. He armbarred me.", "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } }"""
            );
            var now = await app.Get("/api/today");
            Assert.Equal(122 + i, (int)now["rolls"]!);
            var then = await app.Get("/api/today?wait=true");
            Assert.False((bool)then["behind"]!);
            Assert.Equal((string?)(await app.Get("/api/weak-spots"))["spots"]![0]!["say"], (string?)then["first"]!["say"]);
            if (!(bool)now["behind"]!)
                Assert.Equal($"{then["first"]}", $"{now["first"]}");
        }
    }

    [Fact]
    public async Task The_weeks_run_from_the_first_to_the_last_and_Today_says_what_changed()
    {
        await using var app = await RunningApp.Start(demo: true);
        var weeks = await app.Get("/api/weeks");
        var courses = weeks["courses"]!.AsArray();
        Assert.All(courses, c => Assert.Equal(5, c!["fortnights"]!.AsArray().Count));
        Assert.Contains(courses, c => (string?)c!["name"] == "They pass your half guard with the knee cut");
        Assert.Equal((string?)weeks["changed"], (string?)(await app.Get("/api/today"))["changed"]);
        Assert.Equal(0, (int)weeks["earlier"]!);
        var lately = await app.Get("/api/weeks?limit=2");
        Assert.Equal(3, (int)lately["earlier"]!);
        Assert.All(
            courses.Zip(lately["courses"]!.AsArray()),
            c =>
            {
                Assert.Equal(
                    c.First!["fortnights"]!.AsArray().TakeLast(2).Select(f => $"{f}"),
                    c.Second!["fortnights"]!.AsArray().Select(f => $"{f}")
                );
                Assert.Equal($"{c.First["say"]}", $"{c.Second["say"]}");
            }
        );
        await using var empty = await RunningApp.Start();
        Assert.Empty((await empty.Get("/api/weeks"))["courses"]!.AsArray());
        Assert.Null((await empty.Get("/api/today"))["changed"]);
    }

    [Fact]
    public async Task The_grain_is_filtered_by_partner_and_changes_are_thought_through()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = await app.Get("/api/grain");
        var one = await app.Get($"/api/grain?partner={(string?)(await app.Get("/api/partners"))[0]!["partner"]!["id"]}");
        int Seen(System.Text.Json.Nodes.JsonNode grain) => grain["knots"]!.AsArray().Sum(k => (int)k!["seen"]!);
        Assert.InRange(Seen(one), 1, Seen(all) - 1);
        var change = """{ "from": "half-guard/bottom", "by": "partner", "move": "knee-cut-pass", "to": null, "odds": 0.5 }""";
        var (status, thought) = await app.Post("/api/what-if", $$"""{ "against": null, "changes": [{{change}}] }""");
        Assert.Equal(200, status);
        Assert.True((double)thought!["answer"]!["after"]! > (double)thought["answer"]!["before"]!);
        var (refused, problem) = await app.Post("/api/what-if", $$"""{ "against": null, "changes": [{{change.Replace("0.5", "0")}}] }""");
        Assert.Equal(400, refused);
        Assert.NotNull(problem!["errors"]!["changes[0].odds"]);
    }
}
