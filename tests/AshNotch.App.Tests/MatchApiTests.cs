namespace AshNotch.App.Tests;

/// <summary>Match days, matches entered live, rules of one's own: as the pages ask for them.</summary>
public class MatchApiTests
{
    private const string Day = """
        { "name": "Autumn open", "date": "2026-03-08", "attire": "gi", "belt": "blue", "ageDivision": "adult", "category": "men",
          "classKg": 76, "weightKg": 75.2, "opponents": [ { "opponent": "Grey shorts", "known": [ { "text": "pulls", "from": "coach" } ] } ] }
        """;

    [Fact]
    public async Task A_match_day_says_how_long_who_is_inside_and_what_is_barred()
    {
        await using var app = await RunningApp.Start();
        var (status, day) = await app.Put("/api/matches/d", Day);
        Assert.Equal(200, status);
        Assert.Equal(6, (double)day!["minutes"]!);
        Assert.Equal("75.2 kg: inside 76 kg by 0.8 kg.", (string?)day["weight"]);
        Assert.Equal("adult, men, blue, to 76 kg, gi", (string?)day["division"]);
        Assert.Contains(
            day["barred"]!.AsArray(),
            b => ((string?)b)!.StartsWith("Heel hooks are for adult brown", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(day["barred"]!.AsArray(), b => ((string?)b)!.StartsWith("Wrist locks", StringComparison.Ordinal));
        Assert.Single((await app.Get("/api/matches"))["past"]!.AsArray());
        Assert.Equal(204, (await app.Send(HttpMethod.Delete, "/api/matches/d", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Get, "/api/matches/d", null)).Status);
    }

    [Theory]
    [InlineData("\"2026-03-08\"", "\"someday\"", "date")]
    [InlineData("\"Autumn open\"", "\"\"", "name")]
    [InlineData("\"gi\"", "\"jeans\"", "attire")]
    [InlineData("\"attire\"", "\"rules\": \"nobodys\", \"attire\"", "rules")]
    [InlineData("\"Grey shorts\"", "\"\"", "opponents[0].opponent")]
    public async Task A_match_day_that_cannot_be_is_told_where(string from, string to, string field)
    {
        await using var app = await RunningApp.Start();
        var (status, problem) = await app.Put("/api/matches/d", Day.Replace(from, to, StringComparison.Ordinal));
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
        Assert.Empty((await app.Get("/api/matches"))["past"]!.AsArray());
    }

    [Fact]
    public async Task A_match_is_entered_live_and_kept_once_however_often_it_is_sent()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/matches/d", Day);
        var pressed = """
            { "roll": "m1", "opponent": "Grey shorts", "elapsed": 200, "events": [
              { "by": "me", "for": "takedown", "at": 20 }, { "by": "me", "for": "pass", "at": 90 }, { "by": "partner", "for": "sweep", "how": "near", "at": 100 } ] }
            """;
        var (_, live) = await app.Post("/api/matches/d/live", pressed);
        Assert.Equal((5, 0, 1), ((int)live!["me"]!, (int)live["partner"]!, (int)live["theirAdvantages"]!));
        Assert.Null(live["kept"]);
        Assert.Empty((await app.Get("/api/rack"))["sessions"]!.AsArray());
        var over = pressed.Replace("\"elapsed\": 200", "\"keep\": true", StringComparison.Ordinal);
        await app.Post("/api/matches/d/live", over);
        await app.Post("/api/matches/d/live", over);
        var match = Assert.Single((await app.Get("/api/matches/d"))["matches"]!.AsArray())!;
        Assert.Equal(("5-0, 0-1 adv.", "Won by points"), ((string?)match["computed"], (string?)match["result"]));
        Assert.Equal("Grey shorts", (string?)match["row"]!["partnerName"]);
        Assert.Equal("1 won", (string?)(await app.Get("/api/matches"))["past"]![0]!["say"]);
        Assert.Equal("5-0", (string?)Assert.Single((await app.Get("/api/rolls/m1"))["running"]!.AsArray()));
    }

    [Fact]
    public async Task A_day_that_was_changed_meanwhile_is_not_overwritten()
    {
        await using var app = await RunningApp.Start();
        var version = (string?)(await app.Put("/api/matches/d", Day)).Body!["version"];
        var (status, changed) = await app.Put(
            $"/api/matches/d?version={version}",
            Day.Replace("pulls", "shoots", StringComparison.Ordinal)
        );
        Assert.Equal(200, status);
        Assert.NotEqual(version, (string?)changed!["version"]);
        var (refused, problem) = await app.Put(
            $"/api/matches/d?version={version}",
            Day.Replace("coach", "Larch", StringComparison.Ordinal)
        );
        Assert.Equal(409, refused);
        Assert.Contains("changed elsewhere", problem!.ToJsonString(), StringComparison.Ordinal);
        Assert.Contains("shoots", (await app.Get("/api/matches/d")).ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_many_who_change_one_form_of_a_day_at_once_one_is_kept()
    {
        await using var app = await RunningApp.Start();
        var version = (string?)(await app.Put("/api/matches/d", Day)).Body!["version"];
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 8)
                .Select(i => app.Put($"/api/matches/d?version={version}", Day.Replace("pulls", $"said {i}", StringComparison.Ordinal)))
        );
        Assert.Single(answers, a => a.Status == 200);
        Assert.Equal(7, answers.Count(a => a.Status == 409));
    }

    [Fact]
    public async Task Who_is_met_twice_live_is_one_partner()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/matches/d", Day);
        foreach (var roll in (string[])["m1", "m2"])
            await app.Post(
                "/api/matches/d/live",
                $$"""{ "roll": "{{roll}}", "opponent": "Grey shorts", "keep": true, "events": [ { "by": "me", "for": "takedown" } ] }"""
            );
        Assert.Single((await app.Get("/api/partners")).AsArray());
        var matches = (await app.Get("/api/matches/d"))["matches"]!.AsArray();
        Assert.Equal(["Grey shorts", "Grey shorts"], matches.Select(m => (string?)m!["row"]!["partnerName"] ?? ""));
        Assert.Equal("2 won", (string?)(await app.Get("/api/matches/d"))["say"]);
    }

