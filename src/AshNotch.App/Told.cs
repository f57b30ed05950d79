using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App;

/// <summary>A telling that came in, read with all that the log knows: its partners, the user's own names, what was put right.</summary>
public sealed class Told
{
    private readonly IReadOnlyDictionary<string, string> named;
    private readonly Log log;
    private readonly string? chosen;

    private Told(string text, Log log, IReadOnlyDictionary<string, string> named, IReadOnlyList<Correction> corrections, string? first)
    {
        Text = text;
        this.log = log;
        this.named = named;
        chosen = first;
        Corrections = corrections;
        Read = ClassTelling.Read(text, log.Partners, first, log.OwnNames);
        Corrected = Core.Reading.Corrections.Apply(Read, text, corrections);
    }

    /// <summary>The text.</summary>
    public string Text { get; }

    /// <summary>What was put right.</summary>
    public IReadOnlyList<Correction> Corrections { get; }

    /// <summary>The rolls as read.</summary>
    public IReadOnlyList<ToldRoll> Read { get; }

    /// <summary>The rolls with the corrections in them.</summary>
    public IReadOnlyList<ToldRoll> Corrected { get; }

    /// <summary>Reads a telling.</summary>
    /// <param name="toRead">The telling.</param>
    /// <param name="log">The log.</param>
    /// <param name="check">Collects what is wrong.</param>
    public static Told Of(ToRead toRead, Log log, Checker check)
    {
        var text = check.Text(toRead.Text, "text") ?? "";
        var corrections = (toRead.Corrections ?? [])
            .Select(
                (c, i) =>
                    new Correction(
                        check.Text(c.Words, $"corrections[{i}].words") ?? "",
                        c.Occurrence,
                        c.Notch is null ? null : RollReading.Read(c.Notch, check, $"corrections[{i}].notch")
                    )
            )
            .ToList();
        var named = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < (toRead.Partners?.Count ?? 0); i++)
        {
            var (name, partner) = (
                check.Name(toRead.Partners![i].Name, $"partners[{i}].name"),
                check.Name(toRead.Partners[i].Partner, $"partners[{i}].partner") ?? ""
            );
            if (partner.Length > 0 && log.Partners.All(p => p.Id != partner))
                check.Fault($"partners[{i}].partner", "is not among the partners; choose another.");
            if (name is not null)
                named[name] = partner;
        }
        check.ThrowIfFaulty();
        return new Told(text, log, named, corrections, toRead.Partner);
    }

    /// <summary>The partner chosen beside the telling, or null.</summary>
    public Partner? Chosen => log.Partners.FirstOrDefault(p => p.Id == chosen);

    /// <summary>Whom a roll was with by its own words. A mere description does not stand against the partner who was chosen for the first.</summary>
    public ToldPartner? WithOf(int roll) =>
        Read[roll].With is { } with && (with.Name is not null || roll > 0 || Chosen is null) ? with : null;

    /// <summary>The partner meant, or null when there is none in the log.</summary>
    public Partner? PartnerOf(ToldPartner with)
    {
        var id = with.Name is not null && named.TryGetValue(with.Name, out var said) ? said : with.Known;
        return log.Partners.FirstOrDefault(p => p.Id == id);
    }

    /// <summary>Whether somebody is named of whom there is no record and nobody said that none is wanted.</summary>
    public bool IsNew(ToldPartner with) => with.Name is not null && with.Known is null && !named.ContainsKey(with.Name);
}
