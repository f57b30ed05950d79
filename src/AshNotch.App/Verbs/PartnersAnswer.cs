using System.Globalization;
using AshNotch.Core.Partners;
using AshNotch.Core.Repertoire;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Verbs;

/// <summary>What <c>partners</c> prints.</summary>
internal sealed record PartnersAnswer(IReadOnlyList<PartnersAnswer.Dossier> Partners)
{
    /// <summary>One partner.</summary>
    internal sealed record Dossier(
        string Id,
        int Rolls,
        string? Last,
        double LikelyThere,
        IReadOnlyList<BetweenUs> They,
        IReadOnlyList<BetweenUs> Me,
        IReadOnlyList<LearnedMove> Learned,
        IReadOnlyList<Heeded> Watch,
        IReadOnlyList<string> Changed
    )
    {
        /// <summary>As printed.</summary>
        public static Dossier Of(Core.Partners.Dossier dossier, MatVocabulary vocabulary) =>
            new(
                dossier.Partner.Id,
                dossier.Rolls,
                Day(dossier.Last),
                Round(dossier.LikelyThere),
                [.. dossier.They.Select(BetweenUs.Of)],
                [.. dossier.Me.Select(BetweenUs.Of)],
                [.. dossier.Learned.Select(l => LearnedMove.Of(l, dossier.Partner.Name, vocabulary))],
                [.. dossier.Watch.Select(Heeded.Of)],
                dossier.Changed
            );
    }

    /// <summary>What one move from one place does between the two.</summary>
    internal sealed record BetweenUs(
        string From,
        string Move,
        IReadOnlyList<string> To,
        int Landed,
        int Tried,
        double Low,
        double High,
        double? Usual,
        double Expected,
        IReadOnlyList<string> Rolls
    )
    {
        /// <summary>As printed.</summary>
        public static BetweenUs Of(Between between) =>
            new(
                between.Way.From.Value,
                between.Way.Move!.Value.Value,
                [.. between.To.Select(t => t?.Value ?? "tap")],
                between.Came.Landed,
                between.Came.Tried,
                Round(between.Low),
                Round(between.High),
                between.Usual is { } usual ? Round(usual) : null,
                Round(between.PerRoll.Expected),
                between.Rolls
            );
    }

    /// <summary>What was learned.</summary>
    internal sealed record LearnedMove(
        string By,
        string From,
        string Move,
        double Chance,
        Counts Before,
        Counts Lately,
        Counts Elsewhere,
        string? Since,
        string Say
    )
    {
        /// <summary>As printed.</summary>
        public static LearnedMove Of(Learned learned, string name, MatVocabulary vocabulary) =>
            new(
                Term.Of(learned.By),
                learned.Way.From.Value,
                learned.Way.Move!.Value.Value,
                Round(learned.Chance),
                Counts.Of(learned.Before),
                Counts.Of(learned.Lately),
                Counts.Of(learned.Elsewhere),
                Day(learned.Since),
                LearnedWords.Of(learned, name, vocabulary)
            );
    }

    /// <summary>How often something came off.</summary>
    internal sealed record Counts(int Landed, int Tried)
    {
        /// <summary>As printed.</summary>
        public static Counts Of(Came came) => new(came.Landed, came.Tried);
    }

    /// <summary>Something to keep in mind.</summary>
    internal sealed record Heeded(string Kind, string From, string By, string Move, double Worth, string Say)
    {
        /// <summary>As printed.</summary>
        public static Heeded Of(Heed heed) =>
            new(Term.Of(heed.Kind), heed.Way.From.Value, Term.Of(heed.Way.By), heed.Way.Move!.Value.Value, Round(heed.Worth), heed.Say);
    }

    private static double Round(double value) => Math.Round(value, 4);

    private static string? Day(DateOnly? day) => day?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
