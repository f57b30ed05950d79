namespace AshNotch.Core.Vocabulary;

/// <summary>A move as the vocabulary knows it; places are seen from the one who does it.</summary>
/// <param name="Id">Lower-case kebab id.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="SubmissionClass">What a submission attacks; null for the rest.</param>
/// <param name="From">The places it usually starts from.</param>
/// <param name="To">Where it usually leads, or null for the tap or where it depends.</param>
/// <param name="Common">How common it is among moves from the same places; 1 is usual.</param>
/// <param name="Names">Every name and spelling it goes by, its own name included.</param>
/// <param name="Caution">What to say where it is shown, or null.</param>
/// <param name="Attire">What must be worn for it, or null where it works in both.</param>
/// <param name="Word">What its name does in a telling.</param>
public sealed record Move(
    MoveId Id,
    string Name,
    MoveKind Kind,
    SubmissionClass? SubmissionClass,
    IReadOnlyList<Place> From,
    Place? To,
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

    /// <summary>Where it leads, in words: <c>to mount</c>, <c>to the tap</c>, <c>stays where it is</c>.</summary>
    public string Leads =>
        IsSubmission ? "to the tap"
        : To is null ? "stays where it is"
        : $"to {To.Position.Name}";
}
