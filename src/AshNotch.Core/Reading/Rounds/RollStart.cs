namespace AshNotch.Core.Reading.Rounds;

/// <summary>A place in a telling where a roll begins or might: each sentence can be made one, or taken for none.</summary>
/// <param name="Offset">Its first character.</param>
/// <param name="Words">Its first words, which tie a cut by hand to it.</param>
/// <param name="Occurrence">Which time these words stand in the telling, from 0.</param>
/// <param name="Begins">A roll begins there, as it is read.</param>
/// <param name="IsUnsure">It could well be otherwise, and is asked.</param>
public sealed record RollStart(int Offset, string Words, int Occurrence, bool Begins, bool IsUnsure);
