using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

/// <summary>What was told to be remembered is kept, found again, and put right.</summary>
public class LessonApiTests
{
    private const string Telling =
        "Coach showed us the knee cut with an underhook.\\nMission: knee shield first\\n\\nOak: I was in half guard. He knee cut me to side control."
        + "\\nCoach said: block the knee cut with the shin\\nTakeaway: knee shield before the grips\\nMissed: should have taken the back";

    private static async Task<JsonNode> Told(RunningApp app, string id, string text, string date = "2026-03-02")
    {
        var (status, kept) = await app.Put(
            $"/api/rolls/{id}/telling",
            $$"""{ "session": { "date": "{{date}}", "kind": "class", "attire": "gi" }, "roll": { "id": "{{id}}" }, "text": "{{text}}" }"""
        );
        Assert.Equal(200, status);
        return kept!["rolls"]![0]!;
    }

    private static string[] Texts(JsonNode lessons) => [.. lessons["lessons"]!.AsArray().Select(l => (string)l!["text"]!)];

    [Fact]
    public async Task A_lesson_told_is_kept_apart_from_what_happened_and_found_again()
    {
        await using var app = await RunningApp.Start();
        var roll = await Told(app, "r1", Telling);
        Assert.Single(roll["roll"]!["exchanges"]!.AsArray().SelectMany(e => e!["notches"]!.AsArray()));
        Assert.Equal("knee shield first", (string?)roll["roll"]!["mission"]!["text"]);
        Assert.Equal("the knee cut with an underhook", (string?)roll["session"]!["taught"]![0]!["text"]);
        Assert.Equal("should have taken the back", (string?)roll["missed"]![0]);

        var all = await app.Get("/api/lessons");
        Assert.Equal(4, (int)all["all"]!);
        Assert.Equal(["block the knee cut with the shin"], Texts(await app.Get("/api/lessons?find=coach shin")));
        Assert.Equal(["knee shield before the grips"], Texts(await app.Get("/api/lessons?kind=takeaway")));
        var about = await app.Get("/api/lessons?from=half-guard/bottom&by=partner&move=knee-cut-pass");
        Assert.Contains("block the knee cut with the shin", Texts(about));
        Assert.DoesNotContain("should have taken the back", Texts(about));
        Assert.Equal("They pass your half guard with the knee cut", (string?)about["about"]);
    }

    [Fact]
    public async Task A_second_telling_of_the_day_adds_to_what_was_taught()
    {
        await using var app = await RunningApp.Start();
        await Told(app, "r1", "Taught: the knee cut\\nHe swept me.");
        var second = await Told(app, "r2", "Taught: the armbar\\nI swept him.");
        Assert.Equal(["the knee cut", "the armbar"], second["session"]!["taught"]!.AsArray().Select(t => (string?)t!["text"]));
        var third = await Told(app, "r3", "I passed his guard.");
        Assert.Equal(2, third["session"]!["taught"]!.AsArray().Count);
    }

    [Fact]
    public async Task What_is_shown_while_it_is_told_says_what_is_kept_as_a_lesson()
    {
        await using var app = await RunningApp.Start();
        var (_, read) = await app.Post("/api/read", $$"""{ "text": "{{Telling}}" }""");
        Assert.Equal(
            ["Mission", "Advice, coach", "Missed", "Taught, coach"],
            read!["rolls"]![0]!["remembered"]!.AsArray().Select(r => (string?)r!["what"])
        );
    }

    [Theory]
    [InlineData("kind=wisdom", "kind")]
    [InlineData("from=mount/top&by=nobody", "by")]
    public async Task What_cannot_be_asked_is_said(string query, string field)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Send(HttpMethod.Get, $"/api/lessons?{query}", null);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
    }

    [Fact]
    public async Task An_empty_log_has_none()
    {
        await using var app = await RunningApp.Start();
        var none = await app.Get("/api/lessons");
        Assert.Equal((0, 0), ((int)none["all"]!, (int)none["found"]!));
    }
}
