using AshNotch.Core.Reading.Rounds;

namespace AshNotch.Core.Reading;

/// <summary>One roll of a telling that may tell of several.</summary>
/// <param name="Start">Its first character in the telling.</param>
/// <param name="End">One past its last character.</param>
/// <param name="With">Whom it was with, if told.</param>
/// <param name="Read">Its reading; offsets count from its own start.</param>
public sealed record ToldRoll(int Start, int End, ToldPartner? With, RollRead Read)
{
    /// <summary>Its taps, certain or asked.</summary>
    public TapCount Taps => TapCount.Of(Read.Exchanges.Select(e => e.Exchange));
}
