using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>The partners of the last eight weeks for one exchange, from easier to harder, and who is missing among them.</summary>
/// <param name="Rungs">The partners, the easiest first.</param>
/// <param name="Missing">Who is missing, and how rounds with much heavier people ended, each a sentence.</param>
public sealed record PartnerLadder(IReadOnlyList<Rung> Rungs, IReadOnlyList<string> Missing)
{
    private const int Days = 56;

    // Under this I mostly lose there, over that I can try things. The authors' judgement.
    private const double Losing = 0.4;
    private const double Trying = 0.6;

    // From a fifth heavier on somebody is much heavier. The authors' judgement.
    private static readonly double MuchHeavier = Math.Log(1.2);

    /// <summary>Of what a log taught.</summary>
    /// <param name="experience">What it taught.</param>
    /// <param name="way">The exchange.</param>
    public static PartnerLadder Of(Experience experience, Way way)
    {
        var walk = experience.Walk;
        if (experience.Log.Sessions.Max(s => s.Date) is not { } newest || experience.Model.Shape.IndexOf(way.From) < 0)
            return new PartnerLadder([], []);
        var lately = walk
            .Rolls.Index()
            .Where(r => r.Item.Logged.Session.Date > newest.AddDays(-Days) && experience.Log.Partner(r.Item.Roll.Partner) is not null)
            .ToList();
        List<Rung> rungs =
        [
            .. lately
                .GroupBy(r => r.Item.Roll.Partner!)
                .Select(g => new Rung(
                    g.Key,
                    experience.Log.Partner(g.Key)!.Name,
                    experience.Model.ShareOfMine(way.From, g.Last().Index),
                    g.Count()
                ))
                .OrderByDescending(r => r.Chance)
                .ThenBy(r => r.Name, StringComparer.Ordinal),
        ];
        return new PartnerLadder(rungs, [.. Missed(rungs).Append(Heavy(experience)).OfType<string>()]);
    }

    private static IEnumerable<string> Missed(List<Rung> rungs)
    {
        if (rungs.Count == 0)
            yield break;
        if (rungs.All(r => r.Chance > Losing))
            yield return "Nobody in your last eight weeks mostly gets the better of you there: somebody harder would show where it breaks.";
        if (rungs.All(r => r.Chance < Trying))
            yield return "Nobody in your last eight weeks leaves you room to try it: somebody newer, or a round at half pace, would.";
    }

    private static string? Heavy(Experience experience)
    {
        List<Roll> heavy =
        [
            .. experience.Log.LiveRolls.Where(r => Gap.Of(experience.Log.Practitioner, r).Weight >= MuchHeavier).Select(r => r.Roll),
        ];
        if (heavy.Count == 0)
            return null;
        var stopped = heavy.Count(r => r.Exchanges.Any(e => e.End == ExchangeEnd.Stopped));
        return string.Create(
            CultureInfo.InvariantCulture,
            $"With people a fifth heavier than you or more: {(heavy.Count == 1 ? "one roll" : $"{heavy.Count} rolls")}, taps you {heavy.Sum(r => r.Taps(Who.Me))}, they {heavy.Sum(r => r.Taps(Who.Partner))}{(stopped == 0 ? "" : $", stopped for safety {stopped}")}."
        );
    }
}
