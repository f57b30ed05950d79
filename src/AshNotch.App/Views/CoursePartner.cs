namespace AshNotch.App.Views;

/// <summary>What one partner has to do with a course.</summary>
/// <param name="Name">Their nickname.</param>
/// <param name="Before">Before the newest four weeks.</param>
/// <param name="Lately">In them.</param>
public sealed record CoursePartner(string Name, RatioView Before, RatioView Lately);
