using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

public class ToldFearTests
{
    private static readonly Phrasebook Book = Phrasebook.Of(MatVocabulary.BuiltIn);
    private static readonly Partner[] Partners =
    [
        new() { Id = "al", Name = "Al" },
        new()
        {
            Id = "oak",
            Name = "Oak",
            AlsoCalled = ["Big tree"],
        },
    ];

    [Theory]
    [InlineData("Oak's guillotine when I shoot a double leg", "oak", "guillotine", null, "double-leg")]
    [InlineData("big tree always gets the kimura", "oak", "kimura", null, null)]
    [InlineData("always caught in their mount", null, null, "mount/bottom", null)]
    [InlineData("being flat in half guard", null, null, "half-guard/bottom", null)]
    [InlineData("stuck in his closed guard", null, null, "closed-guard/top", null)]
    [InlineData("losing my mount", null, null, "mount/top", null)]
    [InlineData("getting hurt", null, null, null, null)]
    public void The_words_of_a_fear_say_who_what_where_and_what_brings_it(
        string text,
        string? who,
        string? move,
        string? place,
        string? mine
    )
    {
        var told = ToldFear.Of(text, Book, Partners);
        Assert.Equal((who, move, place, mine), (told.Partner, told.Move?.Value, told.Place?.Value, told.Mine?.Value));
    }
}
