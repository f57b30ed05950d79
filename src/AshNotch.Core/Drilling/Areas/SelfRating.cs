using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Areas;

/// <summary>How the practitioner rates themselves in an area on a day.</summary>
/// <param name="Date">The day; another rating of the same day stands in its place.</param>
/// <param name="Area">The area: a family of positions, from either side.</param>
/// <param name="Score">From 0, lost there, to <see cref="Most"/>, at home.</param>
public sealed record SelfRating(DateOnly Date, Family Area, int Score)
{
    /// <summary>The highest score.</summary>
    public const int Most = 10;
}
