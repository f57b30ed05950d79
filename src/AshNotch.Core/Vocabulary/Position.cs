namespace AshNotch.Core.Vocabulary;

/// <summary>A position such as half guard, before it is said who is where in it. The vocabulary holds each once.</summary>
public sealed class Position
{
    internal Position(string id, string name, Family family, Role holder, ScoredControl? scores, IReadOnlyList<string> names)
    {
        Id = id;
        Name = name;
        Family = family;
        Holder = holder;
        Scores = scores;
        Names = names;
    }

    /// <summary>Lower-case kebab id.</summary>
    public string Id { get; }

    /// <summary>Its name in running text.</summary>
    public string Name { get; }

    /// <summary>The family whose places borrow from each other.</summary>
    public Family Family { get; }

    /// <summary>The role of the one whose position it is called after: the guard player, the one who pins.</summary>
    public Role Holder { get; }

    /// <summary>What holding it from above counts as in points rules, or null.</summary>
    public ScoredControl? Scores { get; }

    /// <summary>Every name and spelling it goes by, its own name included.</summary>
    public IReadOnlyList<string> Names { get; }

    /// <summary>Its places: once for each role in it.</summary>
    public IReadOnlyList<Place> Places { get; private set; } = [];

    /// <summary>The family is a guard, or a passing position before the legs are cleared.</summary>
    public bool IsGuard => Family is Family.ClosedGuard or Family.OpenGuard or Family.HookGuard or Family.HalfGuard or Family.Passing;

    /// <summary>The place in which I have this role, or null where the position has no such role.</summary>
    public Place? As(Role role) => Places.FirstOrDefault(p => p.Role == role);

    /// <inheritdoc/>
    public override string ToString() => Id;

    // Positions and places know each other, so the places are set once both are there.
    internal void Hold(IReadOnlyList<Place> places) => Places = places;
}
