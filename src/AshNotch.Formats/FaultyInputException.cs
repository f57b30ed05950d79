using System.Globalization;

namespace AshNotch.Formats;

/// <summary>An input is at fault; nothing of it was taken.</summary>
/// <param name="faults">Each fault with its place.</param>
public sealed class FaultyInputException(IReadOnlyList<Fault> faults) : Exception(string.Join(Environment.NewLine, Said(faults)))
{
    /// <summary>Each fault with its place.</summary>
    public IReadOnlyList<Fault> Faults { get; } = faults;

    /// <summary>The first hundred of them, and of how many more there are.</summary>
    public static IReadOnlyList<Fault> Said(IReadOnlyList<Fault> faults) =>
        faults.Count <= MostSaid
            ? faults
            :
            [
                .. faults.Take(MostSaid),
                new Fault("", string.Create(CultureInfo.InvariantCulture, $"And {faults.Count - MostSaid:N0} more; mend these first.")),
            ];

    private const int MostSaid = 100;
}
