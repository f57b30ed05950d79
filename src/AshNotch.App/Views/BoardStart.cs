namespace AshNotch.App.Views;

/// <summary>A place to start an exchange in.</summary>
/// <param name="Say">It in words.</param>
/// <param name="Line">What is written.</param>
public sealed record BoardStart(string Say, string Line);
