using System.Diagnostics;

namespace AshNotch.Bench.Attack;

/// <summary>Two tabs in a browser: the tests of <c>tests/browser/tabs.spec.ts</c>, run so many times over.</summary>
internal static class Tabs
{
    public static async Task<bool> Run(int times)
    {
        var tests = Path.Combine(Environment.CurrentDirectory, "tests", "browser");
        if (!Directory.Exists(Path.Combine(tests, "node_modules")))
        {
            Console.WriteLine("two tabs in a browser: not tried; run ./notch test first, which installs what that needs");
            return true;
        }
        var start = new ProcessStartInfo("npx", ["playwright", "test", "tabs", "--retries=0", "--workers=1", $"--repeat-each={times}"])
        {
            WorkingDirectory = tests,
            RedirectStandardOutput = true,
        };
        using var run = Process.Start(start)!;
        var said = await run.StandardOutput.ReadToEndAsync();
        await run.WaitForExitAsync();
        Console.WriteLine("two tabs in a browser:" + string.Join(';', said.Split('\n').Where(IsCount).Select(l => " " + l.Trim())));
        return run.ExitCode == 0;
    }

    private static bool IsCount(string line) =>
        line.TrimStart() is { Length: > 0 } text
        && char.IsAsciiDigit(text[0])
        && (text.Contains("passed", StringComparison.Ordinal) || text.Contains("failed", StringComparison.Ordinal));
}
