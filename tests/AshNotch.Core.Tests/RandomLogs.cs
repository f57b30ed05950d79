using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests;

/// <summary>Logs of made-up walks over the vocabulary; the same seed gives the same log.</summary>
internal static class RandomLogs
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;

    public static Log Of(int seed, int rolls = 40)
    {
        var random = new Random(seed);
        var sessions = Enumerable
            .Range(0, (rolls + 3) / 4)
            .Select(s => new Session
            {
                Id = $"s{s}",
                Date = new DateOnly(2026, 1, 5).AddDays(3 * s),
                Rolls = [.. Enumerable.Range(4 * s, Math.Min(4, rolls - 4 * s)).Select(r => Roll(random, $"r{r}"))],
            });
        return new Log { Sessions = [.. sessions] };
    }

    /// <summary>The log as the partner would have kept it: sides swapped, every place seen from the other one.</summary>
    public static Log Mirrored(Log log) =>
        log with
        {
            Sessions =
            [
                .. log.Sessions.Select(s =>
                    s with
                    {
                        Rolls = [.. s.Rolls.Select(r => r with { Exchanges = [.. r.Exchanges.Select(Mirrored)] })],
                    }
                ),
            ],
        };

    private static Exchange Mirrored(Exchange exchange) =>
        exchange with
        {
            Start = exchange.Start?.Mirror,
            Notches =
            [
                .. exchange.Notches.Select(n =>
                    n with
                    {
                        By = n.By == Who.Me ? Who.Partner : Who.Me,
                        From = n.From?.Mirror,
                        To = n.To?.Mirror,
                    }
                ),
            ],
        };

    private static Roll Roll(Random random, string id)
    {
        var notches = new List<Notch>();
        var now = PlaceId.Standing;
        for (var n = 0; n < 10; n++)
        {
            var by = random.Next(2) == 0 ? Who.Me : Who.Partner;
            var here = Vocabulary.Place(now)!.SeenBy(by);
            var moves = Vocabulary.Moves.Where(m => m.From.Contains(here)).ToList();
            if (moves.Count == 0)
                continue;
            var move = moves[random.Next(moves.Count)];
            var comesOff = random.Next(3) > 0;
            var to = comesOff ? move.To?.SeenBy(by).Id : null;
            notches.Add(
                new Notch
                {
                    By = by,
                    Move = move.Id,
                    From = now,
                    To = to,
                    Outcome =
                        !comesOff ? Outcome.Stopped
                        : move.IsSubmission ? Outcome.Tap
                        : Outcome.Landed,
                }
            );
            if (comesOff && move.IsSubmission)
                break;
            now = to ?? now;
        }
        return new Roll
        {
            Id = id,
            Partner = null,
            Intensity = random.Next(3) == 0 ? Intensity.Light : Intensity.Hard,
            Exchanges = [new Exchange { Start = new("standing/neutral"), Notches = notches }],
        };
    }
}
