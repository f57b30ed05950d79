using System.Globalization;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>Tunnel vision: defending one thing and giving another, by the pairs of theirs that come together and by the cause that was told.</summary>
public static class TunnelWords
{
    /// <summary>The cause, as it is offered.</summary>
    public const string Cause = "tunnel vision";

    private const int Most = 5;

    /// <summary>Each in a sentence; empty where nothing says so.</summary>
    /// <param name="theirs">Their moves.</param>
    /// <param name="log">The log.</param>
    /// <param name="vocabulary">The vocabulary.</param>
    public static IReadOnlyList<string> Of(MoveBook theirs, Log log, MatVocabulary vocabulary)
    {
        var pairs = theirs
            .Sheets.SelectMany(s => s.Opens.Select(o => (s.Move, Opens: o)))
            .OrderByDescending(p => p.Opens.Came)
            .Take(Most)
            .Select(p => Pair(p.Move, p.Opens, vocabulary));
        var told = log
            .LiveRolls.SelectMany(r => r.Roll.Notches)
            .Where(n => n.By == Who.Partner && n.Causes.Contains(Cause, StringComparer.OrdinalIgnoreCase))
            .GroupBy(n => NotchWords.Brief(n, vocabulary))
            .Where(g => g.Key.Length > 0)
            .OrderByDescending(g => g.Count())
            .Take(Most)
            .Select(g => $"You put their {g.Key} down to tunnel vision {Times(g.Count())}.");
        return [.. pairs, .. told];
    }

    private static string Pair(MoveId shown, Opening opens, MatVocabulary vocabulary) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"While you defend their {vocabulary.MoveName(shown)}, their {vocabulary.MoveName(opens.Move)} comes off within two steps {Times(opens.Came)} in {opens.Tries}, where {opens.Usual:0.#} would be usual."
        );
}
