using AshNotch.Core.Reading.Names;

namespace AshNotch.Core.Tests;

/// <summary>Every row of the senses reads its own examples: one where it is a name of the trade, one where it is not.</summary>
public class SenseTests
{
    public static TheoryData<string> Rows() => [.. Sense.All.Select(s => string.Join(", ", s.Forms))];

    [Theory]
    [MemberData(nameof(Rows))]
    public void A_name_is_one_only_where_its_examples_say(string forms)
    {
        foreach (var sense in Sense.All.Where(s => string.Join(", ", s.Forms) == forms))
        {
            if (sense.IsName != "none")
                Assert.True(IsNamed(sense, sense.IsName), sense.IsName);
            Assert.False(IsNamed(sense, sense.IsNone), sense.IsNone);
        }
    }

    private static bool IsNamed(Sense sense, string text) =>
        Trade.Read(text).Mentions.Any(m => sense.Forms.Any(f => m.Text.Contains(f, StringComparison.OrdinalIgnoreCase)));
}
