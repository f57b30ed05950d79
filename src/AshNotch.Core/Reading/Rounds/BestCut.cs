namespace AshNotch.Core.Reading.Rounds;

/// <summary>
/// The most plausible way to cut a telling into rolls: a walk over its stretches, where each either goes on with the roll that is told or
/// begins another, found by dynamic programming over all of it (Viterbi 1967) with a beam of the best.
/// </summary>
/// <param name="stretches">The stretches.</param>
/// <param name="byHand">Stretches at which the user says that a roll begins, or that none does.</param>
internal sealed class BestCut(IReadOnlyList<Stretch> stretches, IReadOnlyDictionary<int, bool> byHand)
{
    private const int Beam = 32;
    private const int LooksAhead = 10;

    /// <summary>What the user says outweighs all that speaks against it.</summary>
    public const double Surely = 1000;

    /// <summary>The parts of the best cut, in order, and its score in nats.</summary>
    public (IReadOnlyList<Cut> Cuts, double Score) Find()
    {
        var states = new Dictionary<(bool, Person?, bool), Node>
        {
            [(false, null, false)] = new Node(new Cut(0, false, null), null, 0, null, false),
        };
        for (var u = 0; u < stretches.Count; u++)
        {
            var next = new Dictionary<(bool, Person?, bool), Node>();
            void Offer(Node node)
            {
                var key = (node.Cut.IsRoll, node.Cut.Person, node.IsNamed);
                if (!next.TryGetValue(key, out var other) || other.Score < node.Score)
                    next[key] = node;
            }
            foreach (var node in states.Values)
            {
                Offer(
                    node with
                    {
                        Score = node.Score + (node.Cut.IsRoll ? Stay(u, node.Cut.Person) : stretches[u].Aside) + ByHand(u, false),
                        IsNamed = node.IsNamed || node.Cut.IsRoll && IsNamedIn(u, node.Cut.Person),
                    }
                );
                if (node.Cut.IsRoll)
                    Offer(Begin(node, u, false, null, Signs.Of("aside") + stretches[u].Aside - (byHand.ContainsKey(u) ? Surely : 0)));
                foreach (var person in Candidates(u))
                    Offer(Begin(node, u, true, person, Opens(u, person, node) + ByHand(u, true)));
            }
            states = next.Count <= Beam ? next : next.OrderByDescending(n => n.Value.Score).Take(Beam).ToDictionary();
        }
        var best = states.Values.MaxBy(n => n.Score + n.Closing)!;
        var cuts = new List<Cut>();
        for (var node = best; node is not null; node = node.Before)
            cuts.Add(node.Cut);
        cuts.Reverse();
        return (cuts.Count > 1 && cuts[1].First == 0 ? cuts[1..] : cuts, best.Score + best.Closing);
    }

    private Node Begin(Node from, int u, bool isRoll, Person? person, double score) =>
        new(
            new Cut(u, isRoll, person),
            from,
            from.Score + from.Closing + score,
            isRoll ? new Chain(person, from.Rolls) : from.Rolls,
            isRoll
                && (IsNamedIn(u, person) || stretches[u].IsAsBefore || stretches[u].IsAgain || stretches[u] is { IsGo: true, Tells: true })
        );

    // Somebody described is as good as named.
    private bool IsNamedIn(int u, Person? person) =>
        person is null ? stretches[u].IsDescribed : stretches[u].Parts.Any(p => p.Person == person && p.How > PartKind.Beside);

    private double ByHand(int u, bool begins) => byHand.TryGetValue(u, out var said) ? (said == begins ? Surely : -Surely) : 0;

    // Whoever is named here or soon after, and somebody who is not named at all.
    private IEnumerable<Person?> Candidates(int u) =>
        stretches
            .Skip(u)
            .Take(LooksAhead)
            .SelectMany(s => s.Parts)
            .Where(p => p.How > PartKind.Beside)
            .Select(p => (Person?)p.Person)
            .Append(null)
            .Concat(
                (stretches[u].IsAgain || stretches[u].IsGo || stretches[u].IsAsBefore) && u > 0
                    ? stretches.Take(u).TakeLast(LooksAhead).SelectMany(s => s.Parts).Select(p => (Person?)p.Person)
                    : []
            )
            .Distinct();

