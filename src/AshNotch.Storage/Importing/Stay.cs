namespace AshNotch.Storage.Importing;

/// <summary>What stays of an import that is taken back.</summary>
/// <param name="What">Of what kind it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Why">Why it stays.</param>
public sealed record Stay(string What, string Id, string Why);
