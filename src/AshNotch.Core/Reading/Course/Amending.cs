using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>A place that only says where the move told before it led.</summary>
internal static class Amending
{
    /// <summary>"Swept him to mount", "he passed; side control": where what was just told led; null when it speaks of something new.</summary>
    public static State? Amended(State state, PlaceClaim claim, Place place)
    {
        if (
            claim.IsEscape
            || state.Last is not { } last
            || last.IsToSaid
            || !last.IsOpen
            || last.Move is { Stays: true }
            || last.Outcome is Outcome.Tap or Outcome.Near
        )
            return null;
        if (
            claim.IsWhoSaid
            && claim.Coming == Coming.Reaches
            && claim.Whos[0].Is != last.By
            && claim.Found is not null
            && !Worsens(last, place)
        )
            return null;
        var ends = last.Move?.To?.SeenBy(last.By);
        var fits = ends is null ? !Worsens(last, place) : ends.IsTop == place.IsTop && ends.Role != Role.Neutral || ends == place;
        if (last.Move is { IsSubmission: true } || !fits)
            return null;
        // "I go for the back, she rolls, I'm in her half guard": that is no back.
        if (last.Move?.Kind == MoveKind.BackTake && place.IsGuard)
            return null;
        // "Tried to pass, got stuck in his knee shield": that is no pass.
        if (
            last is { Move.Kind: MoveKind.Pass, Outcome: Outcome.Stopped, Claim: MoveClaim { IsTried: true } }
            && place.IsGuard
            && place.Position.Id != "half-guard"
        )
            return null;
        var landed = last.Outcome == Outcome.Landed;
        // "He pulled guard and I was in his closed guard": which guard it was.
        var which =
            last.Move?.Kind is MoveKind.GuardPull or MoveKind.GuardRecovery && place.IsGuard && !claim.IsBare
                ? Weights.Of("led-which-guard")
                : 0;
        // A pass or a back take said by itself and a mount after it are two.
        var another =
            landed
            && ends is not null
            && ends != place
            && ends.Position.Family != place.Position.Family
            && claim.Coming == Coming.Reaches
            && claim.IsWhoSaid;
        // "Took him down, half guard": where a throw or a sweep led by itself was only a guess.
        var guessed =
            landed
            && last.Move?.Kind is MoveKind.Takedown or MoveKind.Sweep
            && (place.Position.Holder == Role.Top || place.Position.Id == "half-guard")
            && last.To is { IsGuard: true }
            && (claim.IsLanding || claim.IsBare)
                ? Weights.Of("led-guessed")
                : 0;
        var put = last with { Outcome = Outcome.Landed, To = place, IsToSaid = true, Span = last.Move is null ? claim.Span : last.Span };
        // Told by itself it is a step of its own, unless only where a throw or a sweep led is left to say.
        var apart =
            claim.IsBare
            && (
                last.Move is null
                || landed
                    && last.To is not null
                    && last.To.Position != place.Position
                    && last.Move.Kind
                        is not (MoveKind.Sweep or MoveKind.Takedown or MoveKind.Escape or MoveKind.GuardRecovery or MoveKind.GuardPull)
            );
        return (state.With(state.Events.Count - 1, put) with { Now = place }).Plus(
            which
                + guessed
                + (
                    claim.IsLanding ? Weights.Of("led-landing")
                    : claim.Coming == Coming.Is ? Weights.Of("led-is")
                    : 0
                )
                + (landed ? Weights.Of("led-there") : Weights.Of("led-there-after-all"))
                + (another ? Weights.Of("led-elsewhere") : 0)
                + (apart ? Weights.Of("led-bare") : 0)
                + (!landed && claim.IsSentence && last.Claim is MoveClaim { IsTried: true } ? Weights.Of("tried-and-told") : 0)
        );
    }

    private static bool Worsens(Event last, Place place) =>
        last.Before is { } before && (last.By == Who.Me ? place.Control < before.Control : place.Control > before.Control);
}
