using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>What the federation's rules keep the practitioner from, in words.</summary>
internal static class BarredWords
{
    /// <summary>Why a move is barred for them in matches, and in what; null where it is not, or nothing is known of it.</summary>
    public static string? Of(Move move, LogCache cache)
    {
        var me = cache.Named.Practitioner;
        if (me.Belt is null)
            return null;
        var book = Rulebook.Shipped;
        var said = Enum.GetValues<Attire>()
            .Select(worn => (Worn: worn, Said: Allowed.Of(move, book.Usual(worn), Competitor.Of(me.Belt, me.AgeDivision, worn))))
            .Where(a => a.Said.Standing == AllowedStanding.Barred)
            .ToList();
        return said.Count == 0
            ? null
            : $"Barred for you in matches, {string.Join(" and ", said.Select(a => Term.Say(a.Worn)))}: {said[0].Said.Why}.";
    }
}
