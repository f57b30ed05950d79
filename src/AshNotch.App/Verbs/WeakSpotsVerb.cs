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
        return output.Json(
            new
            {
                ValuePerRoll = Shown(ranking.ValuePerRoll),
                ranking.Rolls,
                ranking.Notches,
                Spots = ranking
                    .Spots.Take(top ?? int.MaxValue)
                    .Select(s => new
                    {
                        s.Rank,
                        s.From,
                        s.By,
                        s.Move,
                        s.To,
                        GainPerRoll = Shown(s.GainPerRoll),
                        Low = Shown(s.Low),
                        High = Shown(s.High),
                        FirstShare = Shown(s.FirstShare),
                        VisitsPerRoll = Shown(s.VisitsPerRoll),
                        Rate = Shown(s.Rate),
                        s.Count,
                        Partners = s.Partners.Count,
                        s.Rolls,
                        s.Say,
                    }),
                ranking.Untested,
            }
        );
    }

    private static double Shown(double value) => Math.Round(value, 6);
}
