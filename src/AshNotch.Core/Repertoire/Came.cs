using AshNotch.Core.Costs;

namespace AshNotch.Core.Repertoire;

/// <summary>How often something was tried and came off.</summary>
/// <param name="Tried">Tries.</param>
/// <param name="Landed">Those that came off.</param>
public readonly record struct Came(int Tried, int Landed)
{
    /// <summary>The likely range of the share that comes off, four times in five (Wilson).</summary>
    public (double Low, double High) Range => Wilson.Of(Landed, Tried);

    /// <summary>Counts some tries.</summary>
    internal static Came Of(IEnumerable<Happening> tries)
    {
        var all = tries.ToList();
        return new Came(all.Count, all.Count(t => t.CameOff));
    }
}
