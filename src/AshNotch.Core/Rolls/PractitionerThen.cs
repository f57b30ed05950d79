namespace AshNotch.Core.Rolls;

/// <summary>The practitioner as they were from some day on.</summary>
/// <param name="Since">The day from which it holds.</param>
/// <param name="Belt">Belt.</param>
/// <param name="Stripes">Stripes on it, 0 to 4; to 6 on black.</param>
/// <param name="WeightKg">Weight in kilograms.</param>
/// <param name="AgeDivision">Age division.</param>
public sealed record PractitionerThen(DateOnly Since, Belt? Belt, int? Stripes, double? WeightKg, AgeDivision? AgeDivision);
