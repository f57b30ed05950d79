using System.Globalization;

namespace AshNotch.Core.Rolls;

/// <summary>Counts as they are said.</summary>
public static class CountWords
{
    /// <summary><c>never</c>, <c>once</c>, <c>twice</c>, <c>3 times</c>.</summary>
    public static string Times(int count) =>
        count switch
        {
            0 => "never",
            1 => "once",
            2 => "twice",
            _ => string.Create(CultureInfo.InvariantCulture, $"{count} times"),
        };

    /// <summary><c>one roll</c>, <c>2 rolls</c>.</summary>
    public static string OfRolls(int count) => count == 1 ? "one roll" : string.Create(CultureInfo.InvariantCulture, $"{count} rolls");
}
