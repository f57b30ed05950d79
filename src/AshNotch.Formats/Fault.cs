namespace AshNotch.Formats;

/// <summary>Something wrong with an input, and where it stands in it.</summary>
/// <param name="Where">A path such as <c>sessions[2].rolls[0].minutes</c>, or <c>line 12, column 5</c>; empty for the whole.</param>
/// <param name="What">What is wrong and what to do.</param>
public sealed record Fault(string Where, string What)
{
    /// <summary>The fault in one line.</summary>
    public override string ToString() => Where.Length == 0 ? What : $"{Where}: {What}";
}
