using AshNotch.Core.Rolls;

namespace AshNotch.Core.Vocabulary;

/// <summary>What a move is for.</summary>
public enum MoveKind
{
    /// <summary>From the feet to the ground, on top.</summary>
    Takedown,

    /// <summary>From the feet to one's own guard.</summary>
    GuardPull,

    /// <summary>From one's guard to the top.</summary>
    Sweep,

    /// <summary>Past the legs.</summary>
    Pass,

    /// <summary>Out of a pin, the back, or an entanglement.</summary>
    Escape,

    /// <summary>Back to a guard, or from one guard to a better one.</summary>
    GuardRecovery,

    /// <summary>To the back.</summary>
    BackTake,

    /// <summary>From one place to another without any of these.</summary>
    Transition,

    /// <summary>To make the other tap.</summary>
    Submission,

    /// <summary>To hold or to grip.</summary>
    Control,
}

/// <summary>What the name of a move does in a telling.</summary>
public enum MoveWord
{
    /// <summary>It names an event.</summary>
    Event,

    /// <summary>It is the general word for a kind, as in "swept him with a scissor sweep".</summary>
    General,

    /// <summary>It says how, as a grip does, and is no event of its own.</summary>
    Manner,

    /// <summary>It says how the other one's attempt came out, as "postured" does.</summary>
    Reply,
}

/// <summary>A move as the vocabulary knows it; places are seen from the one who does it.</summary>
/// <param name="Id">Lower-case kebab id.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="SubmissionClass">What a submission attacks, such as <c>strangle</c> or <c>twisting leg</c>; null for the rest.</param>
/// <param name="From">The places it usually starts from.</param>
/// <param name="To">Where it usually leads, or null for the tap or where it depends.</param>
/// <param name="Common">Its weight in the book of what usually leads where.</param>
/// <param name="Names">Every name and spelling it goes by, its own name included.</param>
/// <param name="Caution">What to say where it is shown, or null.</param>
/// <param name="Attire">What must be worn for it, or null where it works in both.</param>
/// <param name="Word">What its name does in a telling.</param>
public sealed record Move(
    string Id,
    string Name,
    MoveKind Kind,
    string? SubmissionClass,
    IReadOnlyList<string> From,
    string? To,
    double Common,
    IReadOnlyList<string> Names,
    string? Caution,
    Attire? Attire = null,
    MoveWord Word = MoveWord.Event
)
{
    /// <summary>Whether it ends in a tap when it works.</summary>
    public bool IsSubmission => Kind == MoveKind.Submission;

    /// <summary>Whether it holds or grips and leaves the two where they are.</summary>
    public bool Stays => Kind == MoveKind.Control && To is null;
}
