using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>A roll that comes in.</summary>
/// <param name="Roll">The roll, its partner the one the log knows.</param>
/// <param name="Session">The id of the session it goes into.</param>
/// <param name="Day">The day of that session.</param>
/// <param name="Kept">What the log holds under its id.</param>
/// <param name="Standing">How it stands to that.</param>
/// <param name="Differs">In what it differs, in words.</param>
public sealed record ComingRoll(Roll Roll, string Session, DateOnly? Day, Roll? Kept, Standing Standing, IReadOnlyList<string> Differs);

/// <summary>A partner who comes in.</summary>
/// <param name="Partner">The partner as the log would hold them: what the file does not say stays.</param>
/// <param name="Kept">What the log holds.</param>
/// <param name="Standing">How they stand to that.</param>
/// <param name="Differs">In what they differ, in words.</param>
public sealed record ComingPartner(Partner Partner, Partner? Kept, Standing Standing, IReadOnlyList<string> Differs);

/// <summary>The head of a session that comes in.</summary>
/// <param name="Session">The head as the file says it, what it does not say taken from the log.</param>
/// <param name="Kept">What the log holds, with the gaps that the file fills.</param>
/// <param name="Standing">How it stands to that.</param>
/// <param name="Differs">In what it differs, in words.</param>
public sealed record ComingSession(Session Session, Session? Kept, Standing Standing, IReadOnlyList<string> Differs);

/// <summary>A name of the user's own that comes in.</summary>
/// <param name="Name">The name.</param>
/// <param name="Kept">What the log holds under it.</param>
/// <param name="Standing">How it stands to that.</param>
public sealed record ComingName(Vocabulary.OwnName Name, Vocabulary.OwnName? Kept, Standing Standing);
