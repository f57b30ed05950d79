namespace AshNotch.Core.Vocabulary;

/// <summary>A position and my role in it, always seen from the practitioner. The vocabulary holds each once.</summary>
public sealed class Place
{
    internal Place(Position position, Role role, double control)
    {
        Id = new PlaceId($"{position.Id}/{Term.Of(role)}");
        Position = position;
        Role = role;
        Control = control;
    }

    /// <summary><c>position/role</c>.</summary>
    public PlaceId Id { get; }

    /// <summary>The position.</summary>
    public Position Position { get; }

    /// <summary>My role in it.</summary>
    public Role Role { get; }

    /// <summary>From -1 (lost) to 1 (finished), as seen from me. The authors' judgement, for drawing.</summary>
    public double Control { get; }

    /// <summary>The place the partner is in at the same moment.</summary>
    public Place Mirror => Position.As(Role.Opposite())!;

    /// <summary>Whether I am the one the position is called after: my guard, my mount.</summary>
    public bool IsMine => Role != Role.Neutral && Role == Position.Holder;

    /// <summary>The place in words: <c>your half guard</c>, <c>their mount</c>, <c>standing</c>.</summary>
    public string Say => Role == Role.Neutral ? Position.Name : (IsMine ? "your " : "their ") + Position.Name;

    /// <summary>The position is a guard, or a passing position before the legs are cleared.</summary>
    public bool IsGuard => Position.IsGuard;

    /// <summary>I am above or attacking.</summary>
    public bool IsTop => Role is Role.Top or Role.Attacking;

    /// <summary>I am below or attacked.</summary>
    public bool IsBottom => Role is Role.Bottom or Role.Defending;

    /// <summary>This place, given as I see it, as <paramref name="who"/> sees it; or the other way round.</summary>
    public Place SeenBy(Who who) => who == Who.Me ? this : Mirror;

    /// <summary>
    /// The place in a sentence about what is done from it: <c>from your half guard</c>, <c>on the feet</c>, <c>in the clinch</c>.
    /// </summary>
    public string SayFrom => Role == Role.Neutral ? Somewhere : $"from {Say}";

    /// <summary>The place in a sentence about being in it: <c>in your half guard</c>, <c>on the feet</c>, <c>in the clinch</c>.</summary>
    public string SayIn => Role == Role.Neutral ? Somewhere : $"in {Say}";

    private string Somewhere => Id == PlaceId.Standing ? "on the feet" : $"in the {Position.Name}";

    /// <inheritdoc/>
    public override string ToString() => Id.Value;
}
