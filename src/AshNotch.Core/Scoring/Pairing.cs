using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>The two of a match, as far as their rules ask who they are.</summary>
/// <param name="Me">Me.</param>
/// <param name="Partner">The other.</param>
public sealed record Pairing(Competitor Me, Competitor Partner)
{
    /// <summary>One of the two.</summary>
    public Competitor Of(Who who) => who == Who.Me ? Me : Partner;

    /// <summary>
    /// The two of a roll as they were that day; null where my belt is not known. In a match the other is of my age division, and of my belt
    /// unless told otherwise.
    /// </summary>
    public static Pairing? Of(LoggedRoll logged, Practitioner practitioner)
    {
        var then = practitioner.On(logged.Session.Date);
        return then.Belt is not { } belt
            ? null
            : new Pairing(
                Competitor.Of(belt, then.AgeDivision, logged.Session.Attire),
                Competitor.Of(logged.Roll.PartnerThen.Belt ?? belt, then.AgeDivision, logged.Session.Attire)
            );
    }
}
