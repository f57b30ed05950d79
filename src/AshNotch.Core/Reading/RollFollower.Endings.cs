using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>What ends an exchange: time, a reset, the edge of the mat.</summary>
internal sealed partial class RollFollower
{
    private static ExchangeEnd? Ends(Clause clause) =>
        clause.Has(Cues.Reset)
        || clause.Says("started again")
        || clause.Says("started over")
        || clause.Says("start again")
        || clause.Says("went again")
        || clause.Says("slap and bump again")
            ? ExchangeEnd.Reset
        : clause.Says("time ran out")
        || clause.Says("ran out of time")
        || clause.Has(Bell)
        || clause.Says("time was up")
        || clause.Says("round ended")
        || clause.Says("end of the round")
        || clause.Says("until time")
        || clause.Says("till time")
        || clause.Says("then time")
        || IsAlone(clause, "time")
        || clause.Says("till the end")
        || clause.Says("and time")
        || clause.Says("time is up")
            ? ExchangeEnd.Time
        : clause.Says("out of bounds") || clause.Says("off the mat") || clause.Says("hit the wall") || clause.Says("into the wall")
            ? ExchangeEnd.Boundary
        : null;

    private static readonly HashSet<string> Bell = ["bell", "buzzer", "timer"];

    private static bool IsAlone(Clause clause, string word) =>
        clause.Words[clause.After - 1].Text == word
        && Enumerable
            .Range(clause.First, clause.After - clause.First - 1)
            .All(i => clause.Words[i].Text is "and" or "then" or "again" or "so");

    private bool HearEnd(Clause clause)
    {
        var ended = Ends(clause)!.Value;
        var moves = Moves(clause);
        var restart = ended is ExchangeEnd.Reset or ExchangeEnd.Boundary;
        if (moves.Count > 0 && !restart)
            HearMoves(clause, moves);
        if (
            ended == ExchangeEnd.Time
            && account.Last is { } last
            && IsPending(last)
            && last.Notch.Outcome is not (Outcome.Landed or Outcome.Abandoned or Outcome.Threatened)
        )
            Set(
                last,
                clause.Says("saved by the bell") ? Outcome.Near
                    : last.Notch.Outcome is Outcome.Near ? Outcome.Near
                    : Outcome.Stopped
            );
        if (!restart)
            HearPlaces(clause);
        account.Close(ended);
        if (!restart)
            return true;
        foreach (var named in clause.Found.Where(f => f.Position is not null))
            account.Start = account.Now = PlaceNamed(clause, named, clause.Subject, null, PlaceUse.At, out _);
        if (moves.Count > 0)
            HearMoves(clause, moves);
        return true;
    }
}
