namespace AshNotch.App.Views;

/// <summary>How a match stands that goes on.</summary>
/// <param name="Me">My points.</param>
/// <param name="Partner">Theirs.</param>
/// <param name="MyAdvantages">My advantages.</param>
/// <param name="TheirAdvantages">Theirs.</param>
/// <param name="MyPenalties">My penalties.</param>
/// <param name="TheirPenalties">Theirs.</param>
/// <param name="Say">How it stands, a sentence.</param>
/// <param name="Over">It is over.</param>
/// <param name="Lines">What was counted, the newest first.</param>
/// <param name="Flips">What would change who is ahead.</param>
/// <param name="Lead">What protects the lead.</param>
/// <param name="Kept">The id of the roll it became; null while it goes on.</param>
public sealed record LiveView(
    int Me,
    int Partner,
    int MyAdvantages,
    int TheirAdvantages,
    int MyPenalties,
    int TheirPenalties,
    string Say,
    bool Over,
    IReadOnlyList<LedgerView.Line> Lines,
    IReadOnlyList<string> Flips,
    IReadOnlyList<string> Lead,
    string? Kept
);
