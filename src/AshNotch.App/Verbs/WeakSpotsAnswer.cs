using AshNotch.Core.Costs;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Verbs;

/// <summary>What <c>weak-spots</c> prints.</summary>
internal sealed record WeakSpotsAnswer(
    double ValuePerRoll,
    int Rolls,
    int Notches,
    IReadOnlyList<WeakSpotsAnswer.Spot> Spots,
    IReadOnlyList<WeakSpotsAnswer.Exchange> Untested,
    string? LeftOut
)
{
    /// <summary>A figure as printed, to six digits, nought without a sign.</summary>
    public static double Shown(double value) => Math.Round(value, 6) + 0.0;

    /// <summary>A weak spot.</summary>
    internal sealed record Spot(
        int Rank,
        string List,
        string From,
        string By,
        string? Move,
        IReadOnlyList<string> To,
        double GainPerRoll,
        double Low,
        double High,
        double FirstShare,
        double VisitsPerRoll,
        double Rate,
        int Count,
        int Partners,
        IReadOnlyList<string> Rolls,
        int Supposed,
        string Say
    )
    {
        /// <summary>As printed.</summary>
        public static Spot Of(WeakSpot s) =>
            new(
                s.Rank,
                Term.Of(s.List),
                s.Way.From.Value,
                Term.Of(s.Way.By),
                s.Way.Move?.Value,
                s.To,
                Shown(s.GainPerRoll),
                Shown(s.Low),
                Shown(s.High),
                Shown(s.FirstShare),
                Shown(s.VisitsPerRoll),
                Shown(s.Rate),
                s.Count,
                s.Partners.Count,
                s.Rolls,
                s.Supposed,
                s.Say
            );
    }

    /// <summary>An exchange that was left out.</summary>
    internal sealed record Exchange(string From, string By, string? Move, string? To, int Attempts)
    {
        /// <summary>As printed.</summary>
        public static Exchange Of(Untested u) => new(u.Way.From.Value, Term.Of(u.Way.By), u.Way.Move?.Value, u.Way.To?.Value, u.Attempts);
    }
}
