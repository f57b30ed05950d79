namespace AshNotch.Storage;

/// <summary>One change of a roll.</summary>
/// <param name="At">When.</param>
/// <param name="Change"><c>edited</c>, <c>deleted</c>, <c>restored</c> or <c>imported</c>.</param>
/// <param name="Document">The roll before the change, in the open JSON form.</param>
public sealed record RollChange(DateTimeOffset At, string Change, string Document);
