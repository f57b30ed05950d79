using System.Text.Json;
using AshNotch.Core.Scoring;
using AshNotch.Formats.Json;
using NJsonSchema;

namespace AshNotch.Formats.Tests;

/// <summary>Rules as data: what ships fits the published schema, and what is wrong in a file is said where it stands.</summary>
public class RulesFileTests
{
    private const string One = """
        { "format": "ash-notch-rules", "version": 1, "rulesets": [ { "id": "ours", "name": "our own", "seconds": 3, "advantages": true,
          "scores": [ { "for": "pass", "points": 3 }, { "for": "mount", "points": 4 } ] } ] }
        """;

    private static readonly string Docs = Path.Combine(LogJsonTests.Root, "docs");

    [Fact]
    public async Task What_ships_fits_the_published_schema_and_what_is_wrong_does_not()
    {
        var schema = await JsonSchema.FromFileAsync(
            Path.Combine(Docs, "ash-notch-rules.schema.json"),
            TestContext.Current.CancellationToken
        );
        var shipped = JsonSerializer.Serialize(
            new RulesetsDocument { Format = RulesetsDocument.FormatName, Rulesets = [.. Rulesets.Matches.Select(MatchWriting.Document)] },
            LogJson.Default.RulesetsDocument
        );
        Assert.Empty(schema.Validate(shipped));
        Assert.Empty(schema.Validate(One));
        Assert.NotEmpty(schema.Validate(One.Replace("\"points\": 3", "\"points\": -3", StringComparison.Ordinal)));
        Assert.NotEmpty(schema.Validate(One.Replace("\"seconds\": 3, ", "", StringComparison.Ordinal)));
        Assert.NotEmpty(schema.Validate(One.Replace("\"pass\"", "\"banana\"", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_copy_of_what_ships_scores_as_that_does()
    {
        foreach (var shipped in Rulesets.Matches)
        {
            var written = MatchWriting.Document(shipped) with { Id = "copy" };
            var check = new Checker();
            var copy = RulesReading.Read(written, check, "");
            Assert.Empty(check.Faults);
            Assert.Equal(Written(shipped with { Id = "copy", Family = "copy" }), Written(copy));
        }
    }

    [Theory]
    [InlineData("\"points\": 3", "\"points\": -3", "rulesets[0].scores[0].points")]
    [InlineData(", \"points\": 3", "", "rulesets[0].scores[0].points")]
    [InlineData("\"for\": \"pass\", ", "", "rulesets[0].scores[0].for")]
    [InlineData("\"pass\"", "\"mount\"", "rulesets[0].scores")]
    [InlineData("\"pass\"", "\"banana\"", "rulesets[0].scores[0].for")]
    [InlineData("\"seconds\": 3, ", "", "rulesets[0].seconds")]
    [InlineData("\"seconds\": 3", "\"seconds\": -1", "rulesets[0].seconds")]
    [InlineData("\"advantages\": true,", "", "rulesets[0].advantages")]
    [InlineData("\"ours\"", "\"federation-gi\"", "rulesets[0].id")]
    [InlineData("ash-notch-rules", "ash-notch-log", "format")]
    [InlineData("\"name\": \"our own\", ", "", "rulesets[0].name")]
    public void What_is_wrong_is_said_where_it_stands(string from, string to, string where)
    {
        Assert.Single(RulesReading.ReadFile(One));
        var faulty = Assert.Throws<FaultyInputException>(() => RulesReading.ReadFile(One.Replace(from, to, StringComparison.Ordinal)));
        Assert.Contains(faulty.Faults, f => f.Where == where);
    }

    [Fact]
    public void What_is_no_JSON_is_said_with_its_line()
    {
        var faulty = Assert.Throws<FaultyInputException>(() => RulesReading.ReadFile("{\n  \"format\": \"ash-notch-rules\",\n  oops }"));
        Assert.StartsWith("line 3", Assert.Single(faulty.Faults).Where, StringComparison.Ordinal);
    }

    private static string Written(MatchRules rules) =>
        JsonSerializer.Serialize(MatchWriting.Document(rules), LogJson.Default.RulesetDocument);
}
