using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>The partners of a file laid beside those of the log: the same by id, else by nickname.</summary>
internal sealed class ComingPeople
{
    private readonly Dictionary<string, string> here = [];
    private readonly Known known;

    public ComingPeople(IReadOnlyList<Partner> coming, Known known)
    {
        this.known = known;
        var partners = new List<ComingPartner>();
        foreach (var partner in coming)
        {
            var kept = Find(partner);
            // Two of one nickname in the file itself are one partner, too.
            var twin = partners.FirstOrDefault(p => p.Partner.Id == kept?.Id || (kept is null && IsCalled(p.Partner, partner.Name)));
            here[partner.Id] = kept?.Id ?? twin?.Partner.Id ?? partner.Id;
            if (twin is null)
                partners.Add(Laid(partner, kept));
        }
        Partners = partners;
    }

    /// <summary>Those who come in.</summary>
    public IReadOnlyList<ComingPartner> Partners { get; }

    /// <summary>The id under which the log knows a partner of the file, or will.</summary>
    public string? Here(string? id) => id is null ? null : here.GetValueOrDefault(id, id);

    private Partner? Find(Partner coming) =>
        known.Log.Partner(known.MergedInto(coming.Id))
        ?? known.Log.Partners.FirstOrDefault(p => IsCalled(p, coming.Name))
        ?? known.Log.Partners.FirstOrDefault(p => p.AlsoCalled.Any(n => Same(n, coming.Name)));

    private ComingPartner Laid(Partner coming, Partner? kept)
    {
        if (kept is null)
            return new ComingPartner(coming, null, Standing.New, []);
        var taken = Over(kept, coming);
        var standing = Standings.Of(
            known.WritePartner(kept),
            deleted: false,
            () => known.FormsOfPartner(kept.Id),
            known.WritePartner(taken)
        );
        return new ComingPartner(taken, kept, standing, Differences.Of(kept, taken));
    }

    // What the file does not say is not blanked.
    private static Partner Over(Partner kept, Partner coming) =>
        kept with
        {
            Name = Same(kept.Name, coming.Name) || kept.AlsoCalled.Any(n => Same(n, coming.Name)) ? kept.Name : coming.Name,
            Belt = coming.Belt ?? kept.Belt,
            Stripes = coming.Belt is null ? kept.Stripes : coming.Stripes ?? (coming.Belt == kept.Belt ? kept.Stripes : null),
            WeightKg = coming.WeightKg ?? kept.WeightKg,
            Size = coming.Size ?? kept.Size,
            Traits = coming.Traits.Count > 0 ? coming.Traits : kept.Traits,
            AlsoCalled = [.. kept.AlsoCalled.Union(coming.AlsoCalled, StringComparer.OrdinalIgnoreCase)],
            Notes = coming.Notes.Length > 0 ? coming.Notes : kept.Notes,
        };

    private static bool IsCalled(Partner partner, string name) => Same(partner.Name, name);

    private static bool Same(string a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);
}
