using AshNotch.Core.Reading;
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
            "front-headlock", "closed-guard", "open-guard", "seated-guard", "collar-sleeve-guard", "spider-guard", "lasso-guard", "de-la-riva-guard",
            "reverse-de-la-riva-guard", "butterfly-guard", "half-butterfly-guard", "half-guard", "knee-shield", "lockdown", "deep-half-guard", "x-guard",
            "single-leg-x-guard", "shin-to-shin-guard", "k-guard", "inverted-guard", "headquarters", "leg-drag", "side-control", "kesa-gatame", "north-south",
            "knee-on-belly", "three-quarter-mount", "mount", "s-mount", "gift-wrap", "back-control", "body-triangle", "crucifix", "truck", "turtle",
        ];
        string[] expected =
        [
            .. both.SelectMany(b => new[] { $"{b}/top", $"{b}/bottom" }),
            "standing/neutral", "clinch/neutral", "dogfight/neutral", "fifty-fifty/neutral",
            "saddle/attacking", "saddle/defending", "outside-ashi/attacking", "outside-ashi/defending", "cross-ashi/attacking", "cross-ashi/defending",
        ];
        Assert.Empty(expected.Except(Vocabulary.Places.Select(p => p.Id)));
    }

    [Fact]
    public void A_mirror_of_a_mirror_is_the_place_itself_and_control_changes_sign()
    {
        foreach (var place in Vocabulary.Places)
        {
            var mirror = Vocabulary.Place(place.Mirror)!;
            Assert.Equal(place.Id, mirror.Mirror);
            Assert.Equal(place.Control, -mirror.Control);
            Assert.Equal(place.BookMine, mirror.BookTheirs);
        }
    }

    [Fact]
    public void Every_move_starts_and_ends_in_places_that_exist()
    {
        Assert.True(Vocabulary.Moves.Count >= 80);
        foreach (var move in Vocabulary.Moves)
        {
            Assert.All(move.From.Append(move.To).OfType<string>(), id => Assert.NotNull(Vocabulary.Place(id)));
            Assert.Equal(move.IsSubmission, move.To is null);
        }
    }

    [Fact]
    public void Every_submission_of_a_kind_carries_its_caution()
    {
        Assert.All(Vocabulary.Moves.Where(m => m.SubmissionClass is not null), m => Assert.False(string.IsNullOrWhiteSpace(m.Caution)));
        Assert.Contains("before they hurt", Vocabulary.Move("inside-heel-hook")!.Caution, StringComparison.Ordinal);
    }

    [Fact]
    public void No_name_is_claimed_twice()
    {
        var names = Vocabulary.Moves.SelectMany(m => m.Names.Select(n => (n, m.Id))).Concat(Vocabulary.Positions.SelectMany(p => p.Names.Select(n => (n, p.Id))));
        Assert.Empty(names.GroupBy(n => n.n.ToLowerInvariant()).Where(g => g.Select(n => n.Id).Distinct().Count() > 1).Select(g => g.Key));
    }

    [Theory]
    [InlineData("he hit a ", "move")]
    public void Every_move_is_found_by_its_own_name(string before, string kind)
    {
        foreach (var move in Vocabulary.Moves)
        {
            var mention = RetellingReader.Read(before + move.Name).Mentions;
            Assert.True(mention.Any(m => m.Id == move.Id && m.Kind == kind), $"{move.Name} was read as {string.Join(", ", mention.Select(m => m.Id))}");
        }
    }
}
