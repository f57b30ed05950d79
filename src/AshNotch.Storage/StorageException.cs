namespace AshNotch.Storage;

/// <summary>The data cannot be used as asked; the message says why and what to do, and the data is untouched.</summary>
/// <param name="message">Why, and what to do.</param>
public sealed class StorageException(string message) : Exception(message);
