using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Whom a roll was with, as far as the telling says.</summary>
/// <param name="Name">The name as written; null when only described, such as <c>the purple belt</c>.</param>
/// <param name="Known">Id of the partner of that name; null when there is none yet.</param>
/// <param name="Belt">Their belt, if told.</param>
/// <param name="Size">Their size beside mine, if told.</param>
/// <param name="Words">The words it was read from.</param>
public sealed record ToldPartner(string? Name, string? Known, Belt? Belt, RelativeSize? Size, Span Words);

/// <summary>One roll of a telling that may tell of several.</summary>
/// <param name="Start">Its first character in the telling.</param>
/// <param name="End">One past its last character.</param>
/// <param name="With">Whom it was with, if told.</param>
/// <param name="Read">Its reading; offsets count from its own start.</param>
public sealed record ToldRoll(int Start, int End, ToldPartner? With, Retelling Read);
