using System.Globalization;

namespace AshNotch.Core.Lessons;

/// <summary>Counts as one says them.</summary>
internal static class Counted
{
    /// <summary><c>once</c>, <c>twice</c>, <c>3 times</c>.</summary>
    public static string Times(int n) =>
        n switch
        {
            1 => "once",
            2 => "twice",
            _ => string.Create(CultureInfo.InvariantCulture, $"{n} times"),
        };

    /// <summary><c>one thing</c>, <c>3 things</c>.</summary>
    public static string Things(int n, string of) => n == 1 ? $"one {of}" : string.Create(CultureInfo.InvariantCulture, $"{n} {of}s");
}
