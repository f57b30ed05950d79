using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

public class TellingTests
{
    private const string Head = """ "session": { "date": "2026-03-02", "kind": "class", "attire": "gi" } """;

    private static string Told(string text, string more = "") => $$"""{ "text": "{{text}}", {{Head}}{{more}} }""";

    private static async Task<RunningApp> WithOak()
    {
        var app = await RunningApp.Start();
        await app.Put("/api/partners/oak", """{ "name": "Oak", "belt": "purple", "weightKg": 82.5 }""");
        return app;
    }

    [Fact]
    public async Task Rolls_told_in_one_go_are_kept_each_with_its_partner_and_sent_twice_are_kept_once()
    {
        await using var app = await WithOak();
        const string Text =
            "I pulled guard. Oak passed. Then with Rowan, a blue belt, bigger than me. He swept me. Then with Rowan again. I swept "
            + "him. Last round with a brown belt. He passed.";
        for (var i = 0; i < 2; i++)
        {
            var (status, kept) = await app.Put(
                "/api/rolls/a/telling",
                Told(Text, """, "roll": { "partner": "oak", "mission": { "text": "m", "checks": [ { "text": "c", "done": true } ] } } """)
            );
            Assert.Equal(200, status);
            Assert.Equal(i == 0 ? ["Rowan"] : [], kept!["newPartners"]!.AsArray().Select(p => (string?)p!["name"]));
        }
        var rolls = (await app.Get("/api/rack"))["sessions"]!.AsArray().Single()!["rolls"]!.AsArray();
        Assert.Equal(
            ["a Oak purple", "a-2 Rowan blue", "a-3 Rowan blue", "a-4 Someone brown"],
            rolls.Select(r => $"{r!["id"]} {r["partnerName"]} {r["partnerBelt"]}")
        );
        var second = (await app.Get("/api/rolls/a-2"))["roll"]!;
        Assert.Equal("Then with Rowan, a blue belt, bigger than me. He swept me. ", (string?)second["retelling"]);
        Assert.Equal("heavier", (string?)second["partnerSize"]);
        // A tick beside four rolls says nothing of any one.
        Assert.Null(second["mission"]!["checks"]![0]!["done"]);
        Assert.Equal(2, (await app.Get("/api/partners")).AsArray().Count);
    }

