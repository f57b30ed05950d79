namespace AshNotch.Core.Partners;

/// <summary>A month of rolls with one partner.</summary>
/// <param name="First">Its first day.</param>
/// <param name="Rolls">How many live rolls.</param>
/// <param name="MyTaps">How often I made them tap.</param>
/// <param name="TheirTaps">How often they made me tap.</param>
/// <param name="Scored">What I would have scored on points.</param>
/// <param name="Lost">What they would have.</param>
public sealed record PartnerMonth(DateOnly First, int Rolls, int MyTaps, int TheirTaps, int Scored, int Lost);
