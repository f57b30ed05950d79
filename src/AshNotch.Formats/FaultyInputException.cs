namespace AshNotch.Formats;

/// <summary>An input is at fault; nothing of it was taken.</summary>
/// <param name="faults">Each fault with its place.</param>
public sealed class FaultyInputException(IReadOnlyList<Fault> faults) : Exception(string.Join(Environment.NewLine, faults))
{
    /// <summary>Each fault with its place.</summary>
    public IReadOnlyList<Fault> Faults { get; } = faults;
}
