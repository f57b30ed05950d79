using AshNotch.Core.Rolls;
using AshNotch.Formats;
using AshNotch.Storage.Tables;

namespace AshNotch.Storage;

// The partners, and the one who keeps the log.
public sealed partial class LogStore
{
    /// <summary>The version of a partner that an edit is made from.</summary>
    public int PartnerVersion(string id) => Using(connection => PeopleTables.Version(connection, id));

    /// <summary>That of the page about oneself.</summary>
    public int PractitionerVersion() => Using(connection => Counted.Version(connection, Counted.Practitioner));

    /// <summary>Saves a partner, new or known, the form a known one had kept. Rolls already logged keep the partner as they were.</summary>
    /// <exception cref="FaultyInputException">Another partner goes by that name.</exception>
    /// <exception cref="StorageException">They were merged away, or changed since the version they were made from.</exception>
    public void SavePartner(Partner partner, DateTimeOffset now, int? version = null) =>
        Write(connection =>
        {
            if (PartnerMergeTable.Now(connection, partner.Id) is var kept && kept != partner.Id)
                throw new StorageException(
                    $"They were made one with {PeopleTables.Find(connection, kept)?.Name ?? "another"} meanwhile; nothing was changed.",
                    StorageTrouble.Changed
                );
            Changed.ThrowIfSince(version, PeopleTables.Version(connection, partner.Id));
            if (PeopleTables.Named(connection, partner.Name) is { } other && other.Id != partner.Id)
                throw new FaultyInputException([new Fault("name", $"there is a {other.Name} already; choose another nickname.")]);
            PeopleTables.Save(connection, partner, now);
            return true;
        });

    /// <summary>The forms a partner had, oldest first, and when each was changed.</summary>
    public IReadOnlyList<(DateTimeOffset At, Partner Partner)> PartnerHistory(string id) =>
        Using(connection => HistoryTable.OfPartner(connection, id).Select(f => (f.At, HistoryTable.ReadPartner(f.Document))).ToList());

    /// <summary>Makes two records of one partner one; returns the number by which it is undone.</summary>
    /// <exception cref="StorageException">One of them is not there.</exception>
    public long MergePartners(string gone, string kept, DateTimeOffset now) =>
        Write(connection => PartnerMergeTable.MakeOne(connection, gone, kept, now));

    /// <summary>Takes a merge apart; false when there is none to undo.</summary>
    public bool UndoMerge(long merge, DateTimeOffset now) => Write(connection => PartnerMergeTable.Undo(connection, merge, now));

    /// <summary>The id under which the rolls of a partner are kept now; another than asked where they were merged.</summary>
    internal string PartnerNow(string id) => Using(connection => PartnerMergeTable.Now(connection, id));

    /// <summary>Saves the practitioner.</summary>
    /// <exception cref="StorageException">The page was changed since the version it was made from.</exception>
    public void SavePractitioner(Practitioner practitioner, int? version = null) =>
        Write(connection =>
        {
            Changed.ThrowIfSince(version, Counted.Version(connection, Counted.Practitioner));
            PeopleTables.Save(connection, practitioner);
            Counted.Up(connection, Counted.Practitioner);
            return true;
        });
}
