namespace AshNotch.Core.Weeks;

/// <summary>What one partner has to do with a course.</summary>
/// <param name="Partner">Their id.</param>
/// <param name="Before">Before the newest four weeks.</param>
/// <param name="Lately">In them.</param>
public sealed record WithPartner(string Partner, Ratio Before, Ratio Lately);
