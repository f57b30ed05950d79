using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>Words that were not understood.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
/// <param name="EventBy">Who of the two does something in them; null where they seem to tell of no event.</param>
public sealed record Unread(int Start, int End, string Text, Who? EventBy = null)
{
    /// <summary>They may well tell of a notch.</summary>
    public bool LooksLikeEvent => EventBy is not null;
}
