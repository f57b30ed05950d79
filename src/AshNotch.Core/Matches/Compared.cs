using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Matches;

/// <summary>What the referee said, held against what is computed.</summary>
public static class Compared
{
    /// <summary>What does not add up, each a sentence; empty where it does, or nothing was told.</summary>
    public static IReadOnlyList<string> Of(OfficialResult? official, Ledger ledger)
    {
        if (official is null)
            return [];
        List<string> differs = [];
        foreach (var who in Enum.GetValues<Who>())
        {
            if ((who == Who.Me ? official.Me : official.Partner) is not { } said)
                continue;
            var mine = ledger.State.Of(who);
            Differ(differs, who, said.Points, mine.Points, "point", Points(ledger, who, said.Points - mine.Points));
            Differ(differs, who, said.Advantages, mine.Advantages, "advantage", "");
            var unwritten = mine.Penalties < said.Penalties ? " Write it under penalties." : "";
            Differ(differs, who, said.Penalties, mine.Penalties, Penalty, unwritten);
        }
        if (official.Winner is { } winner && Winner(ledger) != winner)
            differs.Add($"The referee gave it {Said(winner)}; by what is written {Computed(ledger)}.");
        if (official.By == DecidedBy.Tap && ledger.By != DecidedBy.Tap)
            differs.Add("It ended by a tap, and none is written: add it where it came.");
        return differs;
    }

    private const string Penalty = "penalty";

    private static void Differ(List<string> differs, Who who, int? said, int computed, string unit, string hint)
    {
        if (said is { } given && given != computed)
            differs.Add(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{(who == Who.Me ? "You" : "They")} got {Count(given, unit)} on the board, {computed} by what is written.{hint}"
                )
            );
    }

    // Which line of theirs could be what makes the difference.
    private static string Points(Ledger ledger, Who who, int? more)
    {
        var theirs = ledger.Lines.Where(l => l.By == who && l.Notch is not null).ToList();
        if (more < 0 && theirs.FirstOrDefault(l => l.Points == -more) is { } extra)
            return $" It would fit if the {Term.Say(extra.For)} had not counted.";
        if (more > 0 && theirs.FirstOrDefault(l => l.Points == 0 && ledger.Rules.Worth(l.For) == more) is { } missed)
            return $" It would fit if the {Term.Say(missed.For)} had counted.";
        return more > 0 && ledger.Rules.Scores.FirstOrDefault(s => s.Points == more) is { } one
            ? $" A {Term.Say(one.For)} that is not written would make it."
            : "";
    }

    private static MatchWinner Winner(Ledger ledger) =>
        ledger.Leader switch
        {
            Who.Me => MatchWinner.Me,
            Who.Partner => MatchWinner.Partner,
            _ => MatchWinner.Draw,
        };

    private static string Said(MatchWinner winner) =>
        winner switch
        {
            MatchWinner.Me => "to you",
            MatchWinner.Partner => "to them",
            _ => "to neither",
        };

    private static string Computed(Ledger ledger) =>
        ledger.Leader is not { } who ? "it is level" : $"{(who == Who.Me ? "you" : "they")} are ahead";

    private static string Count(int n, string unit) =>
        string.Create(CultureInfo.InvariantCulture, $"{n} {(n == 1 ? unit : unit == Penalty ? "penalties" : unit + "s")}");
}
