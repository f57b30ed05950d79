using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>What a referee keeps in mind of one exchange: where the two are, who shot or pulled, and what was scored without losing control.</summary>
internal sealed class Sequence
{
    private readonly Dictionary<Who, HashSet<ScoredFor>> scored = new() { [Who.Me] = [], [Who.Partner] = [] };
    private readonly HashSet<Who> shots = [];
    private HashSet<Who> shotsBeforePull = [];

    /// <summary>Where the two are, seen from me; null where nobody knows.</summary>
    public Place? Now { get; private set; }

    /// <summary>Who pulled guard since the two stood; null for nobody.</summary>
    public Who? PulledBy { get; private set; }

    /// <summary>Who nearly finished a submission just now, so that the other is caught in it; null for nobody.</summary>
    public Who? Danger { get; set; }

    /// <summary>Who played guard before they came to a place that is neither's; null where nobody knows.</summary>
    public Who? GuardPlayer { get; private set; }

    /// <summary>Somebody shot for a takedown that did not come off.</summary>
    public void Shot(Who by) => shots.Add(by);

    /// <summary>Somebody came to the ground only as they defended the other's shot.</summary>
    public bool OnlyDefended(Who who) => shots.Contains(who.Other()) && !shots.Contains(who);

    /// <summary>Somebody's shot had begun before the other pulled guard.</summary>
    public bool ShotBeforePull(Who who) => shotsBeforePull.Contains(who);

    /// <summary>Somebody scored this already and did not lose control since.</summary>
    public bool HasScored(Who who, ScoredFor what) => scored[who].Contains(what);

    /// <summary>Somebody scores it.</summary>
    public void Score(Who who, ScoredFor what) => scored[who].Add(what);

    /// <summary>What somebody reached came to nothing, so that it may score again.</summary>
    public void Lose(Who who, ScoredFor what) => scored[who].Remove(what);

    /// <summary>Somebody pulled guard.</summary>
    public void Pulled(Who who)
    {
        PulledBy = who;
        shotsBeforePull = [.. shots];
    }

    /// <summary>The two are in another place.</summary>
    /// <param name="to">Where, seen from me.</param>
    /// <param name="by">Who brought it about; null where nobody told.</param>
    /// <param name="lost">What the other loses of theirs by it, where they are still above.</param>
    public void Move(Place to, Who? by, ScoredFor? lost)
    {
        Now = to;
        foreach (var who in scored.Keys)
        {
            var isAbove = to.SeenBy(who) is { IsTop: true, IsGuard: false };
            if (to.Position.Family == Family.Standing || who != by && !isAbove)
                scored[who].Clear();
            else if (who != by && lost is { } control)
                scored[who].Remove(control);
        }
        // Who shoots from the feet after a pull was told of it just so.
        if (to.Position.Family == Family.Standing && by is not null)
        {
            shots.Clear();
            shotsBeforePull.Clear();
            PulledBy = null;
        }
        if (to.IsGuard && to.Role != Role.Neutral)
            GuardPlayer = to.IsBottom ? Who.Me : Who.Partner;
        else if (!to.IsGuard)
            GuardPlayer = null;
    }
}
