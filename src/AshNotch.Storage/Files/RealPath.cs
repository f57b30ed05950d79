namespace AshNotch.Storage.Files;

/// <summary>Where a path leads once every link on the way is followed. The file itself is not opened: closing it would let go of SQLite's locks.</summary>
internal static class RealPath
{
    private const int MostLinks = 40;

    /// <summary>Of a path, whether or not its last part is there.</summary>
    public static string Of(string path)
    {
        var full = Path.GetFullPath(path);
        for (var links = 0; links < MostLinks && FirstLink(full) is { } followed; links++)
            full = followed;
        return full;
    }

    private static string? FirstLink(string full)
    {
        var parts = full.Split(Path.DirectorySeparatorChar);
        for (var i = 2; i <= parts.Length; i++)
        {
            var until = string.Join(Path.DirectorySeparatorChar, parts[..i]);
            if (new FileInfo(until).LinkTarget is { } target)
                return Path.GetFullPath(Path.Combine([Path.GetDirectoryName(until)!, target, .. parts[i..]]));
        }
        return null;
    }
}
