namespace AshNotch.Bench.Simulation;

/// <summary>How much of a roll somebody writes down; a tap always.</summary>
/// <param name="Name">What to call it.</param>
/// <param name="Landings">Share of landings written.</param>
/// <param name="Stops">Share of stopped attempts written.</param>
internal sealed record Habit(string Name, double Landings, double Stops)
{
    /// <summary>The habits tried.</summary>
    public static IReadOnlyList<Habit> All { get; } = [new("complete", 1, 1), new("usual", 0.85, 0.5), new("half-forgotten", 0.5, 0.15)];
}
