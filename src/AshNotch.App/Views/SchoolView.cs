namespace AshNotch.App.Views;

/// <summary>Where schools differ.</summary>
/// <param name="Id">As it is written.</param>
/// <param name="First">What the first says; it holds until something is chosen.</param>
/// <param name="Second">What the second says.</param>
public sealed record SchoolView(string Id, string First, string Second);
