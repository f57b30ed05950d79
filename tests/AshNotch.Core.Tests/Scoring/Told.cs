using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Tests.Scoring;

/// <summary>
/// Rolls in short: notches with | between them, exchanges with ||. A notch is <c>who move from>to</c>, - for no move, ? for no place, and
/// then how it came out where it did not land, +held or -held, seconds as <c>2s</c>, a time as <c>@1:30</c>.
/// </summary>
internal static class Told
{
    public static Roll Roll(
        string told,
        RollKind kind = RollKind.Match,
        double? minutes = null,
        IReadOnlyList<Penalty>? penalties = null
    ) =>
        new()
        {
            Id = "r",
            Kind = kind,
            Minutes = minutes,
            Penalties = penalties ?? [],
            Exchanges = [.. told.Split("||").Select(e => new Exchange { Notches = [.. e.Split('|').Select(Notch)] })],
        };

    public static Ledger Scored(Roll roll, string rules) => Ledger.Of(roll, Rulebook.Shipped.Match(rules, null)!, MatVocabulary.BuiltIn);

    /// <summary><c>3-0</c>, with advantages <c>3-0 a1-0</c>, and who leads by what.</summary>
    public static string Say(Ledger ledger)
    {
        var (me, partner) = (ledger.State.Me, ledger.State.Partner);
        var advantages = me.Advantages + partner.Advantages > 0 ? $" a{me.Advantages}-{partner.Advantages}" : "";
        var penalties = me.Penalties + partner.Penalties > 0 ? $" p{me.Penalties}-{partner.Penalties}" : "";
        var leader = ledger.Leader is { } who ? Term.Of(who) : "level";
        return $"{me.Points}-{partner.Points}{advantages}{penalties} {leader} by {Term.Of(ledger.By)}";
    }

    private static Notch Notch(string told)
    {
        var parts = told.Trim().Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var places = parts[2].Split('>');
        var notch = new Notch
        {
            By = parts[0] == "me" ? Who.Me : Who.Partner,
            Move = parts[1] == "-" ? null : new MoveId(parts[1]),
            From = places[0] == "?" ? null : new PlaceId(places[0]),
            To = places.Length > 1 ? new PlaceId(places[1]) : null,
            Outcome = Outcome.Landed,
        };
        foreach (var more in parts[3..])
            notch =
                more is "+held" or "-held" ? notch with { Held = more[0] == '+' }
                : more[0] == '@' ? notch with { At = RollTime.TryRead(more[1..], out var at) ? at : null }
                : more[^1] == 's' && char.IsDigit(more[0]) ? notch with { HeldSeconds = int.Parse(more[..^1], null) }
                : notch with { Outcome = Term.TryRead<Outcome>(more, out var outcome) ? outcome : throw new ArgumentException(more) };
        return notch;
    }
}
