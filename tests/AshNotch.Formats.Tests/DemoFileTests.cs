using AshNotch.Demo;
using AshNotch.Formats.Json;

namespace AshNotch.Formats.Tests;

public class DemoFileTests
{
    [Fact]
    public void The_demo_log_is_what_its_generator_makes_to_the_byte()
    {
        using var made = new MemoryStream();
        LogWriter.Write(
            new Core.Drilling.Diary(
                Scenario.Build(File.ReadAllText(Path.Combine(LogJsonTests.Root, "demo", "retellings.txt"))),
                Story.Drills
            )
            {
                Matches = Tournament.Book,
                Fears = Familiar.Fears,
            },
            made
        );
        Assert.Equal(File.ReadAllBytes(Path.Combine(LogJsonTests.Root, "demo", "demo-log.json")), made.ToArray());
    }
}
