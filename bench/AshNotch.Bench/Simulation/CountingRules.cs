using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Bench.Simulation;

/// <summary>What people do without a chain: count.</summary>
internal static class CountingRules
{
    /// <summary>A rate is only looked at from so many attempts on.</summary>
    private const int Enough = 5;

    /// <summary>The rules by name: each puts a log's exchanges in order.</summary>
    public static IReadOnlyList<(string Name, Func<Log, Random, IReadOnlyList<Way>> Order)> All { get; } =
    [
        (
            "most taps",
            (log, _) => [.. Candidates(log).Where(c => c.Way.By == Who.Partner).OrderByDescending(TapsOf(log)).Select(c => c.Way)]
        ),
        (
            "most frequent loss",
            (log, _) => [.. Candidates(log).Where(c => c.Way.By == Who.Partner).OrderByDescending(c => c.Count).Select(c => c.Way)]
        ),
        (
            "worst success rate",
            (log, _) =>
                [
                    .. Candidates(log)
                        .Where(c => c.Way.By == Who.Me)
                        .OrderByDescending(c => c.Attempts >= Enough)
                        .ThenBy(c => (double)c.Count / c.Attempts)
                        .ThenByDescending(c => c.Attempts)
                        .Select(c => c.Way),
                ]
        ),
        ("random", (log, random) => [.. Candidates(log).OrderBy(_ => random.Next()).Select(c => c.Way)]),
    ];

    private static IReadOnlyList<Candidate> Candidates(Log log) => Candidate.Of(Walk.Of(log, MatVocabulary.BuiltIn));

    private static Func<Candidate, int> TapsOf(Log log)
    {
        var taps = log
            .Rolls.SelectMany(r => r.Roll.Notches)
            .Where(n => n is { Outcome: Outcome.Tap, By: Who.Partner, From: not null })
            .GroupBy(n => (n.From!.Value, n.Move))
            .ToDictionary(g => g.Key, g => g.Count());
        return c => taps.GetValueOrDefault((c.Way.From, c.Way.Move));
    }
}
