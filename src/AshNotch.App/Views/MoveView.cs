using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>A move to choose from.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Aliases">Other names.</param>
/// <param name="From">Places it usually starts from, seen from the one who does it.</param>
/// <param name="To">Where it usually leads.</param>
/// <param name="SubmissionClass">What it attacks, for a submission.</param>
/// <param name="Caution">What to say where it is shown.</param>
/// <param name="Attire">What must be worn for it; absent where it works in both.</param>
/// <param name="Barred">Why it is barred for the practitioner in matches; absent where it is not, or nothing is known of it.</param>
/// <param name="Leads">Where it leads, in words.</param>
public sealed record MoveView(
    string Id,
    string Name,
    MoveKind Kind,
    IReadOnlyList<string> Aliases,
    IReadOnlyList<string> From,
    string? To,
    SubmissionClass? SubmissionClass,
    string? Caution,
    Attire? Attire,
    string Leads,
    string? Barred
);
