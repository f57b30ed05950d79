using System.Text;
using AshNotch.Core.Rolls;

namespace AshNotch.App.Tests;

/// <summary>Keeping over the web: many at once, files in and back out, copies.</summary>
public class KeepingApiTests
{
    private const string Day = """ "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } """;

    private const string File = """
        { "format": "ash-notch-log", "version": 1, "partners": [ { "id": "p", "name": "Oak" } ],
          "sessions": [ { "id": "s", "date": "2026-03-02", "rolls": [ { "id": "r", "partner": "p", "notes": "first",
            "exchanges": [ { "notches": [ { "by": "me", "outcome": "tap", "move": "armbar" } ] } ] } ] } ] }
        """;

    [Fact]
    public async Task Rolls_told_at_the_same_moment_on_a_new_day_with_a_new_partner_make_one_session_and_one_partner()
    {
        await using var app = await RunningApp.Start();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 24)
                .Select(i =>
                    app.Put($"/api/rolls/r{i}/telling", $$"""{ "text": "Rolled with Ashby, purple belt. I swept them {{i}}.", {{Day}} }""")
                )
        );
        Assert.All(answers, a => Assert.Equal(200, a.Status));
        var log = app.Store.Read();
        Assert.Equal(24, Assert.Single(log.Sessions).Rolls.Count);
        Assert.Equal(Assert.Single(log.Partners).Id, Assert.Single(log.Rolls.Select(r => r.Roll.Partner).Distinct()));
    }

    [Fact]
    public async Task Of_edits_made_from_the_same_version_at_once_one_is_kept_and_the_others_are_told()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/rolls/a/telling", $$"""{ "text": "I pulled guard.", {{Day}} }""");
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 16)
                .Select(i => app.Put("/api/rolls/a", $$"""{ "version": 0, "roll": { "notes": "edit {{i}}", "exchanges": [] } }"""))
        );
        Assert.Single(answers, a => a.Status == 200);
        Assert.Equal(15, answers.Count(a => a.Status == 409));
        Assert.Single(app.Store.RollHistory("a"));
    }

    [Fact]
    public async Task Partners_of_one_name_saved_at_once_are_one()
    {
        await using var app = await RunningApp.Start();
        var answers = await Task.WhenAll(Enumerable.Range(0, 12).Select(i => app.Put($"/api/partners/p{i}", """{ "name": "Oak" }""")));
        Assert.Single(answers, a => a.Status == 200);
        Assert.Single(app.Store.Read().Partners);
    }

    [Fact]
    public async Task How_a_partner_was_described_is_there_after_every_change_and_comes_back_by_a_change()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/partners/p", """{ "name": "Oak", "belt": "blue", "notes": "strong grips" }""");
        Assert.Empty((await app.Get("/api/partners/p/history")).AsArray());
        await app.Put("/api/partners/p", """{ "name": "Oak", "belt": "purple" }""");
        var form = Assert.Single((await app.Get("/api/partners/p/history")).AsArray())!["partner"]!;
        Assert.Equal(("blue", "strong grips"), ((string?)form["belt"], (string?)form["notes"]));
        Assert.Equal(200, (await app.Put("/api/partners/p", form.ToJsonString())).Status);
        Assert.Equal(Belt.Blue, app.Store.Read().Partner("p")!.Belt);
        Assert.Equal(["purple", "blue"], (await app.Get("/api/partners/p/history")).AsArray().Select(f => (string?)f!["partner"]!["belt"]));
    }

    [Fact]
    public async Task A_telling_sent_again_changes_nothing_not_even_after_the_roll_was_edited_or_deleted()
    {
        await using var app = await RunningApp.Start();
        var told = $$"""{ "text": "I pulled guard.", {{Day}} }""";
        await app.Put("/api/rolls/a/telling", told);
        await app.Put("/api/rolls/a", """{ "roll": { "notes": "edited", "retelling": "I pulled guard.", "exchanges": [] } }""");
        Assert.Equal(200, (await app.Put("/api/rolls/a/telling", told)).Status);
        Assert.Equal("edited", app.Store.Read().Roll("a")!.Roll.Notes);
        await app.Send(HttpMethod.Delete, "/api/rolls/a", null);
        Assert.Equal(200, (await app.Put("/api/rolls/a/telling", told)).Status);
        Assert.Empty(app.Store.Read().Rolls);
    }

    [Fact]
    public async Task A_file_is_looked_at_taken_in_and_taken_back()
    {
        await using var app = await RunningApp.Start();
        var (status, look) = await app.Post("/api/import/look", File);
        Assert.Equal(200, status);
        Assert.Equal((1, 1), ((int)look!["rolls"]!["new"]!, (int)look["partners"]!["new"]!));
        Assert.Empty(app.Store.Read().Rolls);
        var asked = $$"""{ "file": "{{look["file"]}}", "version": {{look["version"]}} }""";
        var (_, done) = await app.Post("/api/import", asked);
        Assert.Equal("1 new roll, 1 new partner, 1 new session", (string?)done!["import"]!["summary"]);
        Assert.Equal(404, (await app.Post("/api/import", asked)).Status);
        var (_, again) = await app.Post("/api/import/look", File);
        Assert.Empty(again!["items"]!.AsArray());
        var key = (long)(await app.Get("/api/imports"))[0]!["key"]!;
        Assert.Equal(0, (int)(await app.Post($"/api/imports/{key}/undo", "")).Body!["stays"]!);
        Assert.Empty(app.Store.Read().Rolls);
        Assert.Equal(404, (await app.Post($"/api/imports/{key}/undo", "")).Status);
    }

    [Fact]
    public async Task What_may_be_decided_comes_first_with_both_sticks_and_is_taken_by_its_key()
    {
        await using var app = await RunningApp.Start();
        await app.Post("/api/import/look", File);
        var (_, first) = await app.Post("/api/import/look", File);
        await app.Post("/api/import", $$"""{ "file": "{{first!["file"]}}", "version": {{first["version"]}} }""");
        await app.Put("/api/rolls/r", """{ "roll": { "partner": "p", "notes": "edited", "exchanges": [] } }""");
        var theirs = File.Replace("first", "theirs", StringComparison.Ordinal);
        var (_, look) = await app.Post("/api/import/look", theirs);
        var item = Assert.Single(look!["items"]!.AsArray())!;
        Assert.Equal(
            ("roll:r", "conflicting", true, false),
            ((string?)item["key"], (string?)item["standing"], (bool)item["open"]!, (bool)item["taken"]!)
        );
        Assert.Equal(["the notes", "the notches"], item["differs"]!.AsArray().Select(d => (string?)d));
        Assert.Single(item["there"]!["exchanges"]![0]!["cuts"]!.AsArray());
        await app.Put("/api/partners/p", """{ "name": "Oak", "notes": "tall" }""");
        var asked = $$"""{ "file": "{{look["file"]}}", "version": {{look["version"]}}, "take": [ "roll:r" ] }""";
        var (changed, why) = await app.Post("/api/import", asked);
        Assert.Equal(409, changed);
        Assert.Contains("look at it again", (string?)why!["detail"], StringComparison.Ordinal);
        var (_, anew) = await app.Post("/api/import/look", theirs);
        await app.Post("/api/import", $$"""{ "file": "{{anew!["file"]}}", "version": {{anew["version"]}}, "take": [ "roll:r" ] }""");
        Assert.Equal("theirs", app.Store.Read().Roll("r")!.Roll.Notes);
    }

    [Theory]
    [InlineData("", 400)]
    [InlineData("null", 400)]
    [InlineData("{ \"format\": \"something else\" }", 400)]
    [InlineData("{ \"format\": \"ash-notch-log\", \"version\": 1, \"sessions\": [ { \"rolls\": [ { \"exchanges\": [ {", 400)]
    public async Task A_file_at_fault_is_refused_in_words(string file, int status)
    {
        await using var app = await RunningApp.Start();
        var (answered, why) = await app.Post("/api/import/look", file);
        Assert.Equal(status, answered);
        Assert.NotEmpty((string?)why!["detail"] ?? "");
    }

    [Fact]
    public async Task Copies_are_made_looked_into_downloaded_and_restored()
    {
        await using var app = await RunningApp.Start(demo: true);
        var before = app.Store.Read().Rolls.Count();
        var (_, made) = await app.Post("/api/backups", "");
        var name = (string?)made!["name"];
        Assert.Equal(before, (int)(await app.Get($"/api/backups/{name}"))["rolls"]!);
        await app.Send(HttpMethod.Delete, $"/api/rolls/{app.Store.Read().Rolls.Last().Roll.Id}", null);
        Assert.Equal(before - 1, (int)(await app.Get("/api/today"))["rolls"]!);
        var bytes = await app.Client.GetByteArrayAsync($"/api/backups/{name}/file", TestContext.Current.CancellationToken);
        Assert.Equal("SQLite format 3", Encoding.ASCII.GetString(bytes, 0, 15));
        var (_, kept) = await app.Post($"/api/backups/{name}/restore", "");
        Assert.Equal("before-restore", (string?)kept!["kind"]);
        Assert.Equal(before, (int)(await app.Get("/api/today"))["rolls"]!);
        // On a slow machine the nightly one may have come by then.
        var kinds = (await app.Get("/api/backups")).AsArray().Select(b => (string?)b!["kind"]).Where(k => k != "nightly");
        Assert.Equal(["before-restore", "made"], kinds.Order());
        foreach (var wild in (string[])["nothing.db", "..%2Fash-notch.db", "%00"])
            Assert.InRange((await app.Post($"/api/backups/{wild}/restore", "")).Status, 400, 409);
    }

    [Fact]
    public async Task A_directory_removed_while_serving_is_said_and_nothing_is_acknowledged()
    {
        await using var app = await RunningApp.Start();
        System.IO.Directory.Delete(app.Directory, recursive: true);
        var (status, why) = await app.Put("/api/rolls/a/telling", $$"""{ "text": "I pulled guard.", {{Day}} }""");
        Assert.Equal(503, status);
        Assert.Contains("removed or replaced", (string?)why!["detail"], StringComparison.Ordinal);
        System.IO.Directory.CreateDirectory(app.Directory);
    }

    [Fact]
    public async Task Whatever_is_accepted_is_exported_and_imported_to_the_same_bytes()
    {
        // As JSON writes them.
        string[] texts =
        [
            "\"plain\"",
            """ "\u00e9 or e\u0301" """,
            """ "\u202eright to left\u202c" """,
            """ "\ud83e\udd3c\ud83c\udffd\u200d\u2640\ufe0f" """,
            """ "a\u0000b" """,
            """ "half \ud800 pair" """,
            """ "tab\tand\r\nlines" """,
            """ " spaces at its ends " """,
            """ "\ufeffmark" """,
            """ "\u2028\u2029" """,
            """ "'; DROP TABLE roll; --" """,
            """ "\"quotes\" \\ and / <tags> &amp;" """,
            "\"\"",
        ];
        await using var app = await RunningApp.Start();
        var taken = 0;
        for (var i = 0; i < texts.Length; i++)
        {
            var written = texts[i];
            var (partner, _) = await app.Put(
                $"/api/partners/p{i}",
                $$"""{ "name": {{written}}, "notes": {{written}}, "traits": [ {{written}} ] }"""
            );
            var (roll, _) = await app.Put(
                $"/api/rolls/r{i}",
                $$"""{ "session": { "date": "2026-03-02", "notes": {{written}} }, "roll": { "notes": {{written}}, "retelling": {{written}}, "rules": {{written}} } }"""
            );
            Assert.InRange(partner, 200, 400);
            Assert.InRange(roll, 200, 400);
            taken += roll == 200 ? 1 : 0;
        }
        Assert.InRange(taken, 8, texts.Length - 2);
        var exported = await app.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken);
        await using var other = await RunningApp.Start();
        var (_, look) = await other.Post("/api/import/look", exported);
        await other.Post("/api/import", $$"""{ "file": "{{look!["file"]}}", "version": {{look["version"]}} }""");
        Assert.Equal(exported, await other.Client.GetStringAsync("/api/export", TestContext.Current.CancellationToken));
    }
}
