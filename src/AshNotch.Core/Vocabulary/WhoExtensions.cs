namespace AshNotch.Core.Vocabulary;

/// <summary>What can be asked of either of the two.</summary>
public static class WhoExtensions
{
    /// <summary>The other one of the two.</summary>
    public static Who Other(this Who who) => who == Who.Me ? Who.Partner : Who.Me;
}
