using System.Text.Json.Nodes;

namespace AshNotch.App.Tests;

/// <summary>The page of a partner, the list, who is likely there, rolls side by side: as the pages ask for them, on the demo's log.</summary>
public class PartnerPageTests
{
    [Fact]
    public async Task The_demo_has_one_who_has_learned_a_sweep_and_one_whose_pass_was_solved()
    {
        await using var app = await RunningApp.Start(demo: true);
        var dogwood = await app.Get("/api/partners/dogwood");
        var learned = Assert.Single(dogwood["learned"]!.AsArray());
        Assert.StartsWith(
            "Dogwood may have learned your hip bump sweep from your closed guard: ",
            (string?)learned!["say"],
            StringComparison.Ordinal
        );
        var willow = await app.Get("/api/partners/willow");
        var solved = Assert.Single(willow["learned"]!.AsArray());
        Assert.DoesNotContain(willow["watch"]!.AsArray(), h => (string?)h!["move"] == "toreando-pass");
        Assert.StartsWith("You may have solved Willow's toreando pass", (string?)solved!["say"], StringComparison.Ordinal);
        Assert.All(dogwood["they"]!.AsArray(), b => Assert.True((double)b!["low"]! <= (double)b["high"]!));
        Assert.Equal(12, (int)dogwood["rolls"]!);
        Assert.Equal(12, dogwood["months"]!.AsArray().Sum(m => (int)m!["rolls"]!));
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/partners/nobody", null)).Status);
    }

    [Fact]
    public async Task The_list_pages_and_filters()
    {
        await using var app = await RunningApp.Start(demo: true);
        var all = await app.Get("/api/partners/rows?limit=5");
        Assert.Equal((5, 13, 13), (all["rows"]!.AsArray().Count, (int)all["found"]!, (int)all["inAll"]!));
        var rest = await app.Get("/api/partners/rows?skip=10&limit=5");
        Assert.Equal(3, rest["rows"]!.AsArray().Count);
        var found = await app.Get("/api/partners/rows?find=LONG LEGS");
        Assert.Equal("alder", (string?)Assert.Single(found["rows"]!.AsArray())!["partner"]!["id"]);
        var brown = await app.Get("/api/partners/rows?belt=brown");
        Assert.All(brown["rows"]!.AsArray(), r => Assert.Equal("brown", (string?)r!["partner"]!["belt"]));
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/partners/rows?belt=pink", null)).Status);
        var dogwood = (await app.Get("/api/partners/rows?find=dogwood"))["rows"]![0]!;
        Assert.Equal("may have learned your hip bump sweep", (string?)dogwood["learned"]);
    }

    [Fact]
    public async Task Before_class_names_the_likely_and_what_to_keep_in_mind()
    {
        await using var app = await RunningApp.Start(demo: true);
        var monday = await app.Get("/api/before-class");
        var people = monday["people"]!.AsArray();
        Assert.NotEmpty(people);
        Assert.NotNull(monday["day"]);
        Assert.All(people, p => Assert.InRange(p!["heeds"]!.AsArray().Count, 0, 2));
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/before-class?on=someday", null)).Status);
        await using var empty = await RunningApp.Start();
        var nobody = await empty.Get("/api/before-class");
        Assert.Null(nobody["day"]);
        Assert.Empty(nobody["people"]!.AsArray());
    }

