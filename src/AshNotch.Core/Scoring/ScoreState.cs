using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Scoring;

/// <summary>How it stands between the two.</summary>
/// <param name="Me">What I have.</param>
/// <param name="Partner">What the partner has.</param>
public sealed record ScoreState(ScoreTotal Me, ScoreTotal Partner)
{
    /// <summary>As it begins.</summary>
    public static ScoreState Level { get; } = new(ScoreTotal.Nothing, ScoreTotal.Nothing);

    /// <summary>What one of the two has.</summary>
    public ScoreTotal Of(Who who) => who == Who.Me ? Me : Partner;

    /// <summary>With something of one of the two put on top.</summary>
    public ScoreState With(Who who, ScoreTotal more) =>
        who == Who.Me ? this with { Me = Sum(Me, more) } : this with { Partner = Sum(Partner, more) };

    /// <summary>Who is ahead, and by what; nobody where it is level.</summary>
    /// <param name="rules">What decides, in order; a tap and the referee decide nothing here.</param>
    public (Who? Leader, DecidedBy By) Ahead(MatchRules rules)
    {
        foreach (var by in rules.Decided)
        {
            var lead = by switch
            {
                DecidedBy.Points => Me.Points - Partner.Points,
                DecidedBy.Advantages => Me.Advantages - Partner.Advantages,
                DecidedBy.Penalties => Partner.Penalties - Me.Penalties,
                _ => 0,
            };
            if (lead != 0)
                return (lead > 0 ? Who.Me : Who.Partner, by);
        }
        return (null, DecidedBy.None);
    }

    private static ScoreTotal Sum(ScoreTotal one, ScoreTotal more) =>
        new(one.Points + more.Points, one.Advantages + more.Advantages, one.Penalties + more.Penalties);
}
