using AshNotch.Core.Chain;
using AshNotch.Core.Costs;
using AshNotch.Core.Skill;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Verbs;

/// <summary><c>weak-spots FILE</c>: the ranking of a log.</summary>
internal static class WeakSpotsVerb
{
    public static int Run(string file, Aim aim, Against against, int? top, MatVocabulary vocabulary, Output output)
    {
        using var stream = output.Open(file);
        var read = LogReader.Read(stream, vocabulary);
        ImportExport.ReportOwnTerms(read.OwnTerms, output);
        var ranking = WeakSpotRanking.Of(read.Log, vocabulary, aim, against);
        var spots = ranking.Spots.Take(top ?? int.MaxValue).Select(WeakSpotsAnswer.Spot.Of);
        var untested = ranking.Untested.Select(WeakSpotsAnswer.Exchange.Of);
        return output.Json(
            new WeakSpotsAnswer(
                WeakSpotsAnswer.Shown(ranking.ValuePerRoll),
                ranking.Rolls,
                ranking.Notches,
                [.. spots],
                [.. untested],
                ranking.LeftOut
            ),
            AnswerJson.Default.WeakSpotsAnswer
        );
    }
}
