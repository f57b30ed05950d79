using System.Text;
using System.Text.Json.Nodes;
using AshNotch.App.Verbs;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Tests;

public sealed class CommandLineTests : IDisposable
{
    private readonly string directory = Directory.CreateTempSubdirectory("ash-notch-verbs-").FullName;

    public void Dispose() => Directory.Delete(directory, recursive: true);

    private static async Task<(int Code, string Out, string Said)> Run(string input, params string[] args)
    {
        using var results = new MemoryStream();
        using var said = new StringWriter();
        var code = await CommandLine.Run(
            args,
            MatVocabulary.BuiltIn,
            new Output(results, said, new MemoryStream(Encoding.UTF8.GetBytes(input)))
        );
        return (code, Encoding.UTF8.GetString(results.ToArray()), said.ToString());
    }

    [Fact]
    public async Task Export_and_import_of_the_demo_log_give_the_same_log()
    {
        var first = Path.Combine(directory, "a");
        var second = Path.Combine(directory, "b");
        Assert.Equal(0, (await Run("", "import", DemoData.File, "--data", first)).Code);
        var (code, exported, _) = await Run("", "export", "--format", "json", "--data", first);
        Assert.Equal(0, code);
        Assert.Equal(await File.ReadAllTextAsync(DemoData.File, TestContext.Current.CancellationToken), exported);
        Assert.Equal(0, (await Run(exported, "import", "-", "--data", second)).Code);
        Assert.Equal(exported, (await Run("", "export", "--data", second)).Out);
    }

    private const string Match = """
        { "format": "ash-notch-log", "version": 1, "sessions": [ { "id": "s", "date": "2026-03-02", "attire": "no-gi", "rolls": [
          { "id": "m", "kind": "match", "minutes": 6, "penalties": [ { "by": "partner", "why": "stalling" }, { "by": "partner" } ],
            "exchanges": [ { "notches": [
              { "by": "me", "move": "double-leg", "from": "standing/neutral", "to": "open-guard/top", "outcome": "landed", "at": "0:40" },
              { "by": "me", "move": "knee-cut-pass", "to": "side-control/top", "outcome": "landed", "at": "1:30" },
              { "by": "partner", "move": "guard-recovery", "to": "open-guard/top", "outcome": "landed", "at": "1:32" },
              { "by": "partner", "move": "scissor-sweep", "to": "open-guard/bottom", "outcome": "landed" } ] } ] },
          { "id": "t", "rules": "my gym's", "exchanges": [ { "notches": [ { "by": "me", "move": "armbar", "outcome": "tap" } ] } ] } ] } ] }
        """;

    [Fact]
    public async Task A_match_is_scored_line_by_line_and_rules_that_are_not_known_are_said()
    {
        var (code, text, said) = await Run(Match, "score", "-");
        Assert.Equal(0, code);
        Assert.Contains("t: the rules 'my gym's' are not known here", said, StringComparison.Ordinal);
        var match = JsonNode.Parse(text)!["rolls"]![0]!;
        Assert.Equal("federation-no-gi", (string?)match["rules"]);
        Assert.Equal("""{"points":2,"advantages":2,"penalties":0}""", match["me"]!.ToJsonString());
        Assert.Equal("""{"points":2,"advantages":0,"penalties":2}""", match["partner"]!.ToJsonString());
        Assert.Equal(("me", "advantages"), ((string?)match["leader"], (string?)match["by"]));
        Assert.Equal("""{"me":{"low":2,"high":2},"partner":{"low":0,"high":2}}""", match["ifHeld"]!.ToJsonString());
        Assert.Equal(
            ["takedown 2 0", "pass 0 1", "sweep 2 0", "penalty 0 0", "penalty 0 0", "penalty 0 1"],
            match["lines"]!.AsArray().Select(l => $"{l!["for"]} {l["points"]} {l["advantages"]}")
        );
        Assert.Contains(match["flips"]!.AsArray(), f => ((string?)f!["by"], (string?)f["event"]) == ("partner", "sweep"));
    }

