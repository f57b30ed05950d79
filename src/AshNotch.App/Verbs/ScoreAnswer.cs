using AshNotch.Core.Rolls;
using AshNotch.Core.Scoring;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Verbs;

/// <summary>What <c>score</c> prints.</summary>
internal sealed record ScoreAnswer(string? Rules, IReadOnlyList<ScoreAnswer.RollScored> Rolls)
{
    private const string Level = "level";

    /// <summary>One roll's ledger.</summary>
    internal sealed record RollScored(
        string Id,
        string Rules,
        Total Me,
        Total Partner,
        string Leader,
        string By,
        Held IfHeld,
        IReadOnlyList<FlipShown> Flips,
        IReadOnlyList<LineShown> Lines
    )
    {
        /// <summary>As printed.</summary>
        public static RollScored Of(Roll roll, Ledger ledger) =>
            new(
                roll.Id,
                ledger.Rules.Id,
                Total.Of(ledger.State.Me),
                Total.Of(ledger.State.Partner),
                ledger.Leader is { } leader ? Term.Of(leader) : Level,
                Term.Of(ledger.By),
                new Held(
                    Range.Of(ledger.NotHeld.Me.Points, ledger.State.Me.Points),
                    Range.Of(ledger.NotHeld.Partner.Points, ledger.State.Partner.Points)
                ),
                [.. ledger.Flips.Select(f => new FlipShown(Term.Of(f.By), f.Event, f.Say))],
                [
                    .. ledger.Lines.Select(l => new LineShown(
                        l.Exchange,
                        l.Notch,
                        l.At?.ToString(),
                        Term.Of(l.By),
                        Term.Of(l.For),
                        l.Points,
                        l.Advantages,
                        l.Penalties,
                        l.Why
                    )),
                ]
            );
    }

    /// <summary>What somebody has.</summary>
    internal sealed record Total(int Points, int Advantages, int Penalties)
    {
        /// <summary>As printed.</summary>
        public static Total Of(ScoreTotal total) => new(total.Points, total.Advantages, total.Penalties);
    }

    /// <summary>What the points would be, from nothing held to all held of which nothing says so.</summary>
    internal sealed record Held(Range Me, Range Partner);

    /// <summary>The lowest and the highest.</summary>
    internal sealed record Range(int Low, int High)
    {
        /// <summary>Of two, in order.</summary>
        public static Range Of(int one, int other) => new(Math.Min(one, other), Math.Max(one, other));
    }

    /// <summary>An event that would change who is ahead.</summary>
    internal sealed record FlipShown(string By, string Event, string Say);

    /// <summary>A line of the ledger.</summary>
    internal sealed record LineShown(
        int Exchange,
        int? Notch,
        string? At,
        string By,
        string For,
        int Points,
        int Advantages,
        int Penalties,
        string Why
    );
}
