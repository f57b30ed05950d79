using System.Text;
using AshNotch.Core.Drilling;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;
using NJsonSchema;

namespace AshNotch.Formats.Tests;

public class LogJsonTests
{
    /// <summary>One of everything the record can hold.</summary>
    public const string Full = """
        { "format": "ash-notch-log", "version": 1,
          "practitioner": { "belt": "blue", "stripes": 2, "weightKg": 77.0, "ageDivision": "master-1", "category": "women", "units": "lb",
            "history": [ { "since": "2025-01-01", "belt": "white", "stripes": 4, "weightKg": 80.5 } ] },
          "partners": [ { "id": "p1", "name": "Tall one", "belt": "purple", "stripes": 0, "weightKg": 82.5, "size": null,
            "traits": ["long legs"], "alsoCalled": ["Tall 1"], "notes": "",
            "owed": [ { "text": "how to frame", "since": "2026-02-27", "given": "2026-02-28" }, { "text": "the entry", "since": "2026-02-28" } ] },
                        { "id": "p2", "name": "Ünï “quoted”", "size": "much-heavier" } ],
          "sessions": [ { "id": "s1", "date": "2026-03-02", "time": "18:30", "kind": "open-mat", "attire": "no-gi", "notes": "hot",
            "taught": [ { "text": "the frame against the cut", "from": "half-guard/bottom", "move": "insert-knee-shield", "by": "coach" } ],
            "state": { "energy": "tired", "sore": ["left knee"], "note": "slept badly" },
            "rolls": [ { "id": "r1", "partner": "p1", "partnerBelt": "purple", "partnerStripes": 0, "partnerWeightKg": 82.5,
              "kind": "match", "intensity": "hard", "partnerIntensity": "steady",
              "minutes": 5.5, "plannedMinutes": 6, "starts": { "kept": 7, "lost": 3 }, "intent": "let-work",
              "missed": [ { "text": "should have taken the back", "from": "turtle/top", "move": "back-take" } ], "rules": "federation",
              "event": "d1", "division": "master 1, blue", "official": { "me": { "points": 4, "advantages": 1, "penalties": 0 },
                "partner": { "points": 2 }, "winner": "me", "by": "points" },
              "penalties": [ { "by": "partner", "at": "1:30", "why": "stalling" }, { "by": "me" } ], "mission": { "text": "grip first",
                "checks": [ { "text": "both hands", "done": true, "met": 4, "of": 6 }, { "text": "sit late" } ] },
              "partial": ["starts-late", "cut-short"], "retelling": "I pulled.\nHe passed.", "notes": "n",
              "exchanges": [ { "start": "standing/neutral", "end": "tap",
                "notches": [
                  { "by": "me", "move": "guard-pull", "from": "standing/neutral", "to": "de-la-riva-guard/bottom",
                    "outcome": "landed", "side": "left", "at": "0:20", "span": [2, 8], "inferred": ["from"] },
                  { "by": "partner", "move": "my-gyms-pass", "from": "de-la-riva-guard/bottom", "to": "side-control/bottom",
                    "outcome": "near", "held": false, "heldSeconds": 1.5, "rulings": [ { "for": "pass", "points": 3, "note": "the referee gave it" } ], "causes": ["grip lost", "own cause"], "given": "me", "unsure": true, "remaining": "4:05" },
                  { "by": "partner", "from": "side-control/bottom", "outcome": "tap", "note": "fast",
                    "advice": [{ "text": "frame before turning", "from": "coach" }, { "text": "breathe" }] } ] },
                { "end": "boundary" } ],
              "takeaways": [ "Re-grip.", { "text": "Frame.", "exchange": 0, "notch": 2 } ] } ] },
            { "id": "s2", "date": "2026-03-04" } ],
          "focuses": [ { "from": "half-guard/bottom", "by": "partner", "move": "knee-cut-pass", "chosen": "2026-03-05",
            "reason": "hurts" } ],
          "week": { "days": [ { "day": "monday", "attire": "gi", "drilling": 10, "positional": 15, "openMat": true, "time": "19:15" } ],
            "daysOff": [ "2026-03-09" ], "competition": { "date": "2026-04-04", "attire": "gi", "division": "blue", "rules": "federation" },
            "sore": [ { "place": "knee", "mild": true, "since": "2026-03-01" } ], "stopped": [ "2026-03-03" ], "second": [ "stand-or-sit" ] },
          "blocks": [ { "id": "b1", "start": "2026-03-10", "end": "2026-03-22", "reason": "coach", "verdict": "keep",
            "focuses": [ { "from": "half-guard/bottom", "by": "partner", "move": "knee-cut-pass", "side": "left", "gainPerRoll": 0.5, "low": 0.3,
              "high": 0.7, "findOut": true, "why": "it costs", "rung": "live", "rungSince": "2026-03-05" } ] } ],
          "drilled": [ { "block": "b1", "date": "2026-03-10", "rounds": [ { "focus": 0, "rung": "from-the-place", "minutes": 10,
            "starts": { "kept": 8, "lost": 2 }, "checks": [ { "text": "frame first", "met": 2, "of": 5 } ] } ] } ],
          "rulesets": [ { "id": "ours", "name": "our own", "source": "the club", "attire": "gi", "seconds": 2, "advantages": true,
            "scores": [ { "for": "sweep", "points": 2, "pastGuard": 4, "source": "the club" } ], "bodyTriangleIsHooks": true, "pointsFrom": 0.5,
            "guardPull": -1, "penalties": [ "noted", "loss" ], "decided": [ "tap", "points" ], "tap": 8,
            "minutes": [ { "ages": [ "adult" ], "belts": [ "blue" ], "minutes": 6 } ],
            "barred": [ { "moves": [ "wrist-lock" ], "classes": [ "spine" ], "fromBelt": "blue", "onlyAttire": "gi", "onlyAges": [ "adult" ],
              "notAges": [ "juvenile" ], "everyone": true, "why": "not here" } ] } ],
          "fears": [ { "id": "f1", "text": "their guillotine when I shoot", "partner": "p1", "move": "guillotine",
            "place": "standing/neutral", "mine": "double-leg" } ],
          "matchDays": [ { "id": "d1", "name": "Spring open", "date": "2026-04-04", "rules": "ours", "attire": "gi", "belt": "blue",
            "ageDivision": "adult", "category": "women", "classKg": 64, "noLimit": true, "weightKg": 63.2, "minutes": 6, "notes": "mat 3",
            "opponents": [ { "opponent": "Tall one", "partner": "p1", "belt": "purple", "known": [ { "text": "pulls at once", "from": "coach" } ],
              "starts": "de la Riva", "planA": "stand", "avoid": "the cut", "lead": "stay up", "held": "all of it" } ] } ],
          "ratings": [ { "date": "2026-03-05", "area": "half-guard", "score": 0 } ] }
        """;

