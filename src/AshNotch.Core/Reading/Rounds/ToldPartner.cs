using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Rounds;

/// <summary>Whom a roll was with, as far as the telling says.</summary>
/// <param name="Name">The name as written; null when only described, such as <c>the purple belt</c>.</param>
/// <param name="Known">Id of the partner of that name; null when there is none yet.</param>
/// <param name="Belt">Their belt, if told.</param>
/// <param name="Size">Their size beside mine, if told.</param>
/// <param name="Words">The words it was read from.</param>
public sealed record ToldPartner(string? Name, string? Known, Belt? Belt, RelativeSize? Size, Span Words)
{
    /// <summary>Them in words: <c>Oak, blue belt, heavier than you</c>.</summary>
    /// <param name="partner">The partner meant, or null when there is no record of them.</param>
    public string Say(Partner? partner) =>
        string.Join(
            ", ",
            new[]
            {
                partner?.Name ?? Name ?? "someone",
                Belt is { } belt ? $"{Term.Of(belt)} belt" : "",
                Size is { } size ? $"{Term.Of(size).Replace('-', ' ')}{(size == RelativeSize.Similar ? " size" : " than you")}" : "",
            }.Where(said => said.Length > 0)
        );
}
