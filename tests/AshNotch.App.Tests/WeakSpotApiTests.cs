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
    public async Task A_wrong_wish_is_told_at_its_name()
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Send(HttpMethod.Get, "/api/weak-spots?against=nobody&first=soon", null);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["against"]);
        Assert.NotNull(problem["errors"]!["first"]);
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
    public async Task The_weeks_run_from_the_first_to_the_last_and_Today_says_what_changed()
    {
        await using var app = await RunningApp.Start(demo: true);
        var weeks = await app.Get("/api/weeks");
        var courses = weeks["courses"]!.AsArray();
        Assert.All(courses, c => Assert.Equal(5, c!["fortnights"]!.AsArray().Count));
        Assert.Contains(courses, c => (string?)c!["name"] == "They pass your half guard with the knee cut");
        Assert.Equal((string?)weeks["changed"], (string?)(await app.Get("/api/today"))["changed"]);
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