    private static ReadLog Read(string json) => LogReader.Read(new MemoryStream(Encoding.UTF8.GetBytes(json)), MatVocabulary.BuiltIn);

    private static string Write(Diary diary)
    {
        using var stream = new MemoryStream();
        LogWriter.Write(diary, stream);
        return Encoding.UTF8.GetString(stream.ToArray());
    }

    private static IReadOnlyList<Fault> Faults(string json) => Assert.Throws<FaultyInputException>(() => Read(json)).Faults;

    [Fact]
    public void Writing_and_reading_again_gives_the_same_log_with_every_field_in_it()
    {
        var written = Write(Read(Full).Diary);
        Assert.Equal(written, Write(Read(written).Diary));
        foreach (
            var kept in (string[])
                [
                    "Tall 1",
                    "Ünï “quoted”",
                    "much-heavier",
                    "slept badly",
                    "\"4:05\"",
                    "both hands",
                    "starts-late",
                    "my-gyms-pass",
                    "own cause",
                    "\"boundary\"",
                    "breathe",
                    "\"notch\": 2",
                    "master-1",
                    "hurts",
                    "2025-01-01",
                    "\"category\": \"women\"",
                    "the referee gave it",
                    "\"winner\": \"me\"",
                    "\"pastGuard\": 4",
                    "not here",
                    "pulls at once",
                    "all of it",
                ]
        )
        {
            Assert.Contains(kept, written, StringComparison.Ordinal);
        }
        Assert.DoesNotContain("null", written, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_written_fits_the_published_schema_and_what_is_wrong_does_not()
    {
        var schema = await JsonSchema.FromFileAsync(
            Path.Combine(Root, "docs", "ash-notch-log.schema.json"),
            TestContext.Current.CancellationToken
        );
        Assert.Empty(schema.Validate(Full));
        Assert.Empty(schema.Validate(Write(Read(Full).Diary)));
        Assert.Empty(
            schema.Validate(await File.ReadAllTextAsync(Path.Combine(Root, "demo", "demo-log.json"), TestContext.Current.CancellationToken))
        );
        Assert.NotEmpty(schema.Validate(Full.Replace("\"near\"", "\"banana\"", StringComparison.Ordinal)));
        Assert.NotEmpty(schema.Validate("""{ "format": "ash-notch-log" }"""));
    }

    [Fact]
    public void Own_terms_are_kept_and_reported() => Assert.Equal(["my-gyms-pass"], Read(Full).OwnTerms);

    [Fact]
    public void Only_format_and_version_are_needed()
    {
        var log = Read(
            """
            { "format": "ash-notch-log", "version": 1, "sessions": [ { "rolls": [ { "exchanges": [ { "notches": [ 
            { "by": "me", "outcome": "landed" } ] } ] } ] } ] }
            """
        ).Log;
        var roll = Assert.Single(log.Rolls).Roll;
        Assert.Null(roll.Minutes);
        Assert.Null(roll.Notches.Single().From);
    }

    [Theory]
    [InlineData("\"purple\", \"stripes\": 0", "\"plaid\", \"stripes\": 0", "partners[0].belt")]
    [InlineData("82.5, \"size\"", "-3, \"size\"", "partners[0].weightKg")]
    [InlineData("2026-03-02", "1826-03-02", "sessions[0].date")]
    [InlineData("2026-03-02", "2026-02-30", "sessions[0].date")]
    [InlineData("\"partner\": \"p1\"", "\"partner\": \"p9\"", "sessions[0].rolls[0].partner")]
    [InlineData("\"id\": \"p2\"", "\"id\": \"p1\"", "partners[1].id")]
    [InlineData("\"0:20\"", "\"0:75\"", "sessions[0].rolls[0].exchanges[0].notches[0].at")]
    [InlineData("\"outcome\": \"near\",", "", "sessions[0].rolls[0].exchanges[0].notches[1].outcome")]
    [InlineData("\"minutes\": 5.5", "\"minutes\": 4000", "sessions[0].rolls[0].minutes")]
    [InlineData("\"kept\": 7", "\"kept\": -1", "sessions[0].rolls[0].starts.kept")]
    [InlineData("\"lost\": 3", "\"lost\": 4000", "sessions[0].rolls[0].starts.lost")]
    [InlineData("\"exchange\": 0, \"notch\": 2", "\"exchange\": 0, \"notch\": 9", "sessions[0].rolls[0].takeaways[1]")]
    [InlineData("\"version\": 1", "\"version\": 2", "version")]
    [InlineData("ash-notch-log", "other-log", "format")]
    public void A_fault_is_told_where_it_stands(string right, string wrong, string where) =>
        Assert.Equal(where, Assert.Single(Faults(Full.Replace(right, wrong, StringComparison.Ordinal))).Where);

    [Fact]
    public void Every_fault_gets_its_line() =>
        Assert.Equal(
            2,
            Faults(
                Full.Replace("\"purple\", \"stripes\"", "\"plaid\", \"stripes\"", StringComparison.Ordinal)
                    .Replace("2026-03-02", "1826-03-02", StringComparison.Ordinal)
            ).Count
        );

    [Theory]
    [InlineData("", "line 1")]
    [InlineData("{ \"format\": ", "line 1")]
    [InlineData("{\n\"format\": \"ash-notch-log\",\n\"version\": \"one\" }", "line 3")]
    [InlineData("[1, 2]", "line 1")]
    [InlineData("null", "")]
    public void Broken_JSON_is_told_by_line(string json, string where) =>
        Assert.StartsWith(where, Assert.Single(Faults(json)).Where, StringComparison.Ordinal);

    internal static string Root
    {
        get
        {
            var directory = new DirectoryInfo(AppContext.BaseDirectory);
            while (!File.Exists(Path.Combine(directory!.FullName, "global.json")))
                directory = directory.Parent;
            return directory.FullName;
        }
    }
}
