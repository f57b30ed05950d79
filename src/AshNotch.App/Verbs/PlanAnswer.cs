using System.Globalization;
using AshNotch.Core.Drilling.Choosing;
using AshNotch.Core.Drilling.Plans;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Verbs;

/// <summary>What <c>plan</c> prints.</summary>
internal sealed record PlanAnswer(
    PlanAnswer.BlockShown? Block,
    IReadOnlyList<PlanAnswer.SetShown> Alternatives,
    IReadOnlyList<PlanAnswer.SessionShown> Sessions,
    IReadOnlyList<PlanAnswer.BehindShown> Behind,
    string? None
)
{
    /// <summary>No plan, and why.</summary>
    public static PlanAnswer Nothing(Proposal proposal) => new(null, [], [], Left(proposal), proposal.None);

    /// <summary>As printed.</summary>
    public static PlanAnswer Of(Block block, Proposal proposal, Plan plan, MatVocabulary vocabulary) =>
        new(
            new BlockShown(
                Day(block.Start),
                Day(block.End),
                [
                    .. block.Focuses.Select(f =>
                        FocusShown.Of(f.Way, f.GainPerRoll ?? 0, f.Low ?? 0, f.High ?? 0, WayWords.AsWork(f.Way, vocabulary), f.Why)
                    ),
                ]
            ),
            [
                .. proposal
                    .Sets.Skip(1)
                    .Select(s => new SetShown(
                        [.. s.Focuses.Select(f => FocusShown.Of(f.Way, f.GainPerRoll, f.Low, f.High, f.Say, f.Why))],
                        WeakSpotsAnswer.Shown(s.GainPerRoll),
                        WeakSpotsAnswer.Shown(s.Low),
                        WeakSpotsAnswer.Shown(s.High),
                        s.Why
                    )),
            ],
            [.. plan.Sessions.Select(s => new SessionShown(Day(s.Date), s.Minutes, [.. s.Rounds.Select(RoundShown.Of)], s.Note))],
            Left(proposal),
            plan.None
        );

    private static List<BehindShown> Left(Proposal proposal) => [.. proposal.Behind.Select(b => new BehindShown(b.Say, b.Why))];

    private static string Day(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    /// <summary>The block.</summary>
    internal sealed record BlockShown(string Start, string End, IReadOnlyList<FocusShown> Focuses);

    /// <summary>A focus.</summary>
    internal sealed record FocusShown(
        string From,
        string By,
        string? Move,
        string? To,
        string? Side,
        double GainPerRoll,
        double Low,
        double High,
        string Say,
        string Why
    )
    {
        /// <summary>As printed.</summary>
        public static FocusShown Of(Way way, double gain, double low, double high, string say, string why) =>
            new(
                way.From.Value,
                Term.Of(way.By),
                way.Move?.Value,
                way.To?.Value,
                way.Side is { } side ? Term.Of(side) : null,
                WeakSpotsAnswer.Shown(gain),
                WeakSpotsAnswer.Shown(low),
                WeakSpotsAnswer.Shown(high),
                say,
                why
            );
    }

    /// <summary>Another set that could be chosen.</summary>
    internal sealed record SetShown(IReadOnlyList<FocusShown> Focuses, double GainPerRoll, double Low, double High, string Why);

    /// <summary>What fell behind.</summary>
    internal sealed record BehindShown(string Say, string Why);

    /// <summary>A session.</summary>
    internal sealed record SessionShown(string Date, int Minutes, IReadOnlyList<RoundShown> Rounds, string? Note);

    /// <summary>A round; its step counts from 1, its partners are ids.</summary>
    internal sealed record RoundShown(
        int? Focus,
        int Step,
        string? Start,
        int Minutes,
        int Starts,
        string Say,
        string Asks,
        IReadOnlyList<string> Checks,
        IReadOnlyList<string> With,
        IReadOnlyList<string> Cautions
    )
    {
        /// <summary>As printed.</summary>
        public static RoundShown Of(PlannedRound planned) =>
            new(
                planned.Focus < 0 ? null : planned.Focus,
                (int)planned.Round.Rung + 1,
                planned.Round.Start?.Value,
                planned.Round.Minutes,
                planned.Round.Starts,
                planned.Round.Say,
                planned.Round.Asks,
                planned.Round.Checks,
                [.. planned.With.Select(w => w.Partner)],
                planned.Round.Cautions
            );
    }
}
