using AshNotch.Core.Drilling;
using AshNotch.Demo;
using AshNotch.Formats.Json;

// Usage: AshNotch.Demo RETELLINGS > demo-log.json
using var output = Console.OpenStandardOutput();
LogWriter.Write(
    new Diary(Scenario.Build(File.ReadAllText(args[0])), Story.Drills) { Matches = Tournament.Book, Fears = Familiar.Fears },
    output
);
