namespace AshNotch.Core.Reading.Claims;

/// <summary>Something that may be so, and what it costs to believe it.</summary>
/// <typeparam name="T">What.</typeparam>
/// <param name="Is">What.</param>
/// <param name="Cost">The cost, in nats; 0 is what the words say.</param>
internal readonly record struct May<T>(T Is, double Cost);
