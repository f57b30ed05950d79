namespace AshNotch.Core.Reading.Clauses;

/// <summary>A phrase of the lexicon at a place of a telling.</summary>
/// <param name="Count">How many words it takes.</param>
/// <param name="Acts">What it does.</param>
/// <param name="Move">The move that it is; null when it is none.</param>
/// <param name="IsBodily">It says what bodies do, and whose.</param>
internal sealed record Hit(int Count, IReadOnlyList<Act> Acts, string? Move, bool IsBodily)
{
    /// <summary>The longer of two, the first where they are as long.</summary>
    public static Hit? Longer(Hit? one, Hit? other) => one is null || other is not null && other.Count > one.Count ? other : one;

    /// <summary>The longer of two; both, where they are as long.</summary>
    public static Hit? Both(Hit? one, Hit? other) =>
        one is null || other is null || one.Count != other.Count
            ? Longer(one, other)
            : one with
            {
                Acts = [.. one.Acts.Union(other.Acts)],
                Move = one.Move ?? other.Move,
                IsBodily = one.IsBodily || other.IsBodily,
            };
}
