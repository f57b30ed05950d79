namespace AshNotch.Core.Finishes;

/// <summary>How often somebody tapped in one respect: by one submission, from one place, with one partner, in one week.</summary>
/// <param name="Key">What tells it from the others: a move's id, a place's id, a partner's id, the first day of a week; empty where that was not told.</param>
/// <param name="Name">It in words.</param>
/// <param name="Mine">How often I made a partner tap.</param>
/// <param name="Theirs">How often a partner made me tap.</param>
/// <param name="InRolls">Rolls it is counted over, with taps or without; null where no such number makes sense.</param>
/// <param name="Rolls">Ids of the rolls with such a tap, newest first.</param>
public sealed record FinishCount(string Key, string Name, int Mine, int Theirs, int? InRolls, IReadOnlyList<string> Rolls)
{
    /// <summary>The taps of both.</summary>
    public int Both => Mine + Theirs;
}
