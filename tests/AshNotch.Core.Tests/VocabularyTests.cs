using System.Globalization;
using AshNotch.Core.Reading.Words;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class VocabularyTests
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;

    [Fact]
    public void Every_place_of_the_record_is_there()
    {
        string[] both =
        [
            "front-headlock",
            "closed-guard",
            "open-guard",
            "seated-guard",
            "collar-sleeve-guard",
            "spider-guard",
            "lasso-guard",
            "de-la-riva-guard",
            "reverse-de-la-riva-guard",
            "butterfly-guard",
            "half-butterfly-guard",
            "half-guard",
            "knee-shield",
            "lockdown",
            "deep-half-guard",
            "x-guard",
            "single-leg-x-guard",
            "shin-to-shin-guard",
            "k-guard",
            "inverted-guard",
            "headquarters",
            "leg-drag",
            "side-control",
            "kesa-gatame",
            "north-south",
            "knee-on-belly",
            "three-quarter-mount",
            "mount",
            "s-mount",
            "gift-wrap",
            "back-control",
            "body-triangle",
            "crucifix",
            "truck",
            "turtle",
        ];
        string[] expected =
        [
            .. both.SelectMany(b => new[] { $"{b}/top", $"{b}/bottom" }),
            "standing/neutral",
            "clinch/neutral",
            "dogfight/neutral",
            "fifty-fifty/neutral",
            "saddle/attacking",
            "saddle/defending",
            "outside-ashi/attacking",
            "outside-ashi/defending",
            "cross-ashi/attacking",
            "cross-ashi/defending",
        ];
        Assert.Empty(expected.Except(Vocabulary.Places.Select(p => p.Id.Value)));
    }

    [Fact]
    public void A_mirror_of_a_mirror_is_the_place_itself_and_control_changes_sign()
    {
        foreach (var place in Vocabulary.Places)
        {
            var mirror = place.Mirror;
            Assert.Same(place, mirror.Mirror);
            Assert.Equal(place.Control, -mirror.Control);
        }
    }

    [Fact]
    public void The_vocabulary_is_as_large_as_the_trade_talks()
    {
        Assert.True(Vocabulary.Moves.Count >= 220, $"{Vocabulary.Moves.Count} moves");
        var names = Vocabulary.Moves.Sum(m => m.Names.Count) + Vocabulary.Positions.Sum(p => p.Names.Count);
        Assert.True(names >= 900, $"{names} names");
        Assert.All(Enum.GetValues<MoveKind>(), kind => Assert.Contains(Vocabulary.Moves, m => m.Kind == kind));
    }

    [Fact]
    public void Every_move_starts_in_places_that_exist_and_has_a_place_to_go_a_tap_or_stays()
    {
        foreach (var move in Vocabulary.Moves)
        {
            Assert.All(move.From.Append(move.To).OfType<Place>(), place => Assert.Same(place, Vocabulary.Place(place.Id)));
            Assert.True((move.To is null) == (move.IsSubmission || move.Stays), move.Id.Value);
            Assert.True(move.SubmissionClass is null || move.IsSubmission, move.Id.Value);
        }
        Assert.Equal(Vocabulary.Moves.Count, Vocabulary.Moves.Select(m => m.Id).Distinct().Count());
    }

    [Fact]
    public void Every_submission_of_a_kind_carries_its_caution()
    {
        Assert.All(Vocabulary.Moves.Where(m => m.SubmissionClass is not null), m => Assert.False(string.IsNullOrWhiteSpace(m.Caution)));
        Assert.Contains("before they hurt", Vocabulary.Move(new MoveId("inside-heel-hook"))!.Caution, StringComparison.Ordinal);
    }

    [Fact]
    public void No_name_is_claimed_twice_without_a_rule_that_tells_which()
    {
        static string Key(string name) => string.Join(' ', Word.Split(name).Select(w => w.Text));
        var ruled = Vocabulary.Contexts.Select(c => Key(c.Name)).ToHashSet();
        var names = Vocabulary
            .Moves.SelectMany(m => m.Names.Select(n => (n, Id: m.Id.Value)))
            .Concat(Vocabulary.Positions.SelectMany(p => p.Names.Select(n => (n, p.Id))));
        Assert.Empty(
            names.GroupBy(n => Key(n.n)).Where(g => g.Select(n => n.Id).Distinct().Count() > 1 && !ruled.Contains(g.Key)).Select(g => g.Key)
        );
        foreach (var name in Vocabulary.Contexts)
        {
            Assert.All(
                name.Choices,
                c => Assert.True(Vocabulary.Move(new MoveId(c.Id)) is not null || Vocabulary.Positions.Any(p => p.Id == c.Id), c.Id)
            );
            Assert.Null(name.Choices[^1].Near);
            Assert.All(name.Choices.SkipLast(1), c => Assert.NotEmpty(c.Near!));
        }
    }

    // Everyday words are names only among words that say so; each is tried in a few sentences as people say them.
    private static readonly string[] Sentences =
    [
        "he hit a {0}",
        "i {0}",
        "he {0} me",
        "he got to {0}",
        "{0}",
        "i was on {0}",
        "he {0} guard",
        "he {0} to half guard",
        "he {0} through",
        "then he was on {0}",
        "i was in {0}",
        "i lost {0}",
    ];

    [Fact]
    public void Every_name_resolves_to_what_claims_it()
    {
        var ruled = Vocabulary.Contexts.Select(c => c.Name).ToHashSet();
        var failed = new List<string>();
        foreach (
            var (id, name) in Vocabulary
                .Moves.SelectMany(m => m.Names.Select(n => (m.Id.Value, n)))
                .Concat(Vocabulary.Positions.SelectMany(p => p.Names.Select(n => (p.Id, n))))
        )
        {
            if (ruled.Contains(name))
                continue;
            var found = Sentences.Any(s =>
                Trade.Read(string.Format(CultureInfo.InvariantCulture, s, name)).Mentions.Any(m => m.Id.Split('/')[0] == id)
            );
            if (!found)
                failed.Add($"{name} = {id}");
        }
        Assert.Empty(failed);
    }

    [Theory]
    [InlineData("he got double unders and passed", "double-under-pass")]
    [InlineData("he got double unders in the clinch", "double-underhooks")]
    [InlineData("i sprawled and got a headlock", "front-headlock")]
    [InlineData("he had me in a headlock", "headlock")]
    [InlineData("he got a figure four on my body", "lock-body-triangle")]
    [InlineData("i got a figure four from side control", "kimura")]
    [InlineData("he side saddled me in side saddle", "kesa-gatame")]
    [InlineData("he went to the saddle for a heel hook", "saddle")]
    [InlineData("i got the body lock and passed", "body-lock-pass")]
    [InlineData("i got the body lock and took him down", "body-lock-takedown")]
    public void A_name_of_several_things_is_told_by_its_neighbours(string text, string id) =>
        Assert.Contains(Trade.Read(text).Mentions, m => m.Id.Split('/')[0] == id);

    [Fact]
    public void Own_names_win_over_ours_and_own_moves_are_read()
    {
        OwnName[] own =
        [
            new("the special", "our-special", MoveKind.Sweep),
            new("knee cut", "smash-pass"),
            new("number five", "half-guard"),
        ];
        var read = Trade.Read("I was in number five. I hit the special. He knee cut.", null, own);
        Assert.Equal(["half-guard/bottom", "our-special", "smash-pass"], read.Mentions.Select(m => m.Id));
        Assert.Equal("knee-cut-pass", Assert.Single(Trade.Read("He knee cut.").Mentions).Id);
    }
}
