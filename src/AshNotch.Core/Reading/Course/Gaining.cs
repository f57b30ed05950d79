using AshNotch.Core.Reading.Claims;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>Who brought a place about, and how far it is from where they were.</summary>
internal static class Gaining
{
    /// <summary>Who may have brought them there: the one who is better off; else the one who is said to be there.</summary>
    public static IEnumerable<May<Who>> Whos(PlaceClaim claim, Who? gainer, Place place)
    {
        if (gainer is { } by)
        {
            var saidOther = claim.IsWhoSaid && claim.Whos[0].Is != by;
            var told = claim.Whos.Where(w => w.Is == by).Select(w => w.Cost).FirstOrDefault(0);
            // "He rolled and I ended up in his guard": who ended up there did not choose it.
            yield return new May<Who>(by, saidOther ? (claim.IsLanding ? 0.1 : 0.5) : told);
            if (saidOther)
                yield return new May<Who>(by.Other(), claim is { Coming: Coming.Reaches, IsLanding: false } ? 0.2 : 1);
            yield break;
        }
        foreach (var who in claim.Whos)
            yield return who;
        if (claim.Whos.Count == 0)
            yield return new May<Who>(place.SeenBy(Who.Me).Role == place.Position.Holder ? Who.Me : Who.Partner, 0.3);
    }

    /// <summary>Whether one hold only follows another of the same one's: from pin to pin, from hook to hook, whoever holds moves.</summary>
    public static bool IsHeldOn(Place? now, Place place) =>
        now is not null
        && now.IsTop == place.IsTop
        && now.Position != place.Position
        && now.Position.Holder == place.Position.Holder
        && (
            place.Position.Holder == Role.Top
            || place.Position.Family == Family.HookGuard
            || place.Position.Id is "knee-shield" or "lockdown"
        );

    /// <summary>Who is better off by it; null when nobody is.</summary>
    public static Who? Gainer(Place? now, Place place)
    {
        if (IsHeldOn(now, place))
            return place.SeenBy(Who.Me).Role == place.Position.Holder ? Who.Me : Who.Partner;
        if (now is null || place.Control == now.Control)
            return place.IsMine ? Who.Me
                : place.Role == Role.Neutral ? null
                : Who.Partner;
        return place.Control > now.Control ? Who.Me : Who.Partner;
    }

    /// <summary>What it costs to believe that they came from there to here: from top to bottom without a word of how costs.</summary>
    public static double Apart(Place? now, Place place)
    {
        if (now is null || now.Role == Role.Neutral || place.Role == Role.Neutral)
            return 0.2;
        if (now.Position == place.Position)
            return now == place ? 0 : Weights.Of("same-other-way");
        // Who is below enters the legs as well as who is above.
        return now.IsTop == place.IsTop || place.Position.Family == Family.Legs ? 0 : Weights.Of("turned-over");
    }
}
