using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Repertoire;

/// <summary>How easy partners are: in fifths of all steps, by how much more often than theirs one's own moves come off against them.</summary>
internal sealed class PartnerEase
{
    private const int Classes = 5;

    // So many steps of the average partner stand beside those there are, so that one lucky roll makes nobody easy.
    private const double Prior = 20;

    private readonly Dictionary<string, int> share;

    private PartnerEase(Dictionary<string, int> share) => this.share = share;

    /// <summary>Of the partners of some rolls, for one side.</summary>
    public static PartnerEase Of(List<Happening[]> exchanges, Who by)
    {
        var partners = exchanges
            .SelectMany(e => e)
            .Where(h => h.IsTry && h.Logged.Roll.Partner is not null)
            .GroupBy(h => h.Logged.Roll.Partner!)
            .Select(g =>
                (
                    Partner: g.Key,
                    Steps: g.Count(),
                    Net: g.Sum(h =>
                        !h.CameOff ? 0
                        : h.Notch.By == by ? 1
                        : -1
                    )
                )
            )
            .ToList();
        var steps = partners.Sum(p => p.Steps);
        var mean = (double)partners.Sum(p => p.Net) / Math.Max(1, steps);
        var share = new Dictionary<string, int>();
        var before = 0;
        foreach (
            var (partner, own, _) in partners
                .OrderBy(p => (p.Net + Prior * mean) / (p.Steps + Prior))
                .ThenBy(p => p.Partner, StringComparer.Ordinal)
        )
        {
            // Where the middle of their steps lies among all.
            share[partner] = Math.Min(Classes - 1, (int)(Classes * (before + own / 2.0) / steps));
            before += own;
        }
        return new PartnerEase(share);
    }

    /// <summary>The class of a partner, the hardest first; somebody unknown is in none of them.</summary>
    public int Of(string? partner) => partner is not null && share.TryGetValue(partner, out var found) ? found : Classes;
}