    [Fact]
    public async Task Rolls_lie_side_by_side_and_what_cannot_is_said()
    {
        await using var app = await RunningApp.Start(demo: true);
        var beside = await app.Get("/api/partners/alder/side-by-side");
        Assert.Equal(2, beside["rolls"]!.AsArray().Count);
        Assert.All(beside["places"]!.AsArray(), p => Assert.Equal(2, p!["rolls"]!.AsArray().Count));
        var (status, problem) = await app.Send(HttpMethod.Get, "/api/partners/alder/side-by-side?roll=nothing&roll=s0914-1", null);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["roll[0]"]);
        // One roll only: nothing to lay beside it.
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/partners/grey-shorts/side-by-side", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/partners/nobody/side-by-side", null)).Status);
    }

    [Fact]
    public async Task Partners_stand_on_a_ladder_for_the_focus()
    {
        await using var app = await RunningApp.Start(demo: true);
        var ladder = await app.Get("/api/partner-ladder");
        Assert.Equal("Stop the knee cut pass from your half guard.", (string?)ladder["say"]);
        Assert.True(ladder["rungs"]!.AsArray().Count >= 10);
        Assert.NotEmpty(ladder["missing"]!.AsArray());
    }

    [Fact]
    public async Task A_stranger_is_hearsay_with_its_source_until_something_happened()
    {
        await using var app = await RunningApp.Start(demo: true);
        var stranger = await app.Get("/api/strangers?day=winter-cup&opponent=red tape");
        Assert.Equal("Elm", (string?)stranger["scouting"]!["known"]![0]!["from"]);
        Assert.Empty(stranger["happened"]!.AsArray());
        var met = await app.Get("/api/strangers?day=winter-cup&opponent=Grey Shorts");
        Assert.Single(met["happened"]!.AsArray());
        Assert.NotEmpty(met["landed"]!.AsArray());
        Assert.NotEmpty(met["heeds"]!.AsArray());
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/strangers?day=winter-cup&opponent=nobody", null)).Status);
    }

    [Fact]
    public async Task A_forgotten_partner_is_in_no_answer_and_copies_are_cleaned_by_name()
    {
        await using var app = await RunningApp.Start(demo: true);
        var copy = (string?)(await app.Post("/api/backups", "")).Body!["name"];
        var (status, gone) = await app.Post("/api/partners/juniper/forget", "");
        Assert.Equal((200, 10), (status, (int)gone!["rolls"]!));
        // The nightly copy of a program that runs long enough may be there, too.
        Assert.Contains(gone["copies"]!.AsArray(), c => (string?)c!["name"] == copy);
        Assert.Equal(404, (await app.Post("/api/partners/juniper/forget", "")).Status);
        // Nor does a page that was left open bring them back.
        Assert.Equal(404, (await app.Put("/api/partners/juniper?known=true", """{ "name": "Juniper" }""")).Status);
        var export = (await app.Get("/api/export")).ToJsonString();
        Assert.DoesNotContain("juniper", export, StringComparison.OrdinalIgnoreCase);
        var clean = """{ "partner": { "id": "juniper", "name": "Juniper" }, "delete": false }""";
        Assert.Equal(204, (await app.Post($"/api/backups/{copy}/forget", clean)).Status);
        Assert.Equal(204, (await app.Post($"/api/backups/{copy}/forget", """{ "delete": true }""")).Status);
        Assert.DoesNotContain((await app.Get("/api/backups")).AsArray(), b => (string?)b!["name"] == copy);
        Assert.NotEqual(204, (await app.Post("/api/backups/nothing/forget", """{ "delete": true }""")).Status);
        Assert.Equal(121, (int)(await app.Get("/api/rack"))["rolls"]!);
    }

    [Fact]
    public async Task What_waits_in_a_browser_loses_the_name_and_nothing_of_the_trade()
    {
        await using var app = await RunningApp.Start();
        var (status, without) = await app.Post(
            "/api/forgotten/without",
            """
            { "partner": { "id": "p9", "name": "Brown", "alsoCalled": ["Big Ash"] },
              "documents": [ "{\"text\":\"Brown passed, then big ash\",\"partner\":\"p9\",\"belt\":\"brown\"}", "no document of Brown" ] }
            """
        );
        Assert.Equal(200, status);
        Assert.Equal(
            ["""{"text":"someone passed, then someone","partner":null,"belt":"brown"}""", "no document of someone"],
            without!.AsArray().Select(w => (string?)w)
        );
        Assert.Equal(400, (await app.Post("/api/forgotten/without", """{ "documents": [] }""")).Status);
    }

    [Fact]
    public async Task While_names_are_hidden_no_answer_says_one_and_nothing_is_changed()
    {
        await using var app = await RunningApp.Start(demo: true);
        var names = app.Store.Read().Partners.Select(p => p.Name).ToList();
        app.Client.DefaultRequestHeaders.Add("Cookie", "names=hidden");
        foreach (
            var path in (string[])
                ["partners", "partners/dogwood", "before-class", "rack", "weak-spots", "plan", "fears", "lessons", "export"]
        )
        {
            var texts = Texts(await app.Get($"/api/{path}"), "")
                .Where(t => t.Field is not ("id" or "partner"))
                .Select(t => t.Text)
                .ToList();
            Assert.NotEmpty(texts);
            Assert.DoesNotContain(texts, t => names.Any(n => t.Contains(n, StringComparison.Ordinal)));
        }
        // What leads to a partner still does, though an id may be the name in small letters.
        var rows = (await app.Get("/api/partners/rows?limit=50"))["rows"]!.AsArray();
        Assert.Contains(rows, r => (string?)r!["partner"]!["id"] == "dogwood");
        var rack = (await app.Get("/api/rack")).ToJsonString();
        Assert.DoesNotMatch("\"partnerId\":\"Partner", rack);
        Assert.Contains("\"partnerId\":\"dogwood\"", rack, StringComparison.Ordinal);
        var (status, problem) = await app.Put("/api/partners/dogwood", """{ "name": "Partner 3" }""");
        Assert.Equal((409, "Names are hidden, so nothing is changed."), (status, (string?)problem!["title"]));
        Assert.Equal(names, app.Store.Read().Partners.Select(p => p.Name));

        static IEnumerable<(string Field, string Text)> Texts(JsonNode? node, string field) =>
            node switch
            {
                JsonObject of => of.SelectMany(p => Texts(p.Value, p.Key)),
                JsonArray list => list.SelectMany(i => Texts(i, field)),
                JsonValue value when value.TryGetValue<string>(out var text) => [(field, text)],
                _ => [],
            };
    }

    [Fact]
    public async Task Captions_and_the_calendar_say_numbers_where_names_are_left_out()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/names", """{ "name": "fir roll", "id": "fir-roll", "kind": "pass" }""");
        await app.Put("/api/partners/fir", """{ "name": "Fir" }""");
        await app.Put(
            "/api/rolls/r1",
            """
            { "session": { "id": "s1", "date": "2026-03-02" },
              "roll": { "id": "r1", "exchanges": [ { "start": "half-guard/top", "notches": [
                { "by": "me", "move": "fir-roll", "from": "half-guard/top", "outcome": "landed", "at": "0:20" } ] } ] } }
            """
        );
        Assert.Contains(
            "fir roll",
            await app.Client.GetStringAsync("/api/rolls/r1/captions", TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        var without = await app.Client.GetStringAsync("/api/rolls/r1/captions?nameless=true", TestContext.Current.CancellationToken);
        Assert.Contains("Partner 1 roll", without, StringComparison.Ordinal);
        Assert.DoesNotContain("fir", without, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task What_is_owed_is_promised_given_and_struck_and_no_edit_loses_it()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/partners/fir", """{ "name": "Fir" }""");
        var (_, promised) = await app.Put("/api/partners/fir/owed", """{ "text": " the lockdown " }""");
        var owed = Assert.Single(promised!["owed"]!.AsArray());
        Assert.Equal("the lockdown", (string?)owed!["text"]);
        Assert.NotNull(owed["since"]);
        Assert.Null(owed["given"]);
        // A form that does not know of it changes nothing about it.
        await app.Put("/api/partners/fir", """{ "name": "Fir", "notes": "tall" }""");
        var (_, given) = await app.Put("/api/partners/fir/owed", """{ "text": "The lockdown", "isGiven": true }""");
        Assert.NotNull(Assert.Single(given!["owed"]!.AsArray())!["given"]);
        Assert.Equal("tall", (string?)given["notes"]);
        var (_, struck) = await app.Put("/api/partners/fir/owed", """{ "text": "the lockdown", "isGone": true }""");
        Assert.Null(struck!["owed"]);
        // Taken back, it is owed since when it was.
        var (_, back) = await app.Put("/api/partners/fir/owed", """{ "text": "the lockdown", "since": "2026-03-02" }""");
        Assert.Equal("2026-03-02", (string?)Assert.Single(back!["owed"]!.AsArray())!["since"]);
        Assert.Equal(400, (await app.Put("/api/partners/fir/owed", """{ "text": " " }""")).Status);
        Assert.Equal(404, (await app.Put("/api/partners/nobody/owed", """{ "text": "x" }""")).Status);
    }

    [Fact]
    public async Task An_export_without_names_has_none_of_them()
    {
        await using var app = await RunningApp.Start(demo: true);
        var export = (await app.Get("/api/export?nameless=true")).ToJsonString();
        foreach (var name in (string[])["Alder", "Dogwood", "Juniper", "Willow", "Grey Shorts"])
            Assert.DoesNotContain(name, export, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("Partner 13", export, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_ranking_and_the_weeks_are_asked_for_one_partner_alone()
    {
        await using var app = await RunningApp.Start(demo: true);
        var whole = await app.Get("/api/weak-spots");
        var alder = await app.Get("/api/weak-spots?partner=alder");
        Assert.Equal((121, 13), ((int)whole["rolls"]!, (int)alder["rolls"]!));
        Assert.Equal(0, (int)(await app.Get("/api/weak-spots?partner=nobody"))["rolls"]!);
        var weeks = await app.Get("/api/weeks?partner=alder");
        Assert.All(weeks["courses"]!.AsArray().SelectMany(c => c!["partners"]!.AsArray()), p => Assert.Equal("Alder", (string?)p!["name"]));
        Assert.NotEmpty(weeks["courses"]!.AsArray());
    }
}
