namespace AshNotch.Storage;

/// <summary>The data cannot be used as asked; the message says why and what to do, and nothing was changed.</summary>
/// <param name="message">Why, and what to do.</param>
/// <param name="trouble">What kind of trouble it is.</param>
public sealed class StorageException(string message, StorageTrouble trouble = StorageTrouble.Refused) : Exception(message)
{
    /// <summary>What kind of trouble it is.</summary>
    public StorageTrouble Trouble => trouble;
}
