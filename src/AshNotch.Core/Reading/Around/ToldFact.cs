using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading.Around;

/// <summary>Something a telling says of the roll as a whole: a suggestion for its head, which can be struck.</summary>
/// <param name="Of">Of what.</param>
/// <param name="Value">What: a term of the record, or a number; weights in kilograms, lengths in minutes.</param>
/// <param name="Say">In words.</param>
/// <param name="Words">The words it was read from.</param>
public sealed record ToldFact(HeadField Of, string Value, string Say, Span Words);
