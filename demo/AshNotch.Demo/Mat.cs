using AshNotch.Core.Chain;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Demo;

/// <summary>Plays invented rolls: the book's ways out of each place, bent to this practitioner's habits.</summary>
/// <param name="random">Where chance comes from.</param>
internal sealed class Mat(Random random)
{
    private static readonly MatVocabulary Vocabulary = MatVocabulary.BuiltIn;
    private static readonly Book Book = Book.Of(Vocabulary);

    // What is special about them: they pull to half guard, lose it to the knee cut, and are tapped most often late, from the back.
    private static readonly Dictionary<(string Place, Who By, string Move), double> Habits = new()
    {
        [("standing/neutral", Who.Me, "guard-pull")] = 3,
        [("standing/neutral", Who.Me, "snap-down")] = 0.3,
        [("half-guard/bottom", Who.Partner, "knee-cut-pass")] = 8,
        [("half-guard/bottom", Who.Me, "old-school-sweep")] = 2.5,
        [("half-guard/bottom", Who.Me, "take-the-underhook")] = 1.5,
        [("knee-shield/bottom", Who.Partner, "knee-cut-pass")] = 1.5,
        [("side-control/bottom", Who.Partner, "back-take")] = 3,
        [("back-control/bottom", Who.Partner, "rear-naked-choke")] = 3,
        [("back-control/bottom", Who.Partner, "bow-and-arrow-choke")] = 0.4,
        [("mount/bottom", Who.Me, "elbow-escape")] = 2,
        [("half-guard/top", Who.Me, "knee-cut-pass")] = 1.5,
        [("side-control/top", Who.Me, "americana")] = 2,
        [("mount/top", Who.Me, "armbar")] = 1.5,
    };

    private static readonly string[] Causes = ["grip lost", "late", "too close, no frames", "weight on the wrong side", "tired"];

    public Roll Roll(string id, Partner partner, bool match)
    {
        var tilt = ((int)Belt.Blue - (int)(partner.Belt ?? Belt.Blue)) * 0.12 + (74 - (partner.WeightKg ?? 74)) * 0.008;
        var light = !match && random.Next(6) == 0;
        var positional = !match && random.Next(12) == 0;
        var exchanges = new List<Exchange>();
        var left = 5 + random.Next(8);
        while (left > 0)
        {
            var start =
                positional ? new PlaceId("half-guard/bottom")
                : random.Next(3) == 0 ? new PlaceId("seated-guard/bottom")
                : PlaceId.Standing;
            var (exchange, used) = Exchange(start, left, tilt, light);
            exchanges.Add(exchange);
            left -= used;
        }
        exchanges[^1] = exchanges[^1] with { End = exchanges[^1].End ?? ExchangeEnd.Time };
        return new Roll
        {
            Id = id,
            Partner = partner.Id,
            PartnerThen = partner.Today,
            Kind =
                match ? RollKind.Match
                : positional ? RollKind.Positional
                : RollKind.Free,
            Intensity =
                match ? Intensity.Hard
                : light ? Intensity.Light
                : Intensity.Steady,
            Minutes = match ? 6 : 5,
            Rules = match ? "federation" : null,
            Partial = random.Next(12) == 0 ? [PartialAccount.CutShort] : [],
            Exchanges = exchanges,
        };
    }

    private (Exchange, int) Exchange(PlaceId start, int left, double tilt, bool light)
    {
        var notches = new List<Notch>();
        var now = start;
        while (notches.Count < left)
        {
            var notch = Notch(now, tilt, light);
            notches.Add(notch);
            if (notch.Outcome == Outcome.Tap)
                return (
                    new Exchange
                    {
                        Start = start,
                        End = ExchangeEnd.Tap,
                        Notches = notches,
                    },
                    notches.Count
                );
            now = notch.To ?? now;
        }
        return (new Exchange { Start = start, Notches = notches }, notches.Count);
    }

    private Notch Notch(PlaceId now, double tilt, bool light)
    {
        var ways = Book.Exits(now)
            .OrderBy(e => e.Key.By)
            .ThenBy(e => e.Key.Move?.Value, StringComparer.Ordinal)
            .Select(e =>
                (
                    e.Key,
                    Weight: e.Value
                        * Book.Lands(now, e.Key.By)
                        * Habits.GetValueOrDefault((now.Value, e.Key.By, e.Key.Move!.Value.Value), 1)
                        * Math.Exp(e.Key.By == Who.Me ? tilt : -tilt)
                )
            )
            .ToList();
        var pick = random.NextDouble() * ways.Sum(w => w.Weight);
        var way = ways[^1].Key;
        foreach (var (key, weight) in ways)
        {
            pick -= weight;
            if (pick > 0)
                continue;
            way = key;
            break;
        }
        // They pull to half guard, where they feel at home.
        var to = way is { By: Who.Me, Move.Value: "guard-pull" } ? new PlaceId("half-guard/bottom") : way.To;
        var lands =
            random.NextDouble()
            < (
                now.Value is "half-guard/bottom" && way.Move?.Value == "knee-cut-pass" ? 0.8
                : to is null ? 0.4
                : 0.6
            );
        var stays = random.Next(10) switch
        {
            < 6 => Outcome.Stopped,
            6 => Outcome.Abandoned,
            7 => Outcome.Threatened,
            _ => Outcome.Near,
        };
        var given = lands && to is not null && light && random.Next(4) == 0 ? (Who?)(way.By == Who.Me ? Who.Partner : Who.Me) : null;
        return new Notch
        {
            By = way.By,
            Move = random.Next(15) == 0 && to is not null && lands ? null : way.Move,
            From = now,
            To = lands ? to : null,
            Outcome = lands
                ? to is null
                    ? Outcome.Tap
                    : Outcome.Landed
                : stays,
            Given = given,
            Unsure = random.Next(14) == 0,
            Side = random.Next(4) switch
            {
                0 => BodySide.Left,
                1 => BodySide.Right,
                _ => null,
            },
            Causes = lands && way.By == Who.Partner && random.Next(4) == 0 ? [Causes[random.Next(Causes.Length)]] : [],
        };
    }
}
