namespace AshNotch.Core.Rolls;

/// <summary>A partner as they were on the day of a roll.</summary>
/// <param name="Belt">Their belt.</param>
/// <param name="Stripes">Stripes on it.</param>
/// <param name="WeightKg">Weight in kilograms.</param>
/// <param name="Size">Relative size, where no weight is known.</param>
public sealed record PartnerOfTheDay(Belt? Belt, int? Stripes, double? WeightKg, RelativeSize? Size)
{
    /// <summary>A partner of whom nothing was known that day.</summary>
    public static PartnerOfTheDay Unknown { get; } = new(null, null, null, null);
}
