namespace AshNotch.App;

/// <summary>What a running application serves.</summary>
/// <param name="DataDirectory">Where the data is kept.</param>
/// <param name="Port">Port on 127.0.0.1; 0 takes any free one.</param>
/// <param name="DemoLog">The demo log's file when this is the demo, which can be started over; else null.</param>
public sealed record ServeOptions(string DataDirectory, int Port, string? DemoLog = null);