    private double Opens(int u, Person? person, Node from)
    {
        var stretch = stretches[u];
        var part = person is null ? null : stretch.Parts.FirstOrDefault(p => p.Person == person);
        var others = stretch.Parts.Where(p => p.Person != person).ToList();
        var earlier = Chain.Has(from.Rolls, person);
        var isAnnounced =
            person is not null
            && stretch.IsGo
            && stretches.Skip(Math.Max(0, u - LooksAhead)).Take(Math.Min(u, LooksAhead)).Any(s => s.Announces == person);
        var isSame = from.Rolls is { } last && last.Person == person;
        return stretch.Head
            + Signs.Of("first", from.Rolls is null)
            + Signs.Of("at-once", u == 0)
            + Signs.Of(
                part?.How switch
                {
                    PartKind.Met => "met",
                    PartKind.Lead => "lead",
                    PartKind.Named => "named",
                    PartKind.Bracketed => "bracketed",
                    PartKind.Closing => "closing",
                    PartKind.NotHad => "not-had",
                    PartKind.Beside => "only-beside",
                    _ => person is null ? "nobody" : "unnamed-yet",
                }
            )
            + Signs.Of("described", person is null && stretch.IsDescribed)
            + Signs.Of("stranger", person is null && stretch.IsStranger)
            + Signs.Of("new", part is { How: > PartKind.Beside } && !earlier)
            + Signs.Of("again", stretch.IsAgain && (earlier || person is null))
            + Signs.Of("same", isSame && person is not null && !isAnnounced)
            // "I pulled guard. Oak passed": the name only comes late.
            + Signs.Of("reveals", from is { Cut.IsRoll: true, IsNamed: false } && person is not null && !stretch.IsOpening)
            + Signs.Of("announced", isAnnounced)
            + Signs.Of("as-before", isSame && stretch.IsAsBefore)
            + Signs.Of("rematch", isSame && stretch.IsAgain && part?.How == PartKind.Met)
            + Signs.Of("same-nobody", isSame && person is null && !stretch.IsDescribed)
            + others.Sum(Other);
    }

    private double Stay(int u, Person? person)
    {
        var stretch = stretches[u];
        return stretch.Stay
            + Signs.Of("stay-closing", stretch.Parts.Any(p => p.Person == person && p.How == PartKind.Closing))
            + Signs.Of("stay-named", person is not null && stretch.Parts.Any(p => p.Person == person))
            // Where the user joins two rolls, whoever is named there speaks against nothing.
            + (byHand.ContainsKey(u) ? 0 : stretch.Parts.Where(p => p.Person != person).Sum(Other));
    }

    // Somebody else than the one it is with.
    private static double Other(Part part) =>
        part.How switch
        {
            PartKind.Lead => Signs.Of("stay-other-lead"),
            PartKind.Met => Signs.Of("stay-other-lead") + Signs.Of("stay-other-met"),
            PartKind.Bracketed => Signs.Of("stay-other-bracketed"),
            PartKind.Named => Signs.Of("stay-other-named"),
            _ => 0,
        };

    // Named, once the words of the roll say whom it was with, or that nobody knows the name.
    private sealed record Node(Cut Cut, Node? Before, double Score, Chain? Rolls, bool IsNamed)
    {
        public double Closing => Cut is { IsRoll: true, Person: not null } && !IsNamed ? Signs.Of("never-named") : 0;
    }

    // With whom the rolls so far were, the last first.
    private sealed record Chain(Person? Person, Chain? Before)
    {
        private const int MostRolls = 40;

        public static bool Has(Chain? chain, Person? person)
        {
            // A class has a few dozen rolls at the most.
            for (var looked = 0; chain is not null && looked < MostRolls; chain = chain.Before, looked++)
                if (chain.Person == person)
                    return true;
            return false;
        }
    }
}
