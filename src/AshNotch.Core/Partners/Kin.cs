using AshNotch.Core.Rolls;
using AshNotch.Core.Skill;

namespace AshNotch.Core.Partners;

/// <summary>People alike: of about one belt and size beside me, or with a trait in common.</summary>
public static class Kin
{
    // Less than a belt apart, and less than a tenth in weight. The authors' judgement.
    private const double Belts = 0.75;
    private static readonly double Weight = Math.Log(1.12);

    /// <summary>The partners of a log who are like somebody, by id; nobody is of their own kin, and of whom nothing is known has none.</summary>
    public static IReadOnlySet<string> Of(Log log, Partner somebody)
    {
        var gap = Gap.Of(log.Practitioner, somebody);
        if (gap is { Belts: null, Weight: null } && somebody.Traits.Count == 0)
            return new HashSet<string>();
        return log.Partners.Where(p => p.Id != somebody.Id && IsAlike(p)).Select(p => p.Id).ToHashSet();

        bool IsAlike(Partner other)
        {
            if (other.Traits.Intersect(somebody.Traits, StringComparer.OrdinalIgnoreCase).Any())
                return true;
            var theirs = Gap.Of(log.Practitioner, other);
            return (gap.Belts is not null || gap.Weight is not null)
                && Near(gap.Belts, theirs.Belts, Belts)
                && Near(gap.Weight, theirs.Weight, Weight);
        }
    }

    // What is not known of the one asks nothing of the other.
    private static bool Near(double? one, double? other, double within) =>
        one is not { } known || (other is { } theirs && Math.Abs(known - theirs) <= within);
}
