namespace AshNotch.Core.Rolls;

/// <summary>Advice that somebody gave about a notch.</summary>
/// <param name="Text">What was said.</param>
/// <param name="From">Who said it, such as <c>coach</c>; null when not told.</param>
public sealed record Advice(string Text, string? From)
{
    private const string Said = " said: ";
    private const int LongestName = 30;

    /// <summary>It as a line that stands for itself, where it is about no notch: <c>Coach said: hips first</c>.</summary>
    public string Quote() => From is { Length: > 0 } by ? $"{char.ToUpperInvariant(by[0])}{by[1..]}{Said}{Text}" : Text;

    /// <summary>The advice that such a line quotes; null when it quotes none.</summary>
    public static Advice? Quoted(string line) =>
        line.IndexOf(Said, StringComparison.Ordinal) is > 0 and <= LongestName and var at
            ? new Advice(
                line[(at + Said.Length)..],
                line[..at].ToLowerInvariant() is "coach" or "partner" ? line[..at].ToLowerInvariant() : line[..at]
            )
            : null;
}
