using AshNotch.Core.Rolls;

namespace AshNotch.Core.Merging;

/// <summary>The partners of a file laid beside those of the log: the same by id, else by nickname.</summary>
internal sealed class ComingPeople
{
    private readonly Dictionary<string, string> here = [];
    private readonly Known known;
    private readonly Dictionary<string, Partner> named = [];
    private readonly Dictionary<string, Partner> called = [];

    public ComingPeople(IReadOnlyList<Partner> coming, Known known)
    {
        this.known = known;
        foreach (var partner in known.Log.Partners)
        {
            named.TryAdd(PersonName.Key(partner.Name), partner);
            foreach (var name in partner.AlsoCalled)
                called.TryAdd(PersonName.Key(name), partner);
        }
        var (partners, ids, names) = (new List<ComingPartner>(), new Dictionary<string, Partner>(), new Dictionary<string, Partner>());
        foreach (var partner in coming)
        {
            var kept = Find(partner);
            // Two of one nickname in the file itself are one partner, too.
            var twin = kept is null ? names.GetValueOrDefault(PersonName.Key(partner.Name)) : ids.GetValueOrDefault(kept.Id);
            here[partner.Id] = kept?.Id ?? twin?.Id ?? partner.Id;
            if (twin is not null)
                continue;
            var laid = Laid(partner, kept);
            partners.Add(laid);
            ids.TryAdd(laid.Partner.Id, laid.Partner);
            names.TryAdd(PersonName.Key(laid.Partner.Name), laid.Partner);
        }
        Partners = partners;
    }

    /// <summary>Those who come in.</summary>
    public IReadOnlyList<ComingPartner> Partners { get; }

    /// <summary>The id under which the log knows a partner of the file, or will.</summary>
    public string? Here(string? id) => id is null ? null : here.GetValueOrDefault(id, id);

    private Partner? Find(Partner coming) =>
        known.Log.Partner(known.MergedInto(coming.Id))
        ?? named.GetValueOrDefault(PersonName.Key(coming.Name))
        ?? called.GetValueOrDefault(PersonName.Key(coming.Name));

    private ComingPartner Laid(Partner coming, Partner? kept)
    {
        if (kept is null)
            return new ComingPartner(coming, null, Standing.New, []);
        // A file that calls one by the name another has here does not make two of one name.
        var isAnothers = named.GetValueOrDefault(PersonName.Key(coming.Name)) is { } other && other.Id != kept.Id;
        var taken = Over(kept, isAnothers ? coming with { Name = kept.Name } : coming);
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

    private static bool Same(string a, string b) => PersonName.IsSame(a, b);
}
