using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>A name of a place or a move found in a retelling.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
/// <param name="Id">Id of the move, or of the place as it was understood.</param>
/// <param name="Kind">Whether it is a move or a place.</param>
/// <param name="By">Whose it is, where the sentence says.</param>
public sealed record Mention(int Start, int End, string Text, string Id, MentionKind Kind, Who? By);
