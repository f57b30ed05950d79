using System.Globalization;

namespace AshNotch.Core.Rolls;

/// <summary>Weights in words.</summary>
public static class WeightWords
{
    private const double PoundsPerKg = 1 / 0.45359237;

    /// <summary>A weight as it is said, to a tenth: <c>82.3 kg</c>, <c>181.4 lb</c>.</summary>
    /// <param name="kg">Kilograms.</param>
    /// <param name="unit">The unit; kilograms when null.</param>
    public static string Say(double kg, WeightUnit? unit) =>
        unit == WeightUnit.Lb
            ? string.Create(CultureInfo.InvariantCulture, $"{kg * PoundsPerKg:0.#} lb")
            : string.Create(CultureInfo.InvariantCulture, $"{kg:0.#} kg");
}
