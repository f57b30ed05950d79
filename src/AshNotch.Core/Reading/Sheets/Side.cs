using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Sheets;

/// <summary>A stretch of a telling under a word that says whose it is, or how it came out.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last.</param>
/// <param name="Who">Whose is what nobody else is said to have done in it; null when only the outcome is said.</param>
/// <param name="CameOff">What is named first in it came off, or did not; null when the words themselves have to say so.</param>
internal sealed record Side(int Start, int End, Who? Who, bool? CameOff);
