using AshNotch.App.Views;
using AshNotch.Core.Reading;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;
using AshNotch.Storage;

namespace AshNotch.App.Endpoints;

/// <summary>Keeping what was told: one roll or several, with the partners that were met in passing.</summary>
internal static class TellingEndpoints
{
    public static IEndpointRouteBuilder MapTellings(this IEndpointRouteBuilder routes)
    {
        routes
            .MapPut(
                "/api/rolls/{id}/telling",
                (string id, RollTold told, LogCache cache, LogStore store, TimeProvider clock) =>
                {
                    var check = new Checker();
                    if (string.IsNullOrWhiteSpace(told.Text))
                        check.Fault("text", "is empty; tell what happened, even in one line.");
                    var log = cache.Log;
                    var head = RollReading.Read(told.Roll ?? new RollDocument(), id, check, "roll");
                    var read = Told.Of(new ToRead(told.Text, head.Partner, told.Corrections, told.Partners), log, check);
                    var before = log.Rolls.FirstOrDefault(r => r.Roll.Id == id);
                    var session = RollIntake.SessionOf(told.Session, before?.Session, log, check);
                    head = RollIntake.Checked(head, id, before?.Roll, log, check);
                    check.ThrowIfFaulty();

                    var added = new List<Partner>();
                    var rolls = read.Corrected.Select((roll, r) => Kept(read, roll, r, head, added)).ToList();
                    store.SaveRolls(session, added, rolls, clock.GetUtcNow(), told.Draft);
                    var kept = cache.Log;
                    return TypedResults.Ok(
                        new ToldAndKept(
                            [
                                .. rolls.Select(r =>
                                    RollView.Of(kept.Rolls.First(k => k.Roll.Id == r.Id), kept, store.RollHistory(r.Id).Count)
                                ),
                            ],
                            [.. added.Select(LogWriter.Document)]
                        )
                    );
                }
            )
            .WithName("tellRoll")
            .ProducesValidationProblem();
        return routes;
    }

    private static Roll Kept(Told told, ToldRoll read, int index, Roll head, List<Partner> added)
    {
        // Sent twice, it is the same rolls: their ids follow from the first's.
        var id = index == 0 ? head.Id : string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{head.Id}-{index + 1}");
        var exchanges = read.Read.Exchanges.Select(e => e.Exchange).ToList();
        var roll = head with
        {
            Id = id,
            Retelling = told.Text[read.Start..read.End],
            Exchanges = exchanges,
            // A correction can take out the notch that a takeaway was tied to.
            Takeaways =
            [
                .. read.Read.Takeaways.Select(t =>
                    t.Exchange is { } e && t.Notch >= exchanges[e].Notches.Count ? t with { Exchange = null, Notch = null } : t
                ),
            ],
            // A tick beside several rolls says nothing of any one of them.
            Mission =
                told.Read.Count == 1 ? head.Mission
                : head.Mission is null ? null
                : head.Mission with { Checks = [.. head.Mission.Checks.Select(c => c with { Done = null })] },
        };
        if (index > 0)
            roll = roll with { Partner = null, PartnerThen = new PartnerOfTheDay(null, null, null, null) };
        if (told.WithOf(index) is not { } with)
            return roll;
        var partner =
            told.PartnerOf(with) ?? added.FirstOrDefault(p => string.Equals(p.Name, with.Name, StringComparison.OrdinalIgnoreCase));
        if (partner is null && told.IsNew(with))
        {
            partner = new Partner
            {
                Id = $"p-{id}",
                Name = with.Name!,
                Belt = with.Belt,
                Size = with.Size,
            };
            added.Add(partner);
        }
        return roll with { Partner = partner?.Id, PartnerThen = partner?.Today ?? new PartnerOfTheDay(with.Belt, null, null, with.Size) };
    }
}
