using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Chain;

/// <summary>The places of a chain and the ways between them, without how likely each is.</summary>
public sealed class ChainShape
{
    private readonly int[] first;
    private readonly Dictionary<PlaceId, int> index = [];

    /// <summary>Makes a shape; the exits are put in the order of the places they leave.</summary>
    /// <param name="places">The places, each once.</param>
    /// <param name="exits">The ways between them, by the places' indices.</param>
    public ChainShape(IReadOnlyList<PlaceId> places, IEnumerable<ChainExit> exits)
    {
        Places = places;
        for (var i = 0; i < places.Count; i++)
            index.Add(places[i], i);
        Exits = [.. exits.OrderBy(e => e.From)];
        first = new int[places.Count + 1];
        foreach (var exit in Exits)
            first[exit.From + 1]++;
        for (var i = 0; i < places.Count; i++)
            first[i + 1] += first[i];
    }

    /// <summary>The places.</summary>
    public IReadOnlyList<PlaceId> Places { get; }

    /// <summary>The exits, those of the first place first.</summary>
    public ChainExit[] Exits { get; }

    /// <summary>Where the exits of a place stand among all.</summary>
    public Range Of(int place) => first[place]..first[place + 1];

    /// <summary>The indices of the exits of a place.</summary>
    public IEnumerable<int> ExitsOf(int place) => Enumerable.Range(first[place], first[place + 1] - first[place]);

    /// <summary>The indices of the exits of an exchange, in rising order; none where the chain does not have its place.</summary>
    public int[] ExitsOf(Way way) =>
        IndexOf(way.From) is var place && place >= 0 ? [.. ExitsOf(place).Where(e => Exits[e].Key.IsOf(way))] : [];

    /// <summary>The index of a place, or -1 when the chain does not have it.</summary>
    public int IndexOf(PlaceId place) => index.GetValueOrDefault(place, -1);
}
