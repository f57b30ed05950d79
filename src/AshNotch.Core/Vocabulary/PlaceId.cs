namespace AshNotch.Core.Vocabulary;

/// <summary>
/// The id of a place as the record writes it: <c>position/role</c>, seen from the practitioner, such as <c>half-guard/bottom</c>. It may
/// name a place of the vocabulary or a term of the user's own.
/// </summary>
/// <param name="Value">The id as written.</param>
public readonly record struct PlaceId(string Value)
{
    /// <summary>On the feet, where a roll usually starts.</summary>
    public static PlaceId Standing { get; } = new("standing/neutral");

    /// <summary>The place the partner is in at the same moment. A term of the user's own without a known role mirrors to itself.</summary>
    public PlaceId Mirror
    {
        get
        {
            var slash = Value.LastIndexOf('/');
            if (slash < 0 || !Term.TryRead<Role>(Value[(slash + 1)..], out var role) || role == Role.Neutral)
                return this;
            return new PlaceId(Value[..(slash + 1)] + Term.Of(role.Opposite()));
        }
    }

    /// <summary>The id of a text, or null where there is none.</summary>
    public static PlaceId? Of(string? value) => value is null ? null : new PlaceId(value);

    /// <summary>This place, given as I see it, as <paramref name="who"/> sees it; or the other way round.</summary>
    public PlaceId SeenBy(Who who) => who == Who.Me ? this : Mirror;

    /// <summary>The id as written.</summary>
    public override string ToString() => Value;
}
