using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

public class ApiTests
{
    private const string Head = """ "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } """;

    private static string Told(string text, string more = "") => $$"""{ "text": "{{text}}", {{Head}}{{more}} }""";

    [Fact]
    public async Task A_told_roll_is_read_kept_shown_on_the_rack_and_counted_in()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/partners/p1", """{ "name": "Oak", "belt": "purple", "weightKg": 82.5 }""");
        var (status, view) = await app.Put(
            "/api/rolls/r1/telling",
            Told(
                "Standing. I pulled guard to half guard. Oak knee cut to side control. Oak knee cut.",
                """, "roll": { "partner": "p1", "minutes": 6 } """
            )
        );
        Assert.Equal(200, status);
        Assert.Equal("partner", (string?)view!["rolls"]![0]!["roll"]!["exchanges"]![0]!["notches"]![1]!["by"]);
        // Belt and weight are those of the day.
        await app.Put("/api/partners/p1", """{ "name": "Oak", "belt": "brown" }""");
        Assert.Equal("purple", (string?)(await app.Get("/api/rolls/r1"))["roll"]!["partnerBelt"]);
        Assert.Equal("Oak", (string?)(await app.Get("/api/rack"))["sessions"]![0]!["rolls"]![0]!["partnerName"]);
        var first = (await app.Get("/api/weak-spots"))["spots"]![0]!;
        Assert.Equal(("knee-cut-pass", "r1"), ((string?)first["way"]!["move"], (string?)first["rolls"]![0]));
    }

    [Fact]
    public async Task Rolls_of_one_day_kind_and_attire_share_a_session_and_saving_twice_is_saving_once()
    {
        await using var app = await RunningApp.Start();
        foreach (var id in (string[])["a", "b", "b"])
            await app.Put($"/api/rolls/{id}/telling", Told("I pulled guard."));
        var rack = await app.Get("/api/rack");
        Assert.Equal(2, Assert.Single(rack["sessions"]!.AsArray())!["rolls"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_correction_is_kept_with_the_roll()
    {
        await using var app = await RunningApp.Start();
        var (_, view) = await app.Put(
            "/api/rolls/a/telling",
            Told(
                "He swept me.",
                """
                , "corrections": [ { "words": "swept", "occurrence": 0, "notch": { "by": "partner",
                "move": "scissor-sweep", "outcome": "landed" } } ]
                """
            )
        );
        Assert.Equal("scissor-sweep", (string?)view!["rolls"]![0]!["roll"]!["exchanges"]![0]!["notches"]![0]!["move"]);
    }

    [Fact]
    public async Task A_deleted_roll_is_gone_and_comes_back_with_undo()
    {
        await using var app = await RunningApp.Start(demo: true);
        var id = (string)(await app.Get("/api/rack"))["sessions"]![0]!["rolls"]![0]!["id"]!;
        Assert.Equal(204, (await app.Send(HttpMethod.Delete, $"/api/rolls/{id}", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, $"/api/rolls/{id}", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Delete, $"/api/rolls/{id}", null)).Status);
        Assert.Equal(204, (await app.Post($"/api/rolls/{id}/restore", "")).Status);
        Assert.Equal(200, (await app.Send(HttpMethod.Get, $"/api/rolls/{id}", null)).Status);
    }

    [Fact]
    public async Task The_focus_stands_on_Today_with_its_rank()
    {
        await using var app = await RunningApp.Start(demo: true);
        var focus = (await app.Get("/api/today"))["focus"]!;
        Assert.Equal(1, (int)focus["spot"]!["rank"]!);
        Assert.Equal("Stop the knee cut pass from your half guard.", (string?)focus["say"]);
    }

    [Fact]
    public async Task The_aim_changes_the_ranking_and_is_remembered()
    {
        await using var app = await RunningApp.Start(demo: true);
        await app.Put("/api/settings", """{ "aim": "survive" }""");
        var ranking = await app.Get("/api/weak-spots");
        Assert.Equal("survive", (string?)ranking["aim"]);
        Assert.True((double)ranking["valuePerRoll"]! < 0);
    }

    [Theory]
    [InlineData("/api/partners/x", """{ "name": "Oak", "belt": "plaid" }""", "belt")]
    [InlineData("/api/partners/x", """{ "name": "Oak", "weightKg": -4 }""", "weightKg")]
    [InlineData("/api/partners/x", """{ "name": "" }""", "name")]
    [InlineData("/api/partners/x", """{ "name": "alder" }""", "name")]
    [InlineData("/api/practitioner", """{ "belt": "blue", "stripes": 44 }""", "stripes")]
    [InlineData("/api/practitioner", """{ "weightKg": "heavy" }""", "weightKg")]
    [InlineData("/api/rolls/x/telling", """{ "text": "", "session": { "date": "2026-03-02" } }""", "text")]
    [InlineData("/api/rolls/x/telling", """{ "text": "I pulled guard.", "session": { "date": "1726-03-02" } }""", "session.date")]
    [InlineData("/api/rolls/x/telling", """{ "text": "I pulled guard." }""", "session.date")]
    [InlineData(
        "/api/rolls/x/telling",
        """{ "text": "I pulled guard.", "session": { "date": "2026-03-02" }, "roll": { "partner": "nobody" } }""",
        "roll.partner"
    )]
    [InlineData(
        "/api/rolls/x",
        """{ "session": { "date": "2026-03-02" }, "roll": { "exchanges": [ { "notches": [ { "by": "me" } ] } ] } }""",
        "roll.exchanges[0].notches[0].outcome"
    )]
    [InlineData("/api/rolls/x", """{ "session": { "date": "2026-03-02" }, "roll": { "id": "y" } }""", "roll.id")]
    [InlineData("/api/settings", """{ "aim": "win" }""", "aim")]
    public async Task Bad_input_is_told_at_its_field_and_nothing_is_stored(string path, string json, string field)
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = await app.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken);
        var (status, problem) = await app.Put(path, json);
        Assert.Equal(400, status);
        Assert.Contains(problem!["errors"]!.AsObject(), e => e.Key == field);
        Assert.Equal(before, await app.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task Broken_JSON_too_much_at_once_and_unknown_paths_are_problems_too()
    {
        await using var app = await RunningApp.Start();
        Assert.Equal(400, (await app.Put("/api/partners/x", "{ \"name\": ")).Status);
        Assert.Equal(413, (await app.Post("/api/read", $$"""{ "text": "{{new string('x', 3_000_000)}}" }""")).Status);
        var (status, problem) = await app.Post("/api/read", $$"""{ "text": "{{new string('x', 150_000)}}" }""");
        Assert.Equal((400, true), (status, problem!["errors"]!.AsObject().ContainsKey("text")));
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/nothing", null)).Status);
    }

    [Fact]
    public async Task Other_sites_may_change_nothing_and_every_answer_carries_its_policy()
    {
        await using var app = await RunningApp.Start();
        foreach (var (name, value) in ((string, string)[])[("Origin", "http://elsewhere.example"), ("Sec-Fetch-Site", "cross-site")])
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, "/api/demo/reset");
            request.Headers.Add(name, value);
            Assert.Equal(403, (int)(await app.Client.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode);
        }
        using var renamed = new HttpRequestMessage(HttpMethod.Get, "/api/today");
        renamed.Headers.Host = "elsewhere.example";
        Assert.Equal(400, (int)(await app.Client.SendAsync(renamed, TestContext.Current.CancellationToken)).StatusCode);
        var answer = await app.Client.GetAsync("/api/today", TestContext.Current.CancellationToken);
        Assert.Contains("default-src 'none'", answer.Headers.GetValues("Content-Security-Policy").Single(), StringComparison.Ordinal);
        Assert.Equal("nosniff", answer.Headers.GetValues("X-Content-Type-Options").Single());
        Assert.Equal("127.0.0.1", app.Client.BaseAddress!.Host);
    }

    [Fact]
    public async Task The_demo_starts_over_and_own_data_never_does()
    {
        await using var demo = await RunningApp.Start(demo: true);
        var before = await demo.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken);
        await demo.Put("/api/partners/alder", """{ "name": "Renamed" }""");
        Assert.Equal(204, (await demo.Post("/api/demo/reset", "")).Status);
        Assert.Equal(before, await demo.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken));
        await using var own = await RunningApp.Start();
        Assert.Equal(409, (await own.Post("/api/demo/reset", "")).Status);
    }

    [Fact]
    public async Task A_draft_is_kept()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/drafts/log", """{ "body": "{\"text\":\"I pulled\"}" }""");
        Assert.Equal("""{"text":"I pulled"}""", (string?)(await app.Get("/api/drafts"))[0]!["body"]);
    }

    [Fact]
    public async Task The_rack_is_filtered_by_partner_attire_and_move()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = (int)(await app.Get("/api/rack"))["rolls"]!;
        var some = (int)(await app.Get("/api/rack?partner=alder"))["rolls"]!;
        var fewer = await app.Get("/api/rack?partner=alder&attire=gi&move=knee-cut-pass");
        Assert.True(all > some && some > (int)fewer["rolls"]! && (int)fewer["rolls"]! > 0);
        Assert.All(fewer["sessions"]!.AsArray(), s => Assert.Equal("gi", (string?)s!["attire"]));
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/rack?attire=pyjamas", null)).Status);
    }

    [Fact]
    public async Task A_change_of_weight_goes_into_the_history_once_a_day()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/practitioner", """{ "belt": "blue", "weightKg": 77 }""");
        await app.Put("/api/practitioner", """{ "belt": "blue", "weightKg": 76 }""");
        var (_, kept) = await app.Put("/api/practitioner", """{ "belt": "blue", "weightKg": 76, "units": "lb" }""");
        Assert.Equal(76, (double)Assert.Single((JsonArray)kept!["history"]!)!["weightKg"]!);
    }
}
