using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>A ledger in a sentence or two.</summary>
public static class LedgerWords
{
    /// <summary>How it stands: <c>You lead 5-2.</c>, <c>Level, 2-2.</c></summary>
    public static string Standing(Ledger ledger)
    {
        var score = Score(ledger.State);
        return ledger.By switch
        {
            DecidedBy.Tap => ledger.Leader == Who.Me
                ? $"You won by the tap; {score} in points."
                : $"They won by the tap; {score} in points.",
            DecidedBy.Penalties when ledger.Leader is { } who => $"{Leads(who)} by fewer penalties; {score}.",
            DecidedBy.Advantages when ledger.Leader is { } who =>
                $"{Leads(who)} by advantages, {ledger.State.Me.Advantages}-{ledger.State.Partner.Advantages}; {score}.",
            DecidedBy.Referee => $"Level, {score}: the referee decides.",
            _ when ledger.Leader is { } who => $"{Leads(who)} {score}.",
            _ => $"Level, {score}.",
        };
    }

    /// <summary>What hangs on what nothing says of; null where nothing does.</summary>
    public static string? IfNotHeld(Ledger ledger) =>
        (ledger.NotHeld.Me.Points, ledger.NotHeld.Partner.Points) == (ledger.State.Me.Points, ledger.State.Partner.Points)
            ? null
            : $"{Score(ledger.State)}, or {Score(ledger.NotHeld)} if nothing was held of which nothing says so.";

    private static string Leads(Who who) => who == Who.Me ? "You lead" : "They lead";

    private static string Score(ScoreState state) => $"{state.Me.Points}-{state.Partner.Points}";
}
