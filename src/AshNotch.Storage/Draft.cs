namespace AshNotch.Storage;

/// <summary>A roll that is being told and is not yet kept.</summary>
/// <param name="Id">The id the roll will have.</param>
/// <param name="Body">What was written, in the form of who wrote it.</param>
/// <param name="At">When it was last written to.</param>
public sealed record Draft(string Id, string Body, DateTimeOffset At);
