using AshNotch.Core.Reading.Clauses;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Claims;

/// <summary>Where a move starts and leads, as far as its clause names places.</summary>
/// <param name="it">The move in its clause.</param>
internal sealed class MovePlaces(MoveUse it)
{
    private readonly Clause clause = it.Clause;

    /// <summary>The names of places that go with the move.</summary>
    public IEnumerable<NameUse> Named => clause.Names.Where(n => n.Found.Position is not null && IsOf(n) && !IsLeftFor(n) && !IsHow(n));

    // "Took my back standing", "opened her guard standing": how, not where to.
    private bool IsHow(NameUse place) =>
        place is { Lead.Length: 0, Found: { Count: 1, Position.Id: "standing" } }
        && place.Found.First >= it.Use.Found.After
        && it.Move.Kind is MoveKind.BackTake or MoveKind.Transition or MoveKind.Pass;

    /// <summary>The places, and what each name may mean, if somebody did it.</summary>
    public (IReadOnlyList<May<Place>> From, IReadOnlyList<May<Place>> To, List<(Found Name, IReadOnlyList<May<Place>> May)> Places) By(
        Who? actor
    )
    {
        IReadOnlyList<May<Place>> from = [],
            to = [];
        var places = new List<(Found, IReadOnlyList<May<Place>>)>();
        foreach (var place in Named)
        {
            // "Swept him into mount", "got to mount with a knee slide".
            var leads =
                Grammar.Is("leading", place.Lead)
                && it.Move.To is not null
                && (place.Found.First > it.Use.Found.First || it.IsMeans && place.Lead is not "in");
            var isFrom =
                Grammar.Is("leaving", place.Lead)
                || place.Lead is "in" && !leads
                || place.Found.First < it.Use.Found.First && !leads
                || it.Move.Kind == MoveKind.Pass && place.Lead.Length == 0;
            var isTo = !isFrom && (leads || place.Lead.Length == 0);
            var may = isTo ? Led(place, actor) : Started(place, actor);
            if (isTo)
                to = may;
            else
                from = may;
            places.Add((place.Found, may));
        }
        return (from, to, places);
    }

    private IReadOnlyList<May<Place>> Led(NameUse place, Who? actor)
    {
        if (place.Owner is null && actor is { } who && Roles.Above(place, clause, it.Words) is null)
        {
            var position = place.Found.Position!;
            if (it.Move.To?.Position == position)
                return [new(it.Move.To.SeenBy(who), 0), new(it.Move.To.SeenBy(who.Other()), 2.5)];
            var holder = position.As(position.Holder)!;
            var role = it.Move.Kind switch
            {
                MoveKind.GuardPull or MoveKind.GuardRecovery => Role.Bottom,
                MoveKind.Escape => holder.IsGuard || position.Id == "turtle" ? Role.Bottom : Role.Top,
                MoveKind.Sweep or MoveKind.Takedown or MoveKind.Pass or MoveKind.BackTake => Role.Top,
                _ => (Role?)null,
            };
            if (role is { } known && position.As(known) is { } there)
                return [new(there.SeenBy(who), 0), new(there.SeenBy(who.Other()), 1.5)];
        }
        return Roles.Of(place, clause, it.Words, actor);
    }

    private IReadOnlyList<May<Place>> Started(NameUse place, Who? actor)
    {
        if (place.Owner is null && actor is { } who && it.Move.From.FirstOrDefault(p => p.Position == place.Found.Position) is { } usual)
            return [new(usual.SeenBy(who), 0), new(usual.SeenBy(who.Other()), 2)];
        return Roles.Of(place, clause, it.Words, actor);
    }

    // "Underhook, to mount": a hold leads nowhere, so who held it went on.
    private bool IsLeftFor(NameUse place) =>
        // "Gave up my back to avoid the armbar": each has a verb of its own.
        place.Lead.Length == 0
            && place.Found.First < it.Use.Found.First
            && clause.Verbs.Any(v => v.Item.First >= place.Found.After && v.Item.First < it.Use.Found.First)
            && clause.Verbs.Any(v => v.Item.First < place.Found.First)
        || it.Move.Stays && !it.Use.IsVerb && place.Lead is "to" or "into" && place.Found.First > it.Use.Found.First;

    // A place belongs to the move it stands next to.
    private bool IsOf(NameUse place)
    {
        var moves = clause.Names.Where(n => n.Found.Move is not null).ToList();
        return moves.Count == 1 || moves.OrderBy(m => Math.Abs(m.Found.First - place.Found.First)).First() == it.Use;
    }
}
