using AshNotch.Core.Rolls;

namespace AshNotch.App.Views;

/// <summary>One roll of a telling.</summary>
/// <param name="With">Whom it was with, if told or chosen.</param>
/// <param name="Exchanges">Its exchanges.</param>
/// <param name="Takeaways">What is taken away.</param>
/// <param name="Remembered">What else of it is kept to be remembered: the mission, advice under a heading, what was missed and taught.</param>
/// <param name="Facts">What it says of the roll as a whole.</param>
/// <param name="Taps">Whose finishes are counted.</param>
/// <param name="Stick">The stick as it would be cut.</param>
public sealed record RollReadView(
    ToldPartnerView? With,
    IReadOnlyList<ExchangeReadView> Exchanges,
    IReadOnlyList<string> Takeaways,
    IReadOnlyList<RememberedView> Remembered,
    IReadOnlyList<ToldFactView> Facts,
    TapsView Taps,
    Stick Stick
);
