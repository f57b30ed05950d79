using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;

namespace AshNotch.Core.Revising;

/// <summary>
/// A kept roll read anew from words that were changed, before anything is changed. What somebody put right by hand stays: a notch whose words
/// still stand is put right again, and one whose words are gone stays as a notch without words.
/// </summary>
/// <param name="Roll">The roll as it would be kept.</param>
/// <param name="Steps">Its notches beside those that stood there before, in order.</param>
/// <param name="Rolls">As how many rolls the words would be read on Log; more than one is worth a word.</param>
public sealed record Reread(Roll Roll, IReadOnlyList<RereadStep> Steps, int Rolls)
{
    /// <summary>Reads it.</summary>
    /// <param name="kept">The roll as it stands.</param>
    /// <param name="text">The telling as it is now.</param>
    /// <param name="book">The names of places and moves, the user's own among them.</param>
    /// <param name="partners">The partners.</param>
    public static Reread Of(Roll kept, string text, Phrasebook book, IReadOnlyList<Partner> partners)
    {
        var before = WholeReading.Of(kept.Retelling ?? "", kept.Partner, book, partners);
        var hand = HandMade.In(kept, before);
        var now = WholeReading.Of(text, kept.Partner, book, partners);
        var exchanges = Placed(now, hand, before);
        var roll = Headed(kept, before, now) with
        {
            Retelling = text,
            Exchanges = exchanges,
            // What was set by hand, or ticked since, stays.
            Mission = before.Mission?.Text == kept.Mission?.Text && now.Mission?.Text != before.Mission?.Text ? now.Mission : kept.Mission,
            Missed =
            [
                .. now.Missed.Where(m => before.Missed.All(b => b.Text != m.Text) || kept.Missed.Any(k => k.Text == m.Text)),
                .. kept.Missed.Where(k => before.Missed.All(b => b.Text != k.Text) && now.Missed.All(m => m.Text != k.Text)),
            ],
            Takeaways =
            [
                .. now.Takeaways.Where(t => !hand.Struck.Contains(t.Text)).Select(t => t.Within(exchanges)),
                .. hand.Takeaways.Select(t => new Takeaway(t.Text)),
            ],
        };
        var byHand = hand.Corrections.Select(c => c.Notch).OfType<Notch>().Concat(hand.Added.Select(a => a.Notch)).ToList();
        return new Reread(roll, RereadStep.Beside(kept, roll, byHand, book.Vocabulary), now.Rolls);
    }

    private static List<Exchange> Placed(WholeReading now, HandMade hand, WholeReading before)
    {
        var stays = hand.Corrections.Where(c => now.Find(c.Words, c.Occurrence) is not null).ToList();
        var exchanges = now.Corrected(stays).Where(e => e.Notches.Count > 0 || e.Start is not null).ToList();
        foreach (var orphan in hand.Corrections.Except(stays).Select(c => c.Notch).OfType<Notch>())
            if (!PutAfter(exchanges, orphan with { Span = null }, Last(now, before, Earlier(before, orphan))))
                exchanges.Add(Alone(orphan with { Span = null }));
        // What stands in an exchange without any words stays together as it was.
        var whole = new Dictionary<Exchange, int>(ReferenceEqualityComparer.Instance);
        foreach (var (notch, after, of) in hand.Added)
        {
            if (PutAfter(exchanges, notch, Last(now, before, after)))
                continue;
            if (!whole.TryGetValue(of, out var at))
            {
                whole[of] = at = exchanges.Count;
                exchanges.Add(of with { Notches = [] });
            }
            exchanges[at] = exchanges[at] with { Notches = [.. exchanges[at].Notches, notch] };
        }
        return exchanges;
    }

    private static Exchange Alone(Notch notch) => new() { Notches = [notch], End = notch.Outcome == Outcome.Tap ? ExchangeEnd.Tap : null };

    private static Notch? Earlier(WholeReading before, Notch notch) =>
        before.Notches.TakeWhile(n => n.Span is not { } s || s.Start < notch.Span!.Value.Start).LastOrDefault();

    // Where the words of a notch stand now.
    private static Span? Last(WholeReading now, WholeReading before, Notch? notch)
    {
        if (notch?.Span is not { } span)
            return null;
        var tie = before.Tied(span, null);
        return now.Find(tie.Words, tie.Occurrence);
    }

    // After the notch of those words and what was put behind it before; false where they are gone.
    private static bool PutAfter(List<Exchange> exchanges, Notch notch, Span? after)
    {
        var at = after is null ? -1 : exchanges.FindIndex(e => e.Notches.Any(n => n.Span == after));
        if (at < 0)
            return false;
        var notches = exchanges[at].Notches.ToList();
        var place = notches.FindIndex(n => n.Span == after) + 1;
        while (place < notches.Count && notches[place].Span is null)
            place++;
        notches.Insert(place, notch);
        exchanges[at] = exchanges[at] with { Notches = notches };
        return true;
    }

    // Only what the words say now and did not say before: the rest may have been put right since.
    private static Roll Headed(Roll kept, WholeReading before, WholeReading now)
    {
        var facts = now.Facts.Where(f => !before.Facts.Any(b => b.Of == f.Of && b.Value == f.Value)).ToList();
        var roll = ToldClass.Headed(kept, facts) with { PartnerThen = ToldClass.Filled(kept.PartnerThen, facts) };
        return kept.Partner is null && now.Partner is { } partner && before.Partner?.Id != partner.Id
            ? roll with
            {
                Partner = partner.Id,
                PartnerThen = ToldClass.Filled(partner.Today, facts),
            }
            : roll;
    }
}
