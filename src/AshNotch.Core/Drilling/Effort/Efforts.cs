using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using MathNet.Numerics.LinearAlgebra;

namespace AshNotch.Core.Drilling.Effort;

/// <summary>
/// What an hour of drilling is worth by kind of exchange, as past blocks have it: a normal model in which what a focus moved is its hours times
/// a common effect, an effect of its direction and one of its kind, the last two drawn towards none (Gelman and others, Bayesian Data Analysis,
/// ch. 5 and 15: shrinkage in a hierarchical normal model with known variances).
/// </summary>
public sealed class Efforts
{
    /// <summary>So many blocks must speak before anything is said.</summary>
    public const int Enough = 2;

    // Before any block speaks: three weeks of an hour and a half make the odds about a half better, for every kind. How far directions and
    // kinds may lie apart is of the same size. The authors' judgement.
    private const double UsualEffect = 0.1;
    private const double Unsure = 0.1;
    private const double Apart = 0.07;

    // Where in the vector the effects stand: the common one, those of the two directions, and behind them those of the kinds.
    private const int First = 0;
    private const int Kinds = 3;

    private readonly Dictionary<ExchangeKind, int> index;
    private readonly Vector<double> mean;
    private readonly Matrix<double> covariance;

    private Efforts(IReadOnlyList<Moved> moved)
    {
        index = moved.Select(m => m.Kind).Distinct().Index().ToDictionary(k => k.Item, k => Kinds + k.Index);
        var count = Kinds + index.Count;
        Blocks = moved.Select(m => m.Block).Distinct().Count();
        var precision = Matrix<double>.Build.DenseDiagonal(count, 1 / (Apart * Apart));
        precision[First, First] = 1 / (Unsure * Unsure);
        var weighed = Vector<double>.Build.Dense(count);
        weighed[First] = UsualEffect / (Unsure * Unsure);
        foreach (var (_, kind, hours, change, variance) in moved)
        {
            var at = Of(kind);
            foreach (var i in at)
            {
                weighed[i] += hours * change / variance;
                foreach (var j in at)
                    precision[i, j] += hours * hours / variance;
            }
        }
        covariance = precision.Inverse();
        mean = covariance * weighed;
    }

    /// <summary>Nothing was learned yet: every hour is worth the same.</summary>
    public static Efforts None { get; } = new([]);

    /// <summary>How many blocks speak.</summary>
    public int Blocks { get; }

    /// <summary>Enough blocks speak to tell efforts apart; until then all are equal.</summary>
    public bool Speak => Blocks >= Enough;

    /// <summary>The effect that all kinds have in common.</summary>
    public HourEffect Common => Effect([First], 0);

    /// <summary>Learns from past blocks.</summary>
    public static Efforts From(IReadOnlyList<Moved> moved) => moved.Count == 0 ? None : new Efforts(moved);

    /// <summary>The effect on exchanges of a direction.</summary>
    public HourEffect Of(Who by) => Effect([First, At(by)], 0);

    /// <summary>The effect on an exchange.</summary>
    public HourEffect Of(Way way, MatVocabulary vocabulary)
    {
        var kind = ExchangeKind.Of(way, vocabulary);
        // A kind that was never drilled may lie as far from its direction as any.
        return Effect(Of(kind), index.ContainsKey(kind) ? 0 : Apart * Apart);
    }

    private int[] Of(ExchangeKind kind) => index.TryGetValue(kind, out var own) ? [First, At(kind.By), own] : [First, At(kind.By)];

    private static int At(Who by) => by == Who.Me ? 1 : 2;

    private HourEffect Effect(int[] at, double beside) =>
        new(at.Sum(i => mean[i]), Math.Sqrt(at.Sum(i => at.Sum(j => covariance[i, j])) + beside));
}
