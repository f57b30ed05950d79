using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>A name of a place or a move found in a retelling.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
/// <param name="Id">Id of the move, or of the place as it was understood.</param>
/// <param name="Kind"><c>move</c> or <c>place</c>.</param>
/// <param name="By">Whose it is, where the sentence says.</param>
public sealed record Mention(int Start, int End, string Text, string Id, string Kind, Who? By);

/// <summary>Words that were not understood.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Text">The words as written.</param>
public sealed record Unread(int Start, int End, string Text);

/// <summary>One exchange as read, with the words it spans.</summary>
/// <param name="Start">First character.</param>
/// <param name="End">One past the last character.</param>
/// <param name="Exchange">The exchange.</param>
public sealed record ReadExchange(int Start, int End, Exchange Exchange);

/// <summary>What was read from a retelling.</summary>
/// <param name="Mentions">Names found, in order.</param>
/// <param name="Exchanges">Exchanges, in order.</param>
/// <param name="Takeaways">What the teller takes away.</param>
/// <param name="Unread">What was not understood, in order.</param>
/// <param name="Questions">What is doubtful, each with ready answers.</param>
public sealed record Retelling(IReadOnlyList<Mention> Mentions, IReadOnlyList<ReadExchange> Exchanges, IReadOnlyList<Takeaway> Takeaways, IReadOnlyList<Unread> Unread, IReadOnlyList<Question> Questions);