    [Fact]
    public async Task Rules_of_one_name_are_told_apart()
    {
        await using var app = await RunningApp.Start();
        var gi = (await app.Get("/api/rulesets"))[0]!["rules"]!;
        foreach (var (id, points) in new[] { ("one", 5), ("two", 9) })
        {
            gi["name"] = "club";
            gi["scores"]![2]!["points"] = points;
            await app.Put($"/api/rulesets/{id}", gi.ToJsonString());
        }
        await app.Put("/api/matches/d", Day.Replace("\"attire\"", "\"rules\": \"two\", \"attire\"", StringComparison.Ordinal));
        var day = await app.Get("/api/matches/d");
        Assert.Equal(("two", "club"), ((string?)day["rulesId"], (string?)day["rules"]));
    }

    [Fact]
    public async Task A_match_of_a_day_that_is_still_to_come_is_not_kept()
    {
        await using var app = await RunningApp.Start();
        var coming = DateOnly
            .FromDateTime(DateTime.UtcNow)
            .AddDays(9)
            .ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
        await app.Put("/api/matches/d", Day.Replace("2026-03-08", coming, StringComparison.Ordinal));
        var pressed = """{ "roll": "m1", "keep": true, "events": [ { "by": "me", "for": "takedown" } ] }""";
        Assert.Equal(400, (await app.Post("/api/matches/d/live", pressed)).Status);
        Assert.Empty((await app.Get("/api/rack"))["sessions"]!.AsArray());
        Assert.Equal(200, (await app.Post("/api/matches/d/live", pressed.Replace("true", "false", StringComparison.Ordinal))).Status);
    }

