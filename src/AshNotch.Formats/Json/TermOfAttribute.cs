namespace AshNotch.Formats.Json;

/// <summary>Says of which fixed terms a written field is, so that the description of the form can list them.</summary>
/// <param name="term">The terms.</param>
[AttributeUsage(AttributeTargets.Property)]
public sealed class TermOfAttribute(Type term) : Attribute
{
    /// <summary>The enum of the terms.</summary>
    public Type Term { get; } = term;
}
