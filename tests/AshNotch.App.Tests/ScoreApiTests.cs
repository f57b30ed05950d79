namespace AshNotch.App.Tests;

/// <summary>The score of a kept roll, as the page shows it.</summary>
public class ScoreApiTests
{
    private const string Held = """
        { "session": { "date": "2026-03-02", "kind": "competition", "attire": "gi" }, "roll": { "id": "m", "kind": "match", "exchanges": [ { "notches": [
          { "by": "me", "move": "knee-cut-pass", "from": "half-guard/top", "to": "side-control/top", "outcome": "landed" } ] } ] } }
        """;

    [Fact]
    public async Task A_roll_says_how_it_would_stand_and_what_hangs_on_it()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/rolls/m", Held);
        var ledger = await app.Get("/api/rolls/m/ledger");
        Assert.Equal(("federation-gi", "You lead 3-0."), ((string?)ledger["rules"], (string?)ledger["say"]));
        Assert.Equal("3-0, or 0-0 if nothing was held of which nothing says so.", (string?)ledger["ifNotHeld"]);
        await app.Put("/api/rolls/m", Held.Replace("\"landed\" }", "\"landed\", \"held\": false }", StringComparison.Ordinal));
        ledger = await app.Get("/api/rolls/m/ledger");
        Assert.Equal("You lead by advantages, 1-0; 0-0 in points.", (string?)ledger["say"]);
        Assert.Null(ledger["ifNotHeld"]);
    }

    [Fact]
    public async Task Other_rules_are_chosen_and_what_there_is_not_is_said()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/rolls/m", Held);
        Assert.Equal("Level, 0-0.", (string?)(await app.Get("/api/rolls/m/ledger?rules=submission-only"))["say"]);
        var (status, body) = await app.Send(HttpMethod.Get, "/api/rolls/m/ledger?rules=x", null);
        Assert.Equal(400, status);
        Assert.Contains("not known here", body!.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/rolls/none/ledger", null)).Status);
    }
}