    [Theory]
    [InlineData("submission-only", "level", "none")]
    [InlineData("submission-grappling", "level", "referee")]
    public async Task Other_rules_are_asked_for_by_their_id(string rules, string leader, string by)
    {
        var match = JsonNode.Parse((await Run(Match, "score", "-", "--rules", rules, "--roll", "m")).Out)!["rolls"]!.AsArray();
        Assert.Equal((leader, by), ((string?)match[0]!["leader"], (string?)match[0]!["by"]));
        Assert.Single(match);
    }

    [Fact]
    public async Task A_score_by_no_rules_or_of_no_roll_is_refused()
    {
        var (code, _, said) = await Run(Match, "score", "-", "--rules", "nobody's");
        Assert.Equal(2, code);
        Assert.Contains("--rules is one of federation-gi", said, StringComparison.Ordinal);
        Assert.Equal(1, (await Run(Match, "score", "-", "--roll", "x")).Code);
    }

    [Fact]
    public async Task A_plan_has_a_block_other_sets_and_sessions_and_is_the_same_each_time()
    {
        string[] asked = ["plan", DemoData.File, "--weeks", "2", "--start", "2026-11-30", "--days", "tue,friday", "--minutes", "24"];
        var (code, text, said) = await Run("", asked);
        Assert.Equal((0, ""), (code, said));
        Assert.Equal(text, (await Run("", asked)).Out);
        var plan = JsonNode.Parse(text)!;
        Assert.Equal(("2026-11-30", "2026-12-13"), ((string?)plan["block"]!["start"], (string?)plan["block"]!["end"]));
        var first = plan["block"]!["focuses"]![0]!;
        Assert.Equal(
            ("half-guard/bottom", "partner", "knee-cut-pass"),
            ((string?)first["from"], (string?)first["by"], (string?)first["move"])
        );
        Assert.InRange((double)first["gainPerRoll"]!, (double)first["low"]!, (double)first["high"]!);
        Assert.Equal(2, plan["alternatives"]!.AsArray().Count);
        var sessions = plan["sessions"]!.AsArray();
        Assert.Equal(["2026-12-01", "2026-12-04", "2026-12-08", "2026-12-11"], sessions.Select(s => (string?)s!["date"]));
        Assert.All(sessions, s => Assert.InRange(s!["rounds"]!.AsArray().Sum(r => (int)r!["minutes"]!), 3, 24));
    }

    [Fact]
    public async Task A_plan_keeps_to_the_week_of_the_file_and_leaves_out_what_was_drilled_lately()
    {
        // The demo trains on three days for twenty minutes; a competition is added, and its last week is lighter.
        var file = (await File.ReadAllTextAsync(DemoData.File, TestContext.Current.CancellationToken)).Replace(
            "\"week\": {",
            "\"week\": { \"competition\": { \"date\": \"2026-12-12\" },",
            StringComparison.Ordinal
        );
        var plan = JsonNode.Parse((await Run(file, "plan", "-", "--start", "2026-12-07", "--weeks", "2")).Out)!;
        var sessions = plan["sessions"]!.AsArray();
        Assert.Equal(["2026-12-07", "2026-12-09", "2026-12-14", "2026-12-16", "2026-12-19"], sessions.Select(s => (string?)s!["date"]));
        Assert.All(sessions.Take(2), s => Assert.InRange(s!["rounds"]!.AsArray().Sum(r => (int)r!["minutes"]!), 1, 10));
        Assert.DoesNotContain(plan["block"]!["focuses"]!.AsArray(), f => (string?)f!["move"] == "knee-cut-pass");
        var asked = JsonNode.Parse((await Run(file, "plan", "-", "--start", "2026-12-07", "--minutes", "30")).Out)!;
        Assert.All(asked["sessions"]!.AsArray(), s => Assert.Equal(30, (int)s!["minutes"]!));
    }

