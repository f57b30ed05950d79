using AshNotch.Core.Reading.Claims;

namespace AshNotch.Core.Reading.Tallies;

/// <summary>What was counted in one place of a telling.</summary>
/// <param name="Start">First character of the words that count.</param>
/// <param name="End">One past the last.</param>
/// <param name="Claims">The events, as many as were counted and named; what was told before it is among them still.</param>
internal sealed record Tally(int Start, int End, IReadOnlyList<MoveClaim> Claims)
{
    /// <summary>A text with stops in the place of its tallies.</summary>
    public static string Blank(string text, IEnumerable<Tally> tallies)
    {
        var plain = text.ToCharArray();
        foreach (var tally in tallies)
        {
            for (var i = tally.Start; i < tally.End; i++)
                plain[i] = plain[i] == '\n' ? '\n' : ' ';
            if (tally.Claims.Count > 0)
                plain[tally.End - 1] = ';';
        }
        return new string(plain);
    }
}