    [Fact]
    public async Task A_name_can_be_said_to_mean_somebody_known_or_nobody()
    {
        await using var app = await WithOak();
        var (_, kept) = await app.Put(
            "/api/rolls/a/telling",
            Told("Rolled with Oke. He swept me.", """, "partners": [ { "name": "oke", "partner": "oak" } ] """)
        );
        Assert.Equal("oak", (string?)kept!["rolls"]![0]!["roll"]!["partner"]);
        (_, kept) = await app.Put(
            "/api/rolls/b/telling",
            Told("Rolled with Oke. He swept me.", """, "partners": [ { "name": "Oke", "partner": "" } ] """)
        );
        Assert.Null(kept!["rolls"]![0]!["roll"]!["partner"]);
        Assert.Empty(kept["newPartners"]!.AsArray());
        var (status, problem) = await app.Put(
            "/api/rolls/c/telling",
            Told("Rolled with Oke.", """, "partners": [ { "name": "Oke", "partner": "nobody" } ] """)
        );
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["partners[0].partner"]);
    }

    [Fact]
    public async Task A_description_does_not_stand_against_the_partner_who_was_chosen_and_a_name_does()
    {
        await using var app = await WithOak();
        async Task<string?> With(string text) =>
            (string?)(await app.Post("/api/read", $$"""{ "text": "{{text}}", "partner": "oak" }""")).Body!["rolls"]![0]!["with"]!["say"];
        Assert.Equal("Oak", await With("He swept me."));
        Assert.Equal("Oak", await With("Rolled with the purple belt. He swept me."));
        Assert.Equal("Rowan, blue belt", await With("Rolled with Rowan, a blue belt. He swept me."));
    }

    [Fact]
    public async Task A_retelling_is_kept_to_the_letter_so_that_its_notches_point_at_their_words()
    {
        await using var app = await WithOak();
        const string Text = "  He swept me.  ";
        await app.Put("/api/rolls/a/telling", Told(Text));
        var roll = (await app.Get("/api/rolls/a"))["roll"]!;
        Assert.Equal(Text, (string?)roll["retelling"]);
        var span = roll["exchanges"]![0]!["notches"]![0]!["span"]!;
        Assert.Equal("swept", Text[(int)span[0]!..(int)span[1]!]);
    }

    [Fact]
    public async Task A_telling_that_is_kept_is_no_draft_any_more()
    {
        await using var app = await WithOak();
        await app.Put("/api/drafts/log", """{ "body": "something" }""");
        await app.Put("/api/rolls/a/telling", Told("He swept me.", """, "draft": "log" """));
        Assert.Empty((await app.Get("/api/drafts")).AsArray());
    }

    [Fact]
    public async Task A_draft_that_arrives_after_its_roll_does_not_come_back()
    {
        await using var app = await WithOak();
        await app.Put("/api/rolls/a/telling", Told("He swept me.", """, "draft": "a" """));
        Assert.Equal(204, (await app.Put("/api/drafts/a", """{ "body": "He swept me." }""")).Status);
        Assert.Empty((await app.Get("/api/drafts")).AsArray());
    }

    [Fact]
    public async Task Marks_of_a_later_roll_stand_where_its_words_stand()
    {
        await using var app = await WithOak();
        const string Text = "He swept me. Then with Oak. Oak swept me wozzling.";
        var (_, read) = await app.Post(
            "/api/read",
            $$"""
            { "text": "{{Text}}", "corrections": [ { "words": "swept", "occurrence": 1, "notch": { "by": "partner",
            "move": "scissor-sweep", "outcome": "landed" } } ] }
            """
        );
        Assert.Equal(["swept", "swept"], read!["mentions"]!.AsArray().Select(m => Text[(int)m!["start"]!..(int)m["end"]!]));
        Assert.Equal("wozzling", Text[(int)read["unread"]![0]!["start"]!..(int)read["unread"]![0]!["end"]!]);
        var second = read["rolls"]![1]!;
        Assert.Equal("Oak", (string?)second["with"]!["say"]);
        var notch = second["exchanges"]![0]!["notches"]![0]!;
        Assert.Equal(("scissor-sweep", 1, true), ((string?)notch["notch"]!["move"], (int)notch["occurrence"]!, (bool)notch["corrected"]!));
        Assert.False((bool)read["rolls"]![0]!["exchanges"]![0]!["notches"]![0]!["corrected"]!);
    }

    [Fact]
    public async Task Every_earlier_form_is_listed_and_comes_back_under_the_partner_as_they_are_kept_now()
    {
        await using var app = await WithOak();
        await app.Put("/api/partners/oke", """{ "name": "Oke" }""");
        await app.Put("/api/rolls/a/telling", Told("He swept me. I swept him.", """, "roll": { "partner": "oke" } """));
        Assert.Empty((await app.Get("/api/rolls/a/history")).AsArray());
        await app.Put("/api/rolls/a", """{ "roll": { "notes": "all gone" } }""");
        var (_, merged) = await app.Post("/api/partners/oke/merge", """{ "into": "oak" }""");
        var form = (await app.Get("/api/rolls/a/history")).AsArray().Single()!;
        Assert.Equal((0, "edited"), ((int)form["number"]!, (string?)form["change"]));
        Assert.Equal(2, form["row"]!["stick"]!["exchanges"]![0]!["cuts"]!.AsArray().Count);
        var (status, back) = await app.Post("/api/rolls/a/history/0/restore", "");
        Assert.Equal(200, status);
        Assert.Equal(("oak", 2), ((string?)back!["roll"]!["partner"], back["roll"]!["exchanges"]![0]!["notches"]!.AsArray().Count));
        Assert.Equal(2, (await app.Get("/api/rolls/a/history")).AsArray().Count);
        foreach (
            var path in (string[])["/api/rolls/a/history/9/restore", "/api/rolls/a/history/-1/restore", "/api/rolls/none/history/0/restore"]
        )
            Assert.Equal(404, (await app.Post(path, "")).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/rolls/none/history", null)).Status);
        Assert.Equal(204, (await app.Post($"/api/partners/merges/{merged!["merge"]}/undo", "")).Status);
        Assert.Equal(404, (await app.Post($"/api/partners/merges/{merged["merge"]}/undo", "")).Status);
    }

    [Theory]
    [InlineData("/api/partners/oak/merge", """{ "into": "oak" }""", "into")]
    [InlineData("/api/partners/oak/merge", """{ "into": "nobody" }""", "into")]
    [InlineData("/api/partners/oak/merge", "{}", "into")]
    [InlineData("/api/partners/nobody/merge", """{ "into": "oak" }""", "id")]
    [InlineData("/api/captions", """{ "text": "I pulled guard." }""", "text")]
    public async Task What_cannot_be_is_told_at_its_field(string path, string body, string field)
    {
        await using var app = await WithOak();
        var (status, problem) = await app.Post(path, body);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
    }

    [Fact]
    public async Task Captions_go_out_in_either_form_with_the_day_for_a_name_and_come_in_as_a_telling_with_times()
    {
        await using var app = await WithOak();
        await app.Put("/api/rolls/a/telling", Told("[0:12] He swept me. [1:05] I recovered guard."));
        foreach (
            var (form, type, name) in ((string, string, string)[])
                [
                    ("", "text/vtt", "2026-03-02.vtt"),
                    ("srt", "application/x-subrip", "2026-03-02.srt"),
                    ("chapters", "text/vtt", "2026-03-02.chapters.vtt"),
                ]
        )
        {
            using var answer = await app.Client.GetAsync($"/api/rolls/a/captions?form={form}", TestContext.Current.CancellationToken);
            Assert.Equal(
                (type, name),
                (answer.Content.Headers.ContentType!.MediaType, answer.Content.Headers.ContentDisposition!.FileName)
            );
        }
        var vtt = await app.Client.GetStringAsync("/api/rolls/a/captions", TestContext.Current.CancellationToken);
        var (_, told) = await app.Post("/api/captions", new JsonObject { ["text"] = vtt }.ToJsonString());
        Assert.Equal("[0:12] They got the sweep. [1:05] I got the guard recovery.", (string?)told!["text"]);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/rolls/none/captions", null)).Status);
    }
}
