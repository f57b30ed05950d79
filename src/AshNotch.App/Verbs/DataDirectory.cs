namespace AshNotch.App.Verbs;

/// <summary>Where data lives when no directory is named.</summary>
internal static class DataDirectory
{
    /// <summary>The user's own log.</summary>
    public static string Own => Under("log");

    /// <summary>The demo's copy.</summary>
    public static string Demo => Under("demo");

    private static string Under(string name)
    {
        var home = Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify);
        return Path.Combine(home.Length > 0 ? home : Path.GetTempPath(), "ash-notch", name);
    }
}
