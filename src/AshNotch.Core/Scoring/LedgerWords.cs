using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>A ledger in a sentence or two.</summary>
public static class LedgerWords
{
    /// <summary>How it stands: <c>You lead 5-2.</c>, <c>Level, 2-2.</c></summary>
    public static string Standing(Ledger ledger)
    {
        var score = Score(ledger, ledger.State);
        return ledger.By switch
        {
            DecidedBy.Tap => ledger.Leader == Who.Me
                ? $"You won by the tap; {score} in points."
                : $"They won by the tap; {score} in points.",
            DecidedBy.Penalties when ledger.Leader is { } who => $"{Leads(who)} by fewer penalties; {score} in points.",
            DecidedBy.Advantages when ledger.Leader is { } who =>
                $"{Leads(who)} by advantages, {ledger.State.Of(who).Advantages}-{ledger.State.Of(who.Other()).Advantages}; {score} in points.",
            DecidedBy.Referee => $"Level, {score}: the referee decides.",
            _ when ledger.Leader is { } who => $"{Leads(who)} {score}.",
            _ => $"Level, {score}.",
        };
    }

    /// <summary>What hangs on what nothing says of; null where nothing does.</summary>
    public static string? IfNotHeld(Ledger ledger) =>
        (ledger.NotHeld.Me.Points, ledger.NotHeld.Partner.Points) == (ledger.State.Me.Points, ledger.State.Partner.Points)
            ? null
            : $"{Score(ledger, ledger.State)}, or {Score(ledger, ledger.NotHeld)} if nothing was held of which nothing says so.";

    /// <summary>What a line brings: <c>+3</c>, <c>+1 advantage</c>, <c>penalty</c>, or <c>0</c>.</summary>
    public static string Gained(LedgerLine line)
    {
        var gained = new List<string>();
        if (line.Points != 0)
            gained.Add(line.Points.ToString("+0;-0", CultureInfo.InvariantCulture));
        if (line.Advantages != 0)
            gained.Add(
                string.Create(CultureInfo.InvariantCulture, $"+{line.Advantages} {(line.Advantages == 1 ? "advantage" : "advantages")}")
            );
        if (line.Penalties != 0)
            gained.Add("penalty");
        return gained.Count == 0 ? "0" : string.Join(", ", gained);
    }

    /// <summary>What would change who is ahead, a sentence for each side: <c>Puts you ahead: takedown or sweep, 2-0; pass, 3-0.</c></summary>
    public static IReadOnlyList<string> Flips(Ledger ledger) =>
        [
            .. ledger
                .Flips.GroupBy(f => f.By)
                .Select(side =>
                    $"Puts {(side.Key == Who.Me ? "you" : "them")} ahead: "
                    + string.Join(
                        "; ",
                        side.GroupBy(f => f.Score).Select(g => $"{Or([.. g.Select(f => f.Event.Replace('-', ' '))])}, {g.Key}")
                    )
                    + "."
                ),
        ];

    private static string Or(List<string> names) => names.Count == 1 ? names[0] : $"{string.Join(", ", names[..^1])} or {names[^1]}";

    private static string Leads(Who who) => who == Who.Me ? "You lead" : "They lead";

    // The leader's first; mine where it is level.
    private static string Score(Ledger ledger, ScoreState state)
    {
        var first = ledger.Leader ?? Who.Me;
        return $"{state.Of(first).Points}-{state.Of(first.Other()).Points}";
    }
}
