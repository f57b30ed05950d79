using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Finishes;

/// <summary>One tap of the log.</summary>
/// <param name="In">The roll it was in.</param>
/// <param name="By">Who made the other tap.</param>
/// <param name="With">The submission's id; null when nobody named it.</param>
/// <param name="From">The place it came from, seen from me: as told, else where the roll stood; null when neither is known.</param>
public sealed record Finish(LoggedRoll In, Who By, MoveId? With, PlaceId? From)
{
    /// <summary>The taps of a log, oldest roll first. A tap in practice is none.</summary>
    public static IEnumerable<Finish> Of(Log log, MatVocabulary vocabulary)
    {
        foreach (var logged in log.LiveRolls)
        {
            foreach (var exchange in logged.Roll.Exchanges)
            {
                var now = Whereabouts.StartOf(exchange);
                foreach (var notch in exchange.Notches)
                {
                    if (notch.Outcome == Outcome.Tap)
                        yield return new Finish(logged, notch.By, notch.Move, notch.From ?? now);
                    now = Whereabouts.After(notch, now, vocabulary);
                }
            }
        }
    }
}