    [Fact]
    public async Task What_is_kept_for_matches_goes_out_and_comes_in_and_is_taken_back()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/matches/d", Day);
        var gi = (await app.Get("/api/rulesets"))[0]!["rules"]!;
        gi["name"] = "our club";
        await app.Put("/api/rulesets/club", gi.ToJsonString());
        var diary = app.Store.Snapshot(null).Diary;
        await using var other = await RunningApp.Start();
        var import = other.Store.Import(diary, DateTimeOffset.UtcNow)!;
        Assert.Contains("1 new match day", import.Summary, StringComparison.Ordinal);
        Assert.Contains("1 new ruleset", import.Summary, StringComparison.Ordinal);
        Assert.Equal("75.2 kg: inside 76 kg by 0.8 kg.", (string?)(await other.Get("/api/matches/d"))["weight"]);
        Assert.Null(other.Store.Import(diary, DateTimeOffset.UtcNow));
        Assert.Empty(other.Store.UndoImport(import.Key, DateTimeOffset.UtcNow)!);
        Assert.Empty(other.Store.Snapshot(null).Diary.Matches.Days);
        Assert.Empty(other.Store.Snapshot(null).Diary.Matches.Rulesets);
    }

    [Fact]
    public async Task What_the_referee_said_stands_beside_what_is_computed()
    {
        await using var app = await RunningApp.Start();
        await app.Put("/api/matches/d", Day);
        await app.Put(
            "/api/rolls/m",
            """
            { "session": { "date": "2026-03-08", "kind": "competition", "attire": "gi" }, "roll": { "id": "m", "kind": "match", "event": "Autumn open",
              "official": { "me": { "points": 0 }, "partner": { "points": 2 }, "winner": "partner", "by": "points" }, "exchanges": [ { "notches": [
              { "by": "me", "move": "knee-cut-pass", "from": "half-guard/top", "to": "side-control/top", "outcome": "landed" } ] } ] } }
            """
        );
        var match = (await app.Get("/api/matches/d"))["matches"]![0]!;
        Assert.Equal(("3-0", "0-2", "Lost by points"), ((string?)match["computed"], (string?)match["official"], (string?)match["result"]));
        Assert.Equal(3, match["differs"]!.AsArray().Count);
        Assert.Equal(1, (int)match["asked"]!);
        var asked = (await app.Get("/api/rolls/m"))["questions"]![0]!;
        Assert.Equal("Your pass: was it held for three seconds?", (string?)asked["ask"]);
        Assert.False((bool)asked["answers"]![1]!["notch"]!["held"]!);
    }

    [Fact]
    public async Task Rules_of_ones_own_are_made_from_a_copy_used_and_dropped()
    {
        await using var app = await RunningApp.Start();
        var gi = (await app.Get("/api/rulesets"))[0]!["rules"]!;
        gi["name"] = "our club";
        gi["scores"]![2]!["points"] = 7;
        Assert.Equal(200, (await app.Put("/api/rulesets/club", gi.ToJsonString())).Status);
        await app.Put("/api/matches/d", Day.Replace("\"attire\"", "\"rules\": \"club\", \"attire\"", StringComparison.Ordinal));
        var (_, live) = await app.Post("/api/matches/d/live", """{ "roll": "m1", "events": [ { "by": "me", "for": "pass" } ] }""");
        Assert.Equal(7, (int)live!["me"]!);
        Assert.Contains((await app.Get("/api/settings"))["rulesets"]!.AsArray(), r => (string?)r!["id"] == "club");
        gi["scores"]![2]!["points"] = -1;
        var (status, problem) = await app.Put("/api/rulesets/club", gi.ToJsonString());
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["scores[2].points"]);
        Assert.Equal(400, (await app.Put("/api/rulesets/federation-gi", gi.ToJsonString())).Status);
        Assert.Equal(200, (await app.Send(HttpMethod.Delete, "/api/rulesets/club", null)).Status);
        Assert.Equal(404, (await app.Send(HttpMethod.Delete, "/api/rulesets/club", null)).Status);
        // A day whose rules are gone is scored by the federation's.
        Assert.Equal("federation points, gi", (string?)(await app.Get("/api/matches/d"))["rules"]);
    }

    [Fact]
    public async Task A_table_of_house_rules_of_an_earlier_version_still_counts()
    {
        await using var app = await RunningApp.Start();
        app.Store.KeepSetting(
            "house",
            """
            { "Id": "house", "Name": "house rules", "Source": "your own table", "Takedown": 2, "TakedownPastGuard": 2, "Sweep": 2,
              "SweepPastGuard": 2, "Pass": 9, "KneeOnBelly": 2, "Mount": 4, "Back": 4, "Tap": 10 }
            """
        );
        var house = (await app.Get("/api/rulesets")).AsArray().Single(r => (string?)r!["rules"]!["id"] == "house")!;
        Assert.Equal(9, (int)house["rules"]!["scores"]![2]!["points"]!);
    }

    [Fact]
    public async Task What_is_allowed_is_said_for_a_belt_and_rules()
    {
        await using var app = await RunningApp.Start();
        var purple = await app.Get("/api/allowed?belt=purple&attire=no-gi&age=adult");
        Assert.Equal("barred", (string?)purple["moves"]!.AsArray().Single(m => (string?)m!["id"] == "inside-heel-hook")!["standing"]);
        var brown = await app.Get("/api/allowed?belt=brown&attire=no-gi&age=adult");
        var hook = brown["moves"]!.AsArray().Single(m => (string?)m!["id"] == "inside-heel-hook")!;
        Assert.Equal("allowed", (string?)hook["standing"]);
        Assert.NotNull(hook["caution"]);
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/allowed?rules=x", null)).Status);
    }

    [Fact]
    public async Task The_shadow_score_is_counted_by_partner_and_week()
    {
        await using var app = await RunningApp.Start(demo: true);
        var shadow = await app.Get("/api/shadow");
        var all = shadow["all"]!;
        Assert.Equal((int)all["rolls"]!, shadow["weeks"]!.AsArray().Sum(w => (int)w!["rolls"]!));
        Assert.Equal((int)all["lost"]!, shadow["weeks"]!.AsArray().Sum(w => (int)w!["lost"]!));
        Assert.NotEmpty(shadow["partners"]!.AsArray());
        Assert.Equal(400, (await app.Send(HttpMethod.Get, "/api/shadow?rules=x", null)).Status);
    }
}