    [Theory]
    [InlineData("--weeks", "7", "--weeks is a number from 2 to 6")]
    [InlineData("--start", "tomorrow", "write it as 2026-03-02")]
    [InlineData("--days", "mon,blursday", "write them as mon,wed,sat")]
    [InlineData("--minutes", "0", "from 1 to 240")]
    public async Task What_a_plan_cannot_be_asked_for_is_a_usage_error(string option, string value, string words)
    {
        var (code, text, said) = await Run("", "plan", DemoData.File, option, value);
        Assert.Equal((2, ""), (code, text));
        Assert.Contains(words, said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Where_nothing_can_be_planned_it_says_why()
    {
        var (code, text, said) = await Run("""{ "format": "ash-notch-log", "version": 1 }""", "plan", "-");
        Assert.Equal(0, code);
        Assert.Contains("Nothing is logged yet", said, StringComparison.Ordinal);
        Assert.Null(JsonNode.Parse(text)!["block"]);
        (_, text, said) = await Run("", "plan", DemoData.File, "--minutes", "2");
        Assert.Contains("3 minutes", said, StringComparison.Ordinal);
        Assert.NotNull(JsonNode.Parse(text)!["block"]);
    }

    [Theory]
    [InlineData("", 0)]
    [InlineData("""{ "rolls": [ { "exchanges": [ { "notches": [ { "by": "me", "outcome": "tap" } ] } ] } ] }""", 1)]
    public async Task A_log_that_says_next_to_nothing_is_answered_with_nought(string session, int rolls)
    {
        var (code, text, _) = await Run(
            $$"""{ "format": "ash-notch-log", "version": 1, "sessions": [ {{session}} ] }""",
            "weak-spots",
            "-"
        );
        Assert.Equal(0, code);
        Assert.Contains("\"valuePerRoll\": 0,", text, StringComparison.Ordinal);
        Assert.Contains($"\"rolls\": {rolls},", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Weak_spots_has_the_shape_of_the_design()
    {
        var (code, text, _) = await Run("", "weak-spots", DemoData.File, "--aim", "points", "--top", "3");
        Assert.Equal(0, code);
        var result = JsonNode.Parse(text)!;
        Assert.Equal(["valuePerRoll", "rolls", "notches", "spots", "untested", "leftOut"], result.AsObject().Select(p => p.Key));
        Assert.Equal(3, result["spots"]!.AsArray().Count);
        Assert.Equal(
            [
                "rank",
                "list",
                "from",
                "by",
                "move",
                "to",
                "gainPerRoll",
                "low",
                "high",
                "firstShare",
                "visitsPerRoll",
                "rate",
                "count",
                "partners",
                "rolls",
                "supposed",
                "say",
            ],
            result["spots"]![0]!.AsObject().Select(p => p.Key)
        );
        Assert.Equal(text, (await Run("", "weak-spots", DemoData.File, "--aim", "points", "--top", "3")).Out);
    }

    [Fact]
    public async Task Read_gives_mentions_exchanges_and_what_was_unread_with_offsets()
    {
        const string Text = "Standing. Oak pulled guard. Wozzle.";
        var (code, text, _) = await Run(Text, "read", "-", "--partner", "Oak");
        Assert.Equal(0, code);
        var result = JsonNode.Parse(text)!;
        var move = result["mentions"]![1]!;
        Assert.Equal(
            ("guard-pull", "move", "pulled guard"),
            ((string?)move["id"], (string?)move["kind"], Text[(int)move["start"]!..(int)move["end"]!])
        );
        var notch = result["exchanges"]![0]!["notches"]![0]!;
        Assert.Equal(("partner", "open-guard/top"), ((string?)notch["by"], (string?)notch["to"]));
        Assert.Equal(2, notch["span"]!.AsArray().Count);
        Assert.Equal("Wozzle", (string?)result["unread"]![0]!["text"]);
    }

    [Fact]
    public async Task Asked_why_it_says_which_words_speak_for_what()
    {
        var result = JsonNode.Parse((await Run("He went for a triangle, I defended. Kimura, tap.", "read", "-", "--why")).Out)!;
        var why = result["exchanges"]![0]!["why"]!.AsArray().Select(n => string.Join(' ', n!.AsArray().Select(r => (string?)r))).ToList();
        Assert.Equal(2, why.Count);
        Assert.Contains("“went for” says that it was tried.", why[0], StringComparison.Ordinal);
        Assert.Contains("“I defended” says how it came out.", why[0], StringComparison.Ordinal);
        Assert.StartsWith("Nobody is named", why[1], StringComparison.Ordinal);
        Assert.Null(JsonNode.Parse((await Run("I swept him.", "read", "-")).Out)!["exchanges"]![0]!["why"]);
    }

    [Fact]
    public async Task Vocabulary_lists_places_with_mirrors_and_moves_with_kinds()
    {
        var result = JsonNode.Parse((await Run("", "vocabulary")).Out)!;
        Assert.Contains(
            result["places"]!.AsArray(),
            p => (string?)p!["id"] == "half-guard/bottom" && (string?)p["mirror"] == "half-guard/top"
        );
        Assert.Contains(result["moves"]!.AsArray(), m => (string?)m!["id"] == "knee-cut-pass" && (string?)m["kind"] == "pass");
    }

    [Fact]
    public async Task Partners_say_what_passes_between_us_and_what_was_learned()
    {
        var (code, text, _) = await Run("", "partners", DemoData.File, "--on", "2026-11-23");
        Assert.Equal(0, code);
        var partners = JsonNode.Parse(text)!["partners"]!.AsArray();
        var dogwood = partners.Single(p => (string?)p!["id"] == "dogwood")!;
        Assert.Equal(("2026-11-18", 12), ((string?)dogwood["last"], (int)dogwood["rolls"]!));
        var learned = Assert.Single(dogwood["learned"]!.AsArray())!;
        Assert.Equal(
            ("partner", "closed-guard/bottom", "hip-bump-sweep"),
            ((string?)learned["by"], (string?)learned["from"], (string?)learned["move"])
        );
        Assert.Equal(
            (8, 12, 0),
            ((int)learned["before"]!["landed"]!, (int)learned["before"]!["tried"]!, (int)learned["lately"]!["landed"]!)
        );
        Assert.InRange((double)learned["chance"]!, 0.5, 1);
        var bump = dogwood["me"]!.AsArray().Single(m => (string?)m!["move"] == "hip-bump-sweep")!;
        Assert.Equal(["mount/top"], bump["to"]!.AsArray().Select(t => (string?)t));
        Assert.True((double)bump["low"]! < (double)bump["high"]! && (double)bump["high"]! < (double)bump["usual"]!);
        Assert.All(partners, p => Assert.InRange((double)p!["likelyThere"]!, 0, 1));
        var one = JsonNode.Parse((await Run("", "partners", DemoData.File, "--partner", "fir")).Out)!["partners"]!.AsArray();
        Assert.Equal("fir", (string?)Assert.Single(one)!["id"]);
        Assert.Equal(
            "--partner: 'nobody' is no partner of this log; name one by its id.\n",
            (await Run("", "partners", DemoData.File, "--partner", "nobody")).Said
        );
    }

    [Theory]
    [InlineData(2, "partners", "-", "--on", "someday")]
    [InlineData(1, "partners", "-")]
    [InlineData(2, "dance")]
    [InlineData(2, "weak-spots")]
    [InlineData(2, "weak-spots", "-", "--aim", "win")]
    [InlineData(2, "weak-spots", "-", "--top", "0")]
    [InlineData(2, "serve", "--port", "99999")]
    [InlineData(1, "weak-spots", "-")]
    [InlineData(1, "import", "-", "--data", "unused")]
    [InlineData(1, "read", "/no/such/file")]
    [InlineData(1, "export", "--data", "/no/such/directory")]
    public async Task Faults_and_misuse_have_their_codes_and_a_line_of_words(int expected, params string[] args)
    {
        var (code, output, said) = await Run("{ broken", args);
        Assert.Equal(expected, code);
        Assert.Empty(output);
        Assert.NotEmpty(said.Trim());
    }

    [Fact]
    public async Task An_import_reports_own_terms_and_keeps_them()
    {
        const string Log = """
            { "format": "ash-notch-log", "version": 1, "sessions": [ { "rolls": [ { "exchanges": [ { "notches": [ 
            { "by": "me", "move": "gym-special", "outcome": "landed" } ] } ] } ] } ] }
            """;
        var (code, _, said) = await Run(Log, "import", "-", "--data", directory);
        Assert.Equal(0, code);
        Assert.Contains("gym-special", said, StringComparison.Ordinal);
        Assert.Contains("gym-special", (await Run("", "export", "--data", directory)).Out, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_second_serve_on_the_same_directory_refuses_in_one_line()
    {
        using var held = Storage.DataLock.Take(directory);
        var (code, _, said) = await Run("", "serve", "--data", directory, "--port", "0");
        Assert.Equal(1, code);
        Assert.Contains("already being served", Assert.Single(said.Trim().Split('\n')), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Read_takes_captions_with_their_times_and_says_which_could_not_be_read()
    {
        const string Captions =
            "WEBVTT\n\n00:05.000 --> 00:08.000\ni pulled guard\n\n00:99.000 --> oops\nhe passed\n\n01:10.000 --> 01:12.000\ni swept him\n";
        var (code, text, said) = await Run(Captions, "read", "-");
        Assert.Equal(0, code);
        Assert.StartsWith("line 6:", said, StringComparison.Ordinal);
        var notches = JsonNode.Parse(text)!["exchanges"]!.AsArray().SelectMany(e => e!["notches"]!.AsArray()).ToList();
        Assert.Equal(["guard-pull", "guard-pass", "sweep"], notches.Select(n => (string?)n!["move"]));
        Assert.Equal(["0:05", "0:05", "1:10"], notches.Select(n => (string?)n!["at"]));
    }

    [Fact]
    public async Task Read_asks_what_it_is_not_sure_of()
    {
        var result = JsonNode.Parse((await Run("I had mount. I got an americana.", "read", "-")).Out)!;
        var question = Assert.Single(result["questions"]!.AsArray())!;
        Assert.Equal("Did the americana end in a tap?", (string?)question["ask"]);
        Assert.True((bool)result["exchanges"]![0]!["notches"]![0]!["unsure"]!);
    }

    [Fact]
    public async Task Own_names_go_out_and_come_in_with_the_log()
    {
        const string Log = """{ "format": "ash-notch-log", "version": 1, "ownNames": [ { "name": "number five", "id": "half-guard" } ] }""";
        Assert.Equal(0, (await Run(Log, "import", "-", "--data", directory)).Code);
        Assert.Contains("number five", (await Run("", "export", "--data", directory)).Out, StringComparison.Ordinal);
        var (code, _, said) = await Run(Log.Replace("half-guard", "no-such", StringComparison.Ordinal), "import", "-", "--data", directory);
        Assert.Equal(1, code);
        Assert.Contains("ownNames[0].id", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Read_tells_several_rolls_apart_and_counts_offsets_in_the_whole_text()
    {
        const string Text = "I pulled guard. Then with Rowan, a blue belt. He swept me. Next time I need to post.";
        var (code, results, _) = await Run(Text, "read", "-");
        Assert.Equal(0, code);
        var read = JsonNode.Parse(results)!;
        Assert.Equal([null, "Rowan"], read["rolls"]!.AsArray().Select(r => (string?)r!["with"]));
        Assert.Equal(["pulled guard", "swept"], read["mentions"]!.AsArray().Select(m => Text[(int)m!["start"]!..(int)m["end"]!]));
        // The second roll does not go on where the first one stood.
        Assert.Null(read["exchanges"]![1]!["notches"]![0]!["from"]);
    }

    [Fact]
    public async Task Export_writes_the_captions_of_one_roll_and_wants_to_know_which()
    {
        var data = Path.Combine(directory, "vtt");
        const string Log = """
            { "format": "ash-notch-log", "version": 1, "sessions": [ { "rolls": [ { "id": "r", "exchanges": [ 
            { "notches": [ { "by": "me", "move": "sweep", "outcome": "landed", "at": "0:12" } ] } ] } ] } ] }
            """;
        Assert.Equal(0, (await Run(Log, "import", "-", "--data", data)).Code);
        var (code, results, _) = await Run("", "export", "--format", "vtt", "--roll", "r", "--data", data);
        Assert.Equal((0, "WEBVTT\n\n1\n00:00:12.000 --> 00:00:15.000\nI got the sweep.\n"), (code, results));
        Assert.Equal(2, (await Run("", "export", "--format", "vtt", "--data", data)).Code);
        Assert.Equal(1, (await Run("", "export", "--format", "vtt", "--roll", "none", "--data", data)).Code);
    }

    [Fact]
    public async Task Everything_goes_to_one_file_and_comes_back()
    {
        var (data, copy) = (Path.Combine(directory, "data"), Path.Combine(directory, "copy.db"));
        Assert.Equal(0, (await Run("", "import", DemoData.File, "--data", data)).Code);
        var before = (await Run("", "export", "--data", data)).Out;
        Assert.Equal(0, (await Run("", "backup", copy, "--data", data)).Code);
        Assert.Equal(0, (await Run("", "undo-import", "--data", data)).Code);
        Assert.NotEqual(before, (await Run("", "export", "--data", data)).Out);
        Assert.Equal(0, (await Run("", "restore", copy, "--data", data)).Code);
        Assert.Equal(before, (await Run("", "export", "--data", data)).Out);
        Assert.Equal(0, (await Run("", "check", "--data", data)).Code);
        await File.WriteAllTextAsync(
            Path.Combine(data, "ash-notch.db"),
            "spoilt, and long enough to be looked at",
            TestContext.Current.CancellationToken
        );
        var (code, _, said) = await Run("", "export", "--data", data);
        Assert.Equal(1, code);
        Assert.Contains("is damaged", said, StringComparison.Ordinal);
        Assert.Equal(0, (await Run("", "restore", copy, "--data", data)).Code);
        Assert.Equal(before, (await Run("", "export", "--data", data)).Out);
        Assert.Equal(1, (await Run("", "restore", Path.Combine(directory, "none.db"), "--data", data)).Code);
    }

    [Fact]
    public async Task What_an_import_would_change_is_said_as_JSON_and_nothing_is_changed()
    {
        var data = Path.Combine(directory, "data");
        var (code, plan, _) = await Run("", "import", DemoData.File, "--data", data, "--dry-run");
        Assert.Equal(0, code);
        Assert.Equal(121, (int)JsonNode.Parse(plan)!["rolls"]!["new"]!);
        Assert.False(Directory.Exists(data));
        await Run("{ \"format\": \"ash-notch-log\", \"version\": 1 }", "import", "-", "--data", data);
        var before = (await Run("", "export", "--data", data)).Out;
        await Run("", "import", DemoData.File, "--data", data, "--dry-run");
        Assert.Equal(before, (await Run("", "export", "--data", data)).Out);
        var (_, _, said) = await Run("", "undo-import", "--data", data);
        Assert.Contains("no import to take back", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_demo_takes_no_directory_and_an_empty_one_is_refused()
    {
        Assert.Equal(2, (await Run("", "demo", "--data", directory)).Code);
        var (code, _, said) = await Run("", "serve", "--data", "");
        Assert.Equal(1, code);
        Assert.Contains("names no directory", said, StringComparison.Ordinal);
    }
}
