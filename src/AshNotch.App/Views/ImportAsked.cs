namespace AshNotch.App.Views;

/// <summary>A file that was looked at, to be taken in.</summary>
/// <param name="File">By what it is known.</param>
/// <param name="Version">The version of the log that was looked at.</param>
/// <param name="Theirs">Everything is taken from the file.</param>
/// <param name="Take">Of these the file's is taken.</param>
/// <param name="Leave">Of these the log's own stays.</param>
public sealed record ImportAsked(
    string File,
    long Version,
    bool Theirs = false,
    IReadOnlyList<string>? Take = null,
    IReadOnlyList<string>? Leave = null
);
