namespace AshNotch.App.Views;

/// <summary>The roll that comes after another in its session.</summary>
/// <param name="Id">Its id.</param>
/// <param name="PartnerName">With whom it was.</param>
public sealed record NextRoll(string Id, string PartnerName);
