namespace AshNotch.Storage;

/// <summary>How often a roll was changed.</summary>
/// <param name="Version">Grows with every change and is never used again; an edit says which one it was made from.</param>
/// <param name="Forms">How many earlier forms of it are kept.</param>
public sealed record RollStanding(int Version, int Forms);
