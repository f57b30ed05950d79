namespace AshNotch.Core.Reading;

/// <summary>Where a telling of several rolls begins the next one.</summary>
/// <param name="Start">Its first character.</param>
/// <param name="With">Whom it is with, if it says.</param>
internal sealed record RollOpening(int Start, ToldPartner? With);
