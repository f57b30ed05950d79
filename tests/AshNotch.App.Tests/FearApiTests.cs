namespace AshNotch.App.Tests;

/// <summary>Fears: written once, held against the record, taken away.</summary>
public class FearApiTests
{
    [Fact]
    public async Task A_fear_is_read_kept_held_against_the_record_and_taken_away()
    {
        await using var app = await RunningApp.Start(demo: true);
        var (_, read) = await app.Post("/api/fears/read", """{ "text": "Willow's guillotine when I shoot a double leg" }""");
        Assert.Equal(("guillotine", "double-leg", "willow"), ((string?)read!["move"], (string?)read["mine"], (string?)read["partner"]));
        Assert.Equal(
            200,
            (await app.Put("/api/fears/mine", """{ "text": "knee cut", "move": "knee-cut-pass", "partner": "alder" }""")).Status
        );
        var fears = (await app.Get("/api/fears"))["fears"]!.AsArray();
        Assert.Equal(4, fears.Count);
        var kept = fears.Single(f => (string?)f!["fear"]!["id"] == "mine")!;
        Assert.Equal("Alder", (string?)kept["partnerName"]);
        Assert.StartsWith("It came ", (string?)kept["says"]![0], StringComparison.Ordinal);
        Assert.Equal(204, (await app.Send(HttpMethod.Delete, "/api/fears/mine", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Delete, "/api/fears/mine", null)).Status);
    }

    [Theory]
    [InlineData("""{ "text": " " }""", "text")]
    [InlineData("""{ "text": "x", "partner": "nobody" }""", "partner")]
    public async Task A_fear_that_cannot_be_kept_is_told_where(string fear, string field)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Put("/api/fears/f", fear);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
    }

    [Fact]
    public async Task The_demo_has_a_fear_that_the_record_does_not_bear_out()
    {
        await using var app = await RunningApp.Start(demo: true);
        var fears = (await app.Get("/api/fears"))["fears"]!.AsArray();
        Assert.Equal("not-born-out", (string?)fears.Single(f => (string?)f!["fear"]!["id"] == "fear-3")!["verdict"]);
        Assert.NotNull(fears[0]!["caution"]);
    }
}
