namespace AshNotch.Core.Reading.Headed;

/// <summary>Something to remember that stands under a heading, or in a sentence that says what was taught.</summary>
/// <param name="Start">First character in the telling.</param>
/// <param name="Text">What is to be remembered, without its heading.</param>
/// <param name="Kind">What the heading stands over.</param>
/// <param name="By">Who said or taught it; null when not told.</param>
internal sealed record HeadedLine(int Start, string Text, HeadedKind Kind, string? By)
{
    /// <summary>The same, counted from another start.</summary>
    public HeadedLine From(int start) => this with { Start = Start - start };
}
