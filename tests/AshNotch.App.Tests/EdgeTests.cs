using System.Net.Http.Headers;
using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

/// <summary>What a browser or a careless script may send.</summary>
public class EdgeTests
{
    private const string Day = """ "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } """;

    private static async Task<string> Export(RunningApp app) =>
        await app.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken);

    [Fact]
    public async Task A_roll_that_moves_to_another_day_leaves_the_first()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/rolls/a/telling", $$"""{ "text": "I pulled guard.", {{Day}} }""");
        await app.Put(
            "/api/rolls/a/telling",
            """{ "text": "I pulled guard on Wednesday.", "session": { "date": "2026-03-04", "kind": "class", "attire": "gi" } }"""
        );
        var session = Assert.Single((await app.Get("/api/rack"))["sessions"]!.AsArray())!;
        Assert.Equal("2026-03-04", (string?)session["date"]);
    }

    [Fact]
    public async Task A_correction_that_takes_a_notch_out_takes_its_takeaway_along_untied()
    {
        await using var app = await RunningApp.Start();
        var (status, view) = await app.Put(
            "/api/rolls/a/telling",
            $$"""
            { "text": "He swept me. Next time I need to post.", {{Day}}, "corrections": [ { "words": "swept",
            "occurrence": 0, "notch": null } ] }
            """
        );
        Assert.Equal(200, status);
        var roll = view!["rolls"]![0]!;
        Assert.Equal("Next time I need to post", (string?)Assert.Single(roll["takeaways"]!.AsArray()));
        Assert.Empty(roll["roll"]!["exchanges"]!.AsArray().SelectMany(e => e!["notches"]?.AsArray() ?? []));
    }

    [Fact]
    public async Task An_edited_roll_keeps_what_the_edit_does_not_name_of_its_session()
    {
        await using var app = await RunningApp.Start();
        await app.Put(
            "/api/rolls/a/telling",
            """{ "text": "I pulled guard.", "session": { "date": "2026-03-02", "kind": "class", "attire": "no-gi", "notes": "hot day" } }"""
        );
        var (status, view) = await app.Put("/api/rolls/a", """{ "roll": { "notes": "later thought" } }""");
        Assert.Equal(200, status);
        Assert.Equal(
            ("no-gi", "hot day", "later thought"),
            ((string?)view!["session"]!["attire"], (string?)view["session"]!["notes"], (string?)view["roll"]!["notes"])
        );
    }

    [Theory]
    [InlineData(
        """{ "corrections": [ { "words": "x", "occurrence": 0, "notch": { "by": "nobody", "outcome": "landed" } } ], "text": "x" }""",
        "corrections[0].notch.by"
    )]
    [InlineData(
        """{ "corrections": [ { "words": "x", "occurrence": 0, "notch": { "by": "me", "outcome": "won" } } ], "text": "x" }""",
        "corrections[0].notch.outcome"
    )]
    public async Task A_wrong_correction_is_told_where_it_stands(string json, string field)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Post("/api/read", json);
        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field), problem.ToJsonString());
    }

    [Theory]
    [InlineData("""{ "by": "partner", "move": "knee-cut-pass" }""", "from")]
    [InlineData("""{ "from": "half-guard/bottom", "move": "knee-cut-pass" }""", "by")]
    [InlineData("""{ "from": "half-guard/bottom", "by": "referee", "move": "knee-cut-pass" }""", "by")]
    public async Task A_focus_needs_a_place_and_a_side(string json, string field)
    {
        await using var app = await RunningApp.Start(demo: true);
        var (status, problem) = await app.Post("/api/focus", json);
        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field), problem.ToJsonString());
        Assert.Equal(2, (await app.Get("/api/plan"))["block"]!["focuses"]!.AsArray().Count);
    }

    [Fact]
    public async Task What_is_drilled_from_anywhere_stands_in_one_block_of_three_at_most()
    {
        await using var app = await RunningApp.Start(demo: true);
        await app.Post("/api/plan/blocks/knee-cut", """{ "verdict": "keep" }""");
        await app.Post("/api/focus", """{ "from": "half-guard/bottom", "by": "partner", "move": "knee-cut-pass" }""");
        await app.Post(
            "/api/focus",
            """{ "from": "closed-guard/bottom", "by": "me", "move": "scissor-sweep", "reason": "a class is coming" }"""
        );
        await app.Post("/api/focus", """{ "from": "half-guard/bottom", "by": "partner", "move": "knee-cut-pass" }""");
        Assert.Equal("Stop the knee cut pass from your half guard.", (string?)(await app.Get("/api/today"))["focus"]!["say"]);
        var focuses = JsonNode.Parse(await Export(app))!["blocks"]!.AsArray()[^1]!["focuses"]!.AsArray();
        Assert.Equal(["knee-cut-pass", "scissor-sweep"], focuses.Select(f => (string?)f!["move"]));
        Assert.Equal("a class is coming", (string?)focuses[1]!["why"]);
        await app.Post("/api/focus", """{ "from": "mount/top", "by": "me", "move": "armbar" }""");
        var (status, problem) = await app.Post("/api/focus", """{ "from": "mount/top", "by": "me", "move": "americana" }""");
        Assert.Equal(400, status);
        Assert.Contains("has 3 already", problem!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_newest_partners_come_first_with_their_counts()
    {
        await using var app = await RunningApp.Start(demo: true);
        var partners = (await app.Get("/api/partners")).AsArray();
        var days = partners.Select(p => (string?)p!["last"]).ToList();
        Assert.Equal(days.OrderDescending(StringComparer.Ordinal), days);
        Assert.Equal((int)(await app.Get("/api/rack"))["rolls"]!, partners.Sum(p => (int)p!["rolls"]!) + (await Unknown(app)));

        static async Task<int> Unknown(RunningApp app) =>
            JsonNode.Parse(await Export(app))!["sessions"]!
                .AsArray()
                .SelectMany(s => s!["rolls"]!.AsArray())
                .Count(r => r!["partner"] is null);
    }

    [Theory]
    [InlineData("GET", "/api/rolls/no-such")]
    [InlineData("DELETE", "/api/rolls/no-such")]
    [InlineData("POST", "/api/rolls/no-such/restore")]
    [InlineData("GET", "/api/rolls/..%2F..%2Fetc%2Fpasswd")]
    public async Task What_is_not_there_is_said_to_be_not_there(string method, string path)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Send(new HttpMethod(method), path, null);
        Assert.Equal(404, status);
        Assert.False(string.IsNullOrEmpty((string?)problem!["title"]));
    }

    [Theory]
    [InlineData("/api/rack?limit=many")]
    [InlineData("/api/weak-spots?aim=win")]
    public async Task A_wrong_question_is_a_problem_and_not_a_crash(string path)
    {
        await using var app = await RunningApp.Start(demo: true);
        var (status, problem) = await app.Send(HttpMethod.Get, path, null);
        Assert.Equal(400, status);
        Assert.NotNull(problem);
    }

    [Fact]
    public async Task The_rack_is_paged_by_session_and_says_how_many_are_left()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = await app.Get("/api/rack?limit=1000");
        var page = await app.Get("/api/rack?limit=5");
        Assert.Equal(0, (int)all["more"]!);
        Assert.Equal(all["sessions"]!.AsArray().Count - 5, (int)page["more"]!);
        Assert.Equal((int)all["rolls"]!, (int)page["rolls"]!);
        Assert.Equal(
            all["sessions"]!.AsArray().Take(5).Select(s => (string?)s!["id"]),
            page["sessions"]!.AsArray().Select(s => (string?)s!["id"])
        );
        Assert.Single((await app.Get("/api/rack?limit=-3"))["sessions"]!.AsArray());
    }

    [Fact]
    public async Task A_body_that_is_not_JSON_is_refused_in_words()
    {
        await using var app = await RunningApp.Start();
        using var content = new ByteArrayContent([0xff, 0xfe, 0x00, 0x01]);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/json");
        var answer = await app.Client.PostAsync("/api/read", content, TestContext.Current.CancellationToken);
        Assert.Equal(400, (int)answer.StatusCode);
        using var form = new StringContent("text=I+pulled", System.Text.Encoding.UTF8, "application/x-www-form-urlencoded");
        Assert.Equal(415, (int)(await app.Client.PostAsync("/api/read", form, TestContext.Current.CancellationToken)).StatusCode);
    }

    [Theory]
    [InlineData("")]
    [InlineData("🤼🤼🤼")]
    [InlineData("לא הבנתי מילה")]
    [InlineData("\\u0001\\u0007\\u202e")]
    [InlineData("blah blah")]
    public async Task Reading_answers_whatever_is_written(string text)
    {
        await using var app = await RunningApp.Start();
        var (status, read) = await app.Post("/api/read", $$"""{ "text": "{{text}}" }""");
        Assert.Equal(200, status);
        Assert.Empty(read!["rolls"]![0]!["exchanges"]!.AsArray().SelectMany(e => e!["notches"]?.AsArray() ?? []));
    }

    [Fact]
    public async Task A_draft_too_long_or_of_a_wild_name_is_refused_and_the_last_one_stays()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/drafts/log", """{ "body": "kept" }""");
        Assert.Equal(400, (await app.Put("/api/drafts/log", $$"""{ "body": "{{new string('x', 500_000)}}" }""")).Status);
        Assert.Equal("kept", (string?)(await app.Get("/api/drafts"))[0]!["body"]);
        Assert.Equal(204, (await app.Put("/api/drafts/log", """{ "body": null }""")).Status);
        Assert.Empty((await app.Get("/api/drafts")).AsArray());
    }

    [Fact]
    public async Task Saves_from_many_hands_at_once_all_arrive()
    {
        await using var app = await RunningApp.Start();
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 24).Select(i => app.Put($"/api/rolls/r{i}/telling", $$"""{ "text": "I pulled guard.", {{Day}} }"""))
        );
        Assert.All(answers, a => Assert.Equal(200, a.Status));
        Assert.Equal(24, (int)(await app.Get("/api/rack"))["rolls"]!);
    }

    [Theory]
    [InlineData("/appsettings.json")]
    [InlineData("/ash-notch.db")]
    [InlineData("/../ash-notch.db")]
    public async Task Data_and_settings_are_not_served_as_files(string path)
    {
        await using var app = await RunningApp.Start();
        Assert.Equal(404, (await app.Send(HttpMethod.Get, path, null)).Status);
    }

    [Fact]
    public async Task A_name_of_ones_own_is_read_kept_exported_and_dropped()
    {
        await using var app = await RunningApp.Start();
        Assert.Equal(200, (await app.Post("/api/names", """{ "name": "Number five", "id": "half-guard" }""")).Status);
        Assert.Equal(200, (await app.Post("/api/names", """{ "name": "gym special", "id": "gym-special", "kind": "sweep" }""")).Status);
        const string Text = "I was in number five. I hit the gym special.";
        var (_, read) = await app.Post("/api/read", $$"""{ "text": "{{Text}}" }""");
        Assert.Equal(["half-guard/bottom", "gym-special"], read!["mentions"]!.AsArray().Select(m => (string?)m!["id"]));
        Assert.Contains("Number five", await Export(app), StringComparison.Ordinal);
        Assert.Equal(204, (await app.Send(HttpMethod.Delete, "/api/names?name=number%20FIVE", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Delete, "/api/names?name=number%20five", null)).Status);
        Assert.Equal("gym special", (string?)Assert.Single((await app.Get("/api/names")).AsArray())!["name"]);
    }

    [Fact]
    public async Task What_was_put_right_is_read_so_the_next_time()
    {
        await using var app = await RunningApp.Start();
        const string Right =
            """{ "words": "toe hold", "occurrence": 0, "notch": { "by": "partner", "move": "estima-lock", "outcome": "tap" } }""";
        var (status, kept) = await app.Put(
            "/api/rolls/r1/telling",
            $$"""{ "text": "He got the toe hold and I tapped.", "corrections": [ {{Right}} ], {{Day}} }"""
        );
        Assert.Equal(200, status);
        Assert.Equal("toe hold", (string?)Assert.Single(kept!["learned"]!.AsArray())!["name"]);
        var (_, read) = await app.Post("/api/read", """{ "text": "I hit a toe hold." }""");
        Assert.Equal(["estima-lock"], read!["mentions"]!.AsArray().Select(m => (string?)m!["id"]));
    }

    [Fact]
    public async Task What_is_said_of_the_roll_fills_its_head_unless_it_is_struck()
    {
        await using var app = await RunningApp.Start();
        const string Text = "Flow round with a big brown belt, maybe 95 kilos. I pulled guard.";
        var (_, read) = await app.Post("/api/read", $$"""{ "text": "{{Text}}", "struck": [ "Flow round" ] }""");
        Assert.Equal(["brown belt", "95 kg"], read!["rolls"]![0]!["facts"]!.AsArray().Select(f => (string?)f!["say"]));
        var (_, kept) = await app.Put("/api/rolls/r1/telling", $$"""{ "text": "{{Text}}", "struck": [ "Flow round" ], {{Day}} }""");
        var roll = kept!["rolls"]![0]!["roll"]!;
        Assert.Equal(("brown", 95.0, null), ((string?)roll["partnerBelt"], (double?)roll["partnerWeightKg"], (string?)roll["intensity"]));
    }

    [Theory]
    [InlineData("""{ "name": "", "id": "half-guard" }""", "name")]
    [InlineData("""{ "name": "!!!", "id": "half-guard" }""", "name")]
    [InlineData("""{ "name": "our thing", "id": "no-such-move" }""", "id")]
    [InlineData("""{ "name": "our thing", "id": "our-thing", "kind": "dance" }""", "kind")]
    public async Task A_name_that_means_nothing_is_refused_at_its_field(string json, string field)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Post("/api/names", json);
        Assert.Equal(400, status);
        Assert.True(problem!["errors"]!.AsObject().ContainsKey(field), problem.ToJsonString());
    }

    [Fact]
    public async Task The_board_follows_the_telling_and_finds_what_is_not_on_it()
    {
        await using var app = await RunningApp.Start(demo: true);
        var now = (string?)
            (await app.Post("/api/read", """{ "text": "Started in my half guard.\nThey tried the knee cut pass." }""")).Body!["now"];
        Assert.Equal("half-guard/bottom", now);
        var board = await app.Get($"/api/board?place={now}");
        Assert.Equal("your half guard", (string?)board["say"]);
        Assert.InRange(board["keys"]!.AsArray().Count, 6, 9);
        Assert.Equal("knee-cut-pass", (string?)board["keys"]!.AsArray().First(k => (string?)k!["by"] == "partner")!["move"]);
        Assert.Empty(board["starts"]!.AsArray());

        Assert.Null((await app.Post("/api/read", """{ "text": "He tapped me with an armbar." }""")).Body!["now"]);
        var fresh = await app.Get("/api/board");
        Assert.Null(fresh["say"]);
        Assert.Equal("Started standing.", (string?)fresh["starts"]![0]!["line"]);
        Assert.Equal("our corner", (string?)(await app.Get("/api/board?place=our-corner"))["say"]);

        Assert.Contains((await app.Get("/api/board/find?q=berim")).AsArray(), k => (string?)k!["landed"] == "I got the berimbolo.");
        Assert.Empty((await app.Get("/api/board/find?q=%20")).AsArray());
    }

    [Fact]
    public async Task An_edit_of_a_roll_that_changed_meanwhile_is_refused_and_overwrites_nothing()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/rolls/a/telling", $$"""{ "text": "I pulled guard.", {{Day}} }""");
        var version = (int)(await app.Get("/api/rolls/a"))["version"]!;
        Assert.Equal(200, (await app.Put("/api/rolls/a", $$"""{ "roll": { "notes": "first" }, "version": {{version}} }""")).Status);
        var (status, problem) = await app.Put("/api/rolls/a", $$"""{ "roll": { "notes": "second" }, "version": {{version}} }""");
        Assert.Equal(409, status);
        Assert.Contains("Nothing was overwritten", (string?)problem!["detail"], StringComparison.Ordinal);
        Assert.Equal("first", (string?)(await app.Get("/api/rolls/a"))["roll"]!["notes"]);
    }
}
