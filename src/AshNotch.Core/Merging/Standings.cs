namespace AshNotch.Core.Merging;

/// <summary>The rule of how what comes in stands to what is there.</summary>
public static class Standings
{
    /// <summary>Says it; all forms are written in the same way.</summary>
    /// <param name="kept">What the log holds, or null.</param>
    /// <param name="deleted">It was deleted.</param>
    /// <param name="earlier">The forms it had before, asked for only where they decide.</param>
    /// <param name="coming">What comes in.</param>
    public static Standing Of(string? kept, bool deleted, Func<IReadOnlyList<string>> earlier, string coming) =>
        kept is null ? Standing.New
        : deleted ? Standing.Deleted
        : kept == coming ? Standing.Same
        : Of(earlier(), coming);

    private static Standing Of(IReadOnlyList<string> earlier, string coming) =>
        earlier.Contains(coming) ? Standing.Older
        : earlier.Count > 0 ? Standing.Conflicting
        : Standing.Changed;

    /// <summary>It in words, to whoever keeps the log.</summary>
    public static string Say(this Standing standing) =>
        standing switch
        {
            Standing.New => "new",
            Standing.Same => "already here",
            Standing.Changed => "changed in the file",
            Standing.Older => "edited here since",
            Standing.Conflicting => "changed in both",
            _ => "deleted here",
        };

    /// <summary>The file's is taken unless somebody says otherwise.</summary>
    public static bool IsTaken(this Standing standing) => standing is Standing.New or Standing.Changed;

    /// <summary>Somebody may say otherwise.</summary>
    public static bool IsOpen(this Standing standing) => standing is not (Standing.New or Standing.Same);
}
