namespace AshNotch.Formats.Json;

/// <summary>The open JSON form of a log, version 1, as it is written: everything but format and version may be absent.</summary>
public sealed record LogDocument
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "ash-notch-log";

    /// <summary>The version this program reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>Always <see cref="FormatName"/>.</summary>
    public string? Format { get; init; }

    /// <summary>Version of the format.</summary>
    public int? Version { get; init; }

    /// <summary>The one who keeps the log.</summary>
    public PractitionerDocument? Practitioner { get; init; }

    /// <summary>The partners.</summary>
    public List<PartnerDocument>? Partners { get; init; }

    /// <summary>The sessions.</summary>
    public List<SessionDocument>? Sessions { get; init; }

    /// <summary>What was chosen to be drilled, newest last.</summary>
    public List<FocusDocument>? Focuses { get; init; }

    /// <summary>The user's own names.</summary>
    public List<OwnNameDocument>? OwnNames { get; init; }
}
