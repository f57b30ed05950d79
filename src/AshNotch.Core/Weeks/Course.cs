namespace AshNotch.Core.Weeks;

/// <summary>How one subject went over the weeks.</summary>
/// <param name="Subject">What is followed.</param>
/// <param name="Name">It in words.</param>
/// <param name="Turn">How the newest four weeks compare with those before.</param>
/// <param name="Sure">The chance that it is so: that the ratio moved this way and not the other.</param>
/// <param name="Say">What became of it, in a sentence.</param>
/// <param name="Before">Before the newest four weeks.</param>
/// <param name="Lately">In them.</param>
/// <param name="Fortnights">From the first week logged to the last, none left out.</param>
/// <param name="Partners">With whom, the most expected first.</param>
public sealed record Course(
    Subject Subject,
    string Name,
    Turn Turn,
    double Sure,
    string Say,
    Ratio Before,
    Ratio Lately,
    IReadOnlyList<Fortnight> Fortnights,
    IReadOnlyList<WithPartner> Partners
);
