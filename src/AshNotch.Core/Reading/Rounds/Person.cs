namespace AshNotch.Core.Reading.Rounds;

/// <summary>Somebody whom a telling names.</summary>
/// <param name="Name">The name as written, or as it is kept of a partner.</param>
/// <param name="Known">Id of the partner of that name; null when there is none yet.</param>
internal sealed record Person(string Name, string? Known);
