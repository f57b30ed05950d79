using System.Globalization;
using System.Text;

namespace AshNotch.App.Tests;

/// <summary>Any id that can be imported can be opened, edited and deleted; any other is refused when it comes in.</summary>
public class AddressTests
{
    [Theory]
    [InlineData("a/b")]
    [InlineData("a%2Fb")]
    [InlineData("/")]
    [InlineData("a?b=c#d")]
    [InlineData("%zz")]
    [InlineData("100 % & +")]
    [InlineData("...")]
    [InlineData("back\\slash")]
    [InlineData("\u7570")]
    public async Task An_id_of_a_file_can_be_used_everywhere(string id)
    {
        await using var app = await RunningApp.Start();
        var written = System.Text.Json.JsonSerializer.Serialize(id);
        var file = $$"""
            { "format": "ash-notch-log", "version": 1, "partners": [ { "id": {{written}}, "name": "Oak" } ],
              "sessions": [ { "id": {{written}}, "date": "2026-03-02", "rolls": [
                { "id": {{written}}, "partner": {{written}}, "notes": "first", "exchanges": [ { "notches": [ { "by": "me", "outcome": "tap", "move": "armbar" } ] } ] } ] } ] }
            """;
        var (_, look) = await app.Post("/api/import/look", file);
        await app.Post("/api/import", $$"""{ "file": "{{look!["file"]}}", "version": {{look["version"]}} }""");
        var at = Uri.EscapeDataString(id);
        Assert.Equal("first", (string?)(await app.Get($"/api/rolls/{at}"))["roll"]!["notes"]);
        Assert.Equal(200, (await app.Put($"/api/rolls/{at}", """{ "roll": { "notes": "edited" } }""")).Status);
        Assert.Single((await app.Get($"/api/rolls/{at}/history")).AsArray());
        Assert.Equal("Oak", (string?)(await app.Get($"/api/partners/{at}?wait=true"))["partner"]!["name"]);
        Assert.Equal(200, (await app.Put($"/api/partners/{at}", """{ "name": "Oak", "notes": "strong" }""")).Status);
        Assert.Equal("strong", Assert.Single(app.Store.Read().Partners).Notes);
        Assert.Equal(204, (await app.Put($"/api/drafts/{at}-d", """{ "body": "half told" }""")).Status);
        Assert.Equal(id + "-d", Assert.Single(app.Store.Drafts()).Id);
        Assert.Equal(204, (await app.Send(HttpMethod.Delete, $"/api/rolls/{at}", null)).Status);
        Assert.Empty(app.Store.Read().Rolls);
    }

    [Theory]
    [InlineData(".")]
    [InlineData("..")]
    public async Task An_id_that_no_address_holds_is_refused(string id)
    {
        await using var app = await RunningApp.Start();
        var (status, why) = await app.Post(
            "/api/import/look",
            $$"""{ "format": "ash-notch-log", "version": 1, "partners": [ { "id": "{{id}}", "name": "Oak" } ] }"""
        );
        Assert.Equal(400, status);
        Assert.Contains("dots", why!.ToJsonString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("O\u200Bak", "Oak")]
    [InlineData("Ze\u0301", "Z\u00C9")]
    public async Task A_name_that_looks_like_anothers_is_the_same(string name, string other)
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/partners/one", $$"""{ "name": "{{other}}" }""");
        Assert.Equal(400, (await app.Put("/api/partners/two", $$"""{ "name": "{{name}}" }""")).Status);
        Assert.Equal(400, (await app.Put("/api/partners/three", """{ "name": "\u200B" }""")).Status);
        Assert.Single(app.Store.Read().Partners);
    }

    [Theory]
    [InlineData("he")]
    [InlineData("I")]
    [InlineData("and")]
    public async Task A_word_of_grammar_is_no_name_for_a_move(string name)
    {
        await using var app = await RunningApp.Start();
        var (status, why) = await app.Post("/api/names", $$"""{ "name": "{{name}}", "id": "armbar" }""");
        Assert.Equal(400, status);
        Assert.Contains("choose another", why!.ToJsonString(), StringComparison.OrdinalIgnoreCase);
        Assert.Empty(app.Store.Read().OwnNames);
    }

    [Fact]
    public async Task Of_very_many_faults_the_first_hundred_are_said_and_how_many_more_there_are()
    {
        await using var app = await RunningApp.Start();
        var rolls = new StringBuilder();
        for (var i = 0; i < 3_000; i++)
            rolls.Append(CultureInfo.InvariantCulture, $"{(i > 0 ? "," : "")}{{\"kind\":\"waltz\",\"exchanges\":[]}}");
        var (status, why) = await app.Post(
            "/api/import/look",
            $$"""{ "format": "ash-notch-log", "version": 1, "sessions": [ { "date": "2026-03-02", "rolls": [ {{rolls}} ] } ] }"""
        );
        Assert.Equal(400, status);
        Assert.True(why!.ToJsonString().Length < 30_000);
        Assert.Contains("2,900 more", why.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_telling_that_says_something_else_does_not_go_over_a_roll_that_was_edited_or_deleted()
    {
        await using var app = await RunningApp.Start();
        static string Told(string text) =>
            $$"""{ "text": "{{text}}", "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } }""";
        await app.Put("/api/rolls/a/telling", Told("I pulled guard."));
        // Told on before the first answer came: that is what is meant.
        await app.Put("/api/rolls/a/telling", Told("I pulled guard. I swept him."));
        Assert.Equal("I pulled guard. I swept him.", app.Store.Read().Roll("a")!.Roll.Retelling);
        await app.Put("/api/rolls/a", """{ "roll": { "notes": "edited", "retelling": "Put right.", "exchanges": [] } }""");
        Assert.Equal(200, (await app.Put("/api/rolls/a/telling", Told("I pulled guard."))).Status);
        Assert.Equal(409, (await app.Put("/api/rolls/a/telling", Told("Something else."))).Status);
        Assert.Equal("Put right.", app.Store.Read().Roll("a")!.Roll.Retelling);
        await app.Send(HttpMethod.Delete, "/api/rolls/a", null);
        Assert.Equal(200, (await app.Put("/api/rolls/a/telling", Told("I pulled guard."))).Status);
        Assert.Equal(409, (await app.Put("/api/rolls/a/telling", Told("Something else."))).Status);
        Assert.Empty(app.Store.Read().Rolls);
    }
}
