namespace AshNotch.Core.Reading.Rounds;

/// <summary>What somebody who is named in a stretch has to do with it.</summary>
/// <param name="Person">Who it is.</param>
/// <param name="How">In what part.</param>
internal sealed record Part(Person Person, PartKind How);
