using System.Text.Json.Nodes;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Tests;

/// <summary>Putting a kept roll right as a whole, over the web.</summary>
public class RevisingApiTests
{
    private const string Told = """
        { "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" }, "roll": { "id": "r1" },
          "text": "He knee cut to side control. I escaped to half guard. I hit the old school sweep." }
        """;

    private static async Task<RunningApp> Kept()
    {
        var app = await RunningApp.Start();
        var (status, body) = await app.Put("/api/rolls/r1/telling", Told);
        Assert.True(status == 200, body?.ToJsonString());
        await app.Put("/api/rolls/r2/telling", Told.Replace("r1", "r2", StringComparison.Ordinal));
        return app;
    }

    private static Task<(int Status, JsonNode? Body)> Post(RunningApp app, string path, string json) =>
        app.Send(HttpMethod.Post, path, json);

    private static IEnumerable<string> Order(RunningApp app) => app.Store.Read().Rolls.Select(r => r.Roll.Id);

    [Fact]
    public async Task Reading_anew_shows_what_would_change_and_changes_nothing()
    {
        await using var app = await Kept();
        var (status, body) = await Post(
            app,
            "/api/rolls/r1/reread",
            """{ "text": "He knee cut to side control. I escaped to half guard." }"""
        );
        Assert.Equal(200, status);
        Assert.Equal(["same", "same", "gone"], body!["steps"]!.AsArray().Select(s => s!["change"]!.GetValue<string>()));
        Assert.Equal(3, app.Store.Read().Roll("r1")!.Roll.Notches.Count());
        Assert.Equal(0, app.Store.RollVersion("r1"));
    }

    [Theory]
    [InlineData("r1", """{ "text": "  " }""", 400)]
    [InlineData("nobody", """{ "text": "He swept me." }""", 404)]
    public async Task What_cannot_be_read_anew_is_said(string id, string json, int status)
    {
        await using var app = await Kept();
        Assert.Equal(status, (await Post(app, $"/api/rolls/{id}/reread", json)).Status);
    }

    [Fact]
    public async Task A_split_roll_hangs_in_its_place_with_the_second_right_after_it_and_joins_again()
    {
        await using var app = await Kept();
        var (status, body) = await Post(app, "/api/rolls/r1/split", """{ "exchange": 0, "notch": 1, "version": 0 }""");
        Assert.Equal(200, status);
        var second = body!["second"]!.GetValue<string>();
        Assert.Equal(["r1", second, "r2"], Order(app));
        Assert.Equal("He knee cut to side control. ", app.Store.Read().Roll("r1")!.Roll.Retelling);
        (status, _) = await Post(app, "/api/rolls/r1/join", $$"""{ "other": "{{second}}", "version": 1 }""");
        Assert.Equal(200, status);
        Assert.Equal(["r1", "r2"], Order(app));
        Assert.Equal(3, app.Store.Read().Roll("r1")!.Roll.Notches.Count());
    }

    [Theory]
    [InlineData("""{ "exchange": 0, "notch": 0 }""", 400)]
    [InlineData("""{ "exchange": 4, "notch": 1 }""", 400)]
    [InlineData("""{ "exchange": 0, "notch": 1, "partner": "nobody" }""", 400)]
    [InlineData("""{ "exchange": 0, "notch": 1, "version": 7 }""", 409)]
    public async Task A_split_to_nothing_with_nobody_or_of_what_changed_is_refused_and_changes_nothing(string json, int status)
    {
        await using var app = await Kept();
        Assert.Equal(status, (await Post(app, "/api/rolls/r1/split", json)).Status);
        Assert.Equal(["r1", "r2"], Order(app));
        Assert.Equal(0, app.Store.RollVersion("r1"));
    }

    [Theory]
    [InlineData("""{ "other": "r1" }""", 404)]
    [InlineData("""{ "other": "nobody" }""", 404)]
    [InlineData("""{ "other": "r2", "version": 7 }""", 409)]
    public async Task What_cannot_be_joined_stays_two(string json, int status)
    {
        await using var app = await Kept();
        Assert.Equal(status, (await Post(app, "/api/rolls/r1/join", json)).Status);
        Assert.Equal(["r1", "r2"], Order(app));
    }

    [Fact]
    public async Task A_notch_put_right_carries_on_to_the_next_and_only_when_asked()
    {
        await using var app = await Kept();
        var roll = (await app.Get("/api/rolls/r1"))!["roll"]!;
        roll["exchanges"]![0]!["notches"]![1]!["to"] = "closed-guard/bottom";
        var body = new JsonObject { ["roll"] = roll.DeepClone(), ["version"] = 0 };
        body["putRight"] = new JsonObject { ["exchange"] = 0, ["notch"] = 1 };
        Assert.Equal(200, (await app.Put("/api/rolls/r1", body.ToJsonString())).Status);
        var kept = app.Store.Read().Roll("r1")!.Roll.Exchanges[0].Notches;
        Assert.Equal(new PlaceId("closed-guard/bottom"), kept[1].To);
        Assert.Equal(kept[1].To, kept[2].From);
    }

    [Fact]
    public async Task Finishes_are_counted_in_the_part_of_the_log_that_is_asked_for()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = await app.Get("/api/finishes");
        var gi = await app.Get("/api/finishes?attire=gi");
        Assert.Equal(app.Store.Read().Rolls.Sum(r => r.Roll.Taps(Who.Partner)), all["theirs"]!.GetValue<int>());
        Assert.InRange(gi["rolls"]!.GetValue<int>(), 1, all["rolls"]!.GetValue<int>() - 1);
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/finishes?first=yesterday", null)).Status);
    }
}
