using System.Security.Cryptography;
using System.Text;

namespace AshNotch.App.Verbs;

/// <summary>Where data lives when no directory is named.</summary>
internal static class DataDirectory
{
    /// <summary>The user's own log.</summary>
    public static string Own => Under("log");

    /// <summary>The demo's copy: one for each copy of the program, so that two do not get in each other's way.</summary>
    public static string Demo => Under(Path.Combine("demo", Mark(AppContext.BaseDirectory)));

    private static string Mark(string text) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text)))[..8];

    private static string Under(string name)
    {
        var home = Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify);
        return Path.Combine(home.Length > 0 ? home : Path.GetTempPath(), "ash-notch", name);
    }
}
