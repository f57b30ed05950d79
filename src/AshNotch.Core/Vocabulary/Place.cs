namespace AshNotch.Core.Vocabulary;

/// <summary>Who of the two I am in a place.</summary>
public enum Role
{
    /// <summary>Neither is above the other.</summary>
    Neutral,

    /// <summary>I am above, or hold the place (back control, front headlock).</summary>
    Top,

    /// <summary>I am below, or play the guard.</summary>
    Bottom,

    /// <summary>I attack in a leg entanglement.</summary>
    Attacking,

    /// <summary>I am attacked in a leg entanglement.</summary>
    Defending,
}

/// <summary>A position such as half guard, before it is said who is where in it.</summary>
/// <param name="Id">Lower-case kebab id.</param>
/// <param name="Name">Its name in running text.</param>
/// <param name="Family">The family whose places borrow from each other.</param>
/// <param name="Holder">The role of the one whose position it is called after: the guard player, the one who pins.</param>
/// <param name="Scores">What holding it from above counts as in points rules, or null.</param>
/// <param name="Names">Every name and spelling it goes by, its own name included.</param>
public sealed record Position(string Id, string Name, string Family, Role Holder, string? Scores, IReadOnlyList<string> Names);

/// <summary>A position and my role in it; always seen from the practitioner.</summary>
/// <param name="Id"><c>position/role</c>.</param>
/// <param name="Position">The position.</param>
/// <param name="Role">My role in it.</param>
/// <param name="Mirror">The id of the place the partner is in at the same moment.</param>
/// <param name="Control">From -1 (lost) to 1 (finished), as seen from me. The authors' judgement, for drawing.</param>
/// <param name="BookMine">The book's idea of the chance that a step from here is a move of mine that lands.</param>
/// <param name="BookTheirs">The same for a move of theirs.</param>
public sealed record Place(string Id, Position Position, Role Role, string Mirror, double Control, double BookMine, double BookTheirs)
{
    /// <summary>Whether I am the one the position is called after: my guard, my mount.</summary>
    public bool IsMine => Role != Role.Neutral && Role == Position.Holder;

    /// <summary>The place in words: <c>your half guard</c>, <c>their mount</c>, <c>standing</c>.</summary>
    public string Say => Role == Role.Neutral ? Position.Name : (IsMine ? "your " : "their ") + Position.Name;

    /// <summary>The family is a guard, or a passing position before the legs are cleared.</summary>
    public bool IsGuard => Position.Family is "closed-guard" or "open-guard" or "hook-guard" or "half-guard" or "passing";

    /// <summary>I am above or attacking.</summary>
    public bool IsTop => Role is Role.Top or Role.Attacking;

    /// <summary>I am below or attacked.</summary>
    public bool IsBottom => Role is Role.Bottom or Role.Defending;
}
