using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>The page about oneself, in the open form, with its version.</summary>
public sealed record PractitionerView : PractitionerDocument
{
    /// <summary>The view of a page.</summary>
    public PractitionerView(PractitionerDocument written, int version)
        : base(written) => Version = version;

    /// <summary>Grows with every change; sent back with one, so that nobody overwrites what they have not seen.</summary>
    public int Version { get; }
}
